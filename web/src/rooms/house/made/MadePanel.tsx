'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { leftIn } from '@cobbet/core/book/batch';
import type { KeptPot } from '@cobbet/core/book/batchKeeping';
import Link from 'next/link';
import { Panel } from '@/components/Panel';
import { useMade } from '@/store/useMade';
import { today } from '@/store/today';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { dueWords } from './dueWords';
import { UseByButton } from './UseByButton';

/** Pots of one batch that stand alike count together. */
function together(pots: readonly KeptPot[]) {
  const groups = new Map<string, KeptPot[]>();
  for (const one of pots) {
    const { batch, pot, keeping } = one;
    const left = Math.round(leftIn(pot));
    const key = [batch.id, pot.name, pot.place, keeping.useBy, pot.openedOn ?? '', left].join('|');
    groups.set(key, [...(groups.get(key) ?? []), one]);
  }
  return [...groups].map(([key, all]) => ({ key, all }));
}

/** Dips made here that are still there, what is to be eaten first at the top. */
export function MadePanel() {
  const made = useMade();
  const now = today();
  return (
    <Panel title="Made here" aside="eat first" actions={<UseByButton />}>
      {made.length === 0 && (
        <Typography sx={{ color: 'text.secondary' }}>
          No jar filled yet. When a dip is made, <em>Into jars</em> puts it here with its date.
        </Typography>
      )}
      <Box component="ul" aria-label="Made here" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {together(made).map(({ key, all }) => {
          const [first] = all;
          if (!first) return null;
          const { batch, pot, keeping } = first;
          const { words, near } = dueWords(keeping, now);
          const where = pot.place === 'table' ? 'out on the table' : `in the ${pot.place}`;
          return (
            <Box
              component="li"
              key={key}
              sx={{ borderTop: `1px solid ${colour.line}`, py: 0.75, lineHeight: 1.3 }}
            >
              <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
                <Box
                  component={Link}
                  href={`/house?batch=${encodeURIComponent(batch.id)}`}
                  sx={{ color: colour.ink, fontWeight: 600, minWidth: 0, overflowWrap: 'anywhere' }}
                >
                  {batch.name}
                </Box>
                <Box
                  sx={{
                    ...{ ml: 'auto', textAlign: 'right', fontSize: typeScale.note, flexShrink: 0 },
                    ...{ maxWidth: '55%', color: near ? colour.caution : colour.muted },
                    fontWeight: near ? 700 : 400,
                  }}
                >
                  {words}
                </Box>
              </Box>
              <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
                {all.length > 1 ? `${all.length} × ` : ''}
                {pot.name}, {leftIn(pot).toFixed(0)} g, {where}
                {pot.openedOn === undefined ? '' : ', opened'} · {batch.code}
              </Box>
            </Box>
          );
        })}
      </Box>
    </Panel>
  );
}
