'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Dip } from '@cobbet/core/dip/dip';
import { analyseDip } from '@cobbet/core/dip/analyseDip';
import { trialRowOf } from '@cobbet/core/book/trialParts';
import { later } from '@/components/later';
import Link from 'next/link';
import { useEffect, useMemo, useState } from 'react';
import { bodyText } from '@/components/bodyText';
import { withTool } from '@/components/toolWords';
import { useKitchen } from '@/store/useKitchen';
import { beginRun } from '@/store/runCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { PlateButton } from './PlateButton';

const KeptFree = later(() => import('./KeptFree').then(({ KeptFree }) => KeptFree));
const Staging = later(() => import('./Staging').then(({ Staging }) => Staging));

/** Before the machine is on: what goes in, what it will be, and the way to begin. */
export function StartMaking({
  dip,
  onShown,
}: {
  dip: Dip;
  /** Makes ready what comes next, so that once it is begun a key or a tap is for the first step at once. */
  onShown: () => () => void;
}) {
  useEffect(onShown, [onShown]);
  const kitchen = useKitchen();
  const [busy, setBusy] = useState(false);
  const { rows, parts, conditions, machine, analysis } = useMemo(
    () => analyseDip(dip, kitchen),
    [dip, kitchen],
  );
  const trialRows = useMemo(() => rows.flatMap((row) => trialRowOf(row) ?? []), [rows]);
  const unread = rows.filter(({ error }) => error !== null);
  const begin = async () => {
    setBusy(true);
    await beginRun(dip);
    setBusy(false);
  };
  return (
    <Box sx={{ maxWidth: 720, mx: 'auto', px: { xs: 2, sm: 3 }, py: { xs: 2.5, sm: 5 } }}>
      <Typography variant="h1" sx={{ overflowWrap: 'anywhere' }}>
        {dip.name}
      </Typography>
      {dip.note !== '' && (
        <Typography sx={{ mt: 1, color: 'text.secondary' }}>{dip.note}</Typography>
      )}
      {rows.length === 0 ? (
        <Box sx={{ mt: 3 }}>
          <Typography>Nothing goes in yet. Work it out on the bench first.</Typography>
          <Button
            component={Link}
            href={`/bench?dip=${encodeURIComponent(dip.id)}`}
            variant="contained"
            sx={{ mt: 2 }}
          >
            To the bench
          </Button>
        </Box>
      ) : (
        <>
          <Typography sx={{ mt: 2, fontSize: typeScale.lead }}>
            {rows.length} {rows.length === 1 ? 'addition' : 'additions'} {withTool(machine)}, about{' '}
            {analysis.massG.toFixed(0)} g. Should come out{' '}
            <strong>{bodyText(analysis.freshBody)}</strong>, and chilled{' '}
            <strong>{bodyText(analysis.chilledBody)}</strong>, each ± {analysis.sd.toFixed(1)}.
          </Typography>
          <KeptFree dip={dip} machine={machine} />
          {unread.length > 0 && (
            <Box role="alert" sx={{ mt: 2, color: colour.caution }}>
              Mend on the bench first: {unread.map(({ error }) => error).join(' ')}
            </Box>
          )}
          <Button
            size="large"
            variant="contained"
            disabled={busy || unread.length > 0}
            onClick={() => void begin()}
            sx={{
              mt: 2.5,
              minHeight: 64,
              fontSize: typeScale.lead,
              px: 4,
              width: { xs: '100%', sm: 'auto' },
            }}
          >
            Start making
          </Button>
          <PlateButton rows={trialRows} dip={dip} larder={kitchen.larder} conditions={conditions} />
          <Staging parts={parts} machine={machine} conditions={conditions} />
          <Box component="ol" sx={{ mt: 3, mb: 0, p: 0, listStyle: 'none' }}>
            {rows.map(({ row, ingredient }, index) => (
              <Box
                component="li"
                key={row.id}
                sx={{
                  display: 'grid',
                  gridTemplateColumns: '28px 130px 1fr',
                  borderTop: `1px solid ${colour.line}`,
                  py: 1,
                }}
              >
                <Box sx={{ color: colour.muted }}>{index + 1}</Box>
                <Box sx={{ fontWeight: 700, overflowWrap: 'anywhere' }}>{row.amount}</Box>
                <Box sx={{ minWidth: 0, overflowWrap: 'anywhere' }}>
                  {ingredient?.name ?? row.ingredientId}
                  {row.prep !== '' && (
                    <Box component="span" sx={{ color: colour.muted }}>
                      {' '}
                      · {row.prep}
                    </Box>
                  )}
                </Box>
              </Box>
            ))}
          </Box>
        </>
      )}
    </Box>
  );
}
