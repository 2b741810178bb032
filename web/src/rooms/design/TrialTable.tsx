'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import InputBase from '@mui/material/InputBase';
import type { DesignTrial, MixtureDesign } from '@cobbet/core/design/mixtureDesign';
import type { Dip } from '@cobbet/core/dip/dip';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { typedNumber } from '@/components/reading/readingText';
import { beginDesignTrial, respond } from '@/store/designCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** What came of a trial, as it is typed; what is no figure is said and changes nothing. */
function Response({
  design,
  trial,
  at,
}: {
  design: MixtureDesign;
  trial: DesignTrial;
  at: number;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? (trial.y === null ? '' : String(trial.y));
  const wrong = shown.trim() !== '' && typedNumber(shown) === null;
  return (
    <InputBase
      value={shown}
      placeholder="…"
      error={wrong}
      inputProps={{
        'aria-label': `${design.response} of trial ${at + 1}`,
        'aria-invalid': wrong,
        inputMode: 'decimal',
        maxLength: 10,
      }}
      onChange={(event) => {
        setTyped(event.target.value);
        const value = typedNumber(event.target.value);
        if (value !== null || event.target.value.trim() === '') {
          void respond(design.id, trial.id, value);
        }
      }}
      onBlur={() => !wrong && setTyped(null)}
      sx={{
        width: 64,
        fontWeight: 700,
        px: 1,
        bgcolor: colour.board,
        borderRadius: '6px',
        outline: wrong ? `2px solid ${colour.caution}` : 'none',
      }}
    />
  );
}

/** The trials in the order they are made: their mixture, how much it makes, what came of it. */
export function TrialTable({
  design,
  dip,
  names,
  rowNames,
}: {
  design: MixtureDesign;
  dip: Dip;
  names: readonly string[];
  /** What the dip's rows are called. */
  rowNames: readonly string[];
}) {
  const router = useRouter();
  const [open, setOpen] = useState<string | null>(null);
  const make = async (trial: DesignTrial) => {
    const run = await beginDesignTrial(dip, trial);
    router.push(`/make?dip=${encodeURIComponent(dip.id)}&run=${encodeURIComponent(run)}`);
  };
  return (
    <Box component="ol" aria-label="Trials" sx={{ m: 0, p: 0, listStyle: 'none' }}>
      {design.trials.map((trial, at) => (
        <Box component="li" key={trial.id} sx={{ borderTop: `1px solid ${colour.line}`, py: 0.75 }}>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1.25 }}>
            <Box sx={{ fontWeight: 700, minWidth: 22 }}>{at + 1}</Box>
            <Box sx={{ flex: '1 1 180px', fontSize: typeScale.note, minWidth: 0 }}>
              {trial.shares
                .map((share, i) => `${names[i] ?? ''} ${(100 * share).toFixed(0)} %`)
                .join(', ')}
              <Box component="span" sx={{ color: colour.muted }}>
                {' '}
                · {trial.massG.toFixed(0)} g
              </Box>
            </Box>
            <Response design={design} trial={trial} at={at} />
            <Button
              size="small"
              aria-expanded={open === trial.id}
              onClick={() => setOpen(open === trial.id ? null : trial.id)}
            >
              Amounts
            </Button>
            <Button size="small" onClick={() => void make(trial)}>
              Make it
            </Button>
          </Box>
          {open === trial.id && (
            <Box component="ul" sx={{ m: 0, mt: 0.5, pl: 4, fontSize: typeScale.note }}>
              {dip.rows.map((row, i) => (
                <li key={row.id}>
                  {trial.amounts.find(({ rowId }) => rowId === row.id)?.amount ?? row.amount}{' '}
                  {rowNames[i]}
                </li>
              ))}
            </Box>
          )}
        </Box>
      ))}
    </Box>
  );
}
