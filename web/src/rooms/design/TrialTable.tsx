'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { DesignTrial, MixtureDesign, TakenResponse } from '@cobbet/core/design/mixtureDesign';
import { takenResponses } from '@cobbet/core/book/designTaken';
import type { Trial } from '@cobbet/core/book/trial';
import type { Dip } from '@cobbet/core/dip/dip';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { money } from '@/components/money';
import { useOnce } from '@/components/useOnce';
import { readingText } from '@/components/reading/readingText';
import { useBook } from '@/store/bookStore';
import { useSettings } from '@/store/useKitchen';
import { beginDesignTrial, planDesignDay, respond } from '@/store/designCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { pointText } from './planWords';
import { ResponseField } from './ResponseField';

/** How far a trial is beside its marks: being made, made, tasted by how many. */
function madeWords({ made, marks }: DesignTrial, liked: Taken | undefined): string {
  if (liked && marks[liked.name] === undefined) return `, tasted by ${liked.n}`;
  if (!made) return '';
  return made.kind === 'run' ? ', being made' : ', made';
}

/** What tastings say of a trial, and of which response. */
interface Taken extends TakenResponse {
  name: string;
}

/** What was read of the bowl a trial was made as, the coldest reading first. */
function readWords({ made }: DesignTrial, trials: ReadonlyMap<string, Trial>): string {
  const kept = made?.kind === 'trial' ? (trials.get(made.id)?.readings ?? []) : [];
  const told = kept.filter(({ leftOut }) => !leftOut);
  const reading = told.findLast(({ when }) => when === 'chilled') ?? told.at(-1);
  if (!reading) return '';
  return `, read ${readingText(reading)}${reading.when === 'chilled' ? ', cold' : ''}`;
}

/** The trials in the order they are made: their mixture, how much it makes, what came of it. */
export function TrialTable({
  design,
  dip,
  names,
  rowNames,
  costOf,
}: {
  design: MixtureDesign;
  dip: Dip;
  names: readonly string[];
  /** What the dip's rows are called. */
  rowNames: readonly string[];
  /** What 100 g of a mixture cost. */
  costOf: (shares: readonly number[]) => number;
}) {
  const router = useRouter();
  const { trials, runs, tastings } = useBook((state) => state.book);
  const { responses, varies } = design;
  const taken = useMemo(
    () => responses.map((one) => takenResponses(design, one, { trials, runs, tastings })),
    [design, responses, trials, runs, tastings],
  );
  const likedAt = responses.findIndex(({ from }) => from === 'likings');
  const likedOf = ({ id }: DesignTrial): Taken | undefined => {
    const told = taken[likedAt]?.get(id);
    return told && { ...told, name: responses[likedAt]?.name ?? '' };
  };
  const { currency } = useSettings();
  const once = useOnce();
  const [open, setOpen] = useState<string | null>(null);
  const plan = async (day: number) => {
    router.push(`/day?plan=${encodeURIComponent(await planDesignDay(design, day))}`);
  };
  const make = async (trial: DesignTrial) => {
    const run = await beginDesignTrial(design.id, dip, trial);
    router.push(`/make?dip=${encodeURIComponent(dip.id)}&run=${encodeURIComponent(run)}`);
  };
  const marksOf = (trial: DesignTrial, at: number) =>
    responses.map(({ name }, i) => (
      <Box key={name} sx={{ display: 'flex', alignItems: 'center', gap: 0.75 }}>
        {responses.length > 1 && (
          <Box aria-hidden sx={{ fontSize: typeScale.small, color: colour.muted }}>
            {name}
          </Box>
        )}
        <ResponseField
          label={`${name} of trial ${at + 1}`}
          y={trial.marks[name] ?? null}
          stands={taken[i]?.get(trial.id)?.y.toFixed(1) ?? '…'}
          onSay={(y) => void respond(design.id, trial.id, name, y)}
        />
      </Box>
    ));
  return (
    <>
      <Box component="ol" aria-label="Trials" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {design.trials.map((trial, at) => (
          <Box
            component="li"
            key={trial.id}
            sx={{ borderTop: `1px solid ${colour.line}`, py: 0.75 }}
          >
            {trial.day !== undefined && trial.day !== design.trials[at - 1]?.day && (
              <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
                <Box component="h3" sx={{ m: 0, fontSize: typeScale.text }}>
                  Day {trial.day}
                </Box>
                <Button size="small" onClick={() => once(() => plan(trial.day ?? 1))}>
                  Plan this day
                </Button>
              </Box>
            )}
            <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1.25 }}>
              <Box sx={{ fontWeight: 700, minWidth: 22 }}>{at + 1}</Box>
              <Box sx={{ flex: '1 1 180px', fontSize: typeScale.note, minWidth: 0 }}>
                {pointText(trial, names, varies)}
                <Box component="span" sx={{ color: colour.muted }}>
                  {' '}
                  · {trial.massG.toFixed(0)} g, {money(10 * costOf(trial.shares), currency)} a kilo
                  {madeWords(trial, likedOf(trial))}
                  {readWords(trial, trials)}
                </Box>
              </Box>
              {responses.length === 1 && marksOf(trial, at)}
              <Button
                size="small"
                aria-expanded={open === trial.id}
                onClick={() => setOpen(open === trial.id ? null : trial.id)}
              >
                Amounts
              </Button>
              <Button size="small" onClick={() => once(() => make(trial))}>
                Make it
              </Button>
            </Box>
            {responses.length > 1 && (
              <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, pl: '32px', mt: 0.25 }}>
                {marksOf(trial, at)}
              </Box>
            )}
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
      {design.trials.every(({ day }) => day === undefined) && (
        <Button size="small" sx={{ mt: 1 }} onClick={() => once(() => plan(1))}>
          Plan a day for them
        </Button>
      )}
    </>
  );
}
