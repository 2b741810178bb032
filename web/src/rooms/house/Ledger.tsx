'use client';

import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { keptByproducts } from '@cobbet/core/book/byproduct';
import { daysUntil } from '@cobbet/core/book/stock';
import { useBook } from '@/store/bookStore';
import { byproductGone } from '@/store/byproductCommands';
import { today } from '@/store/today';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

function untilWords(days: number): string {
  if (days < 0) return 'past its date: throw it away';
  if (days === 0) return 'today at the latest';
  return days === 1 ? 'by tomorrow' : `within ${days} days`;
}

/** What earlier dips and days left over, each with a next use and a date. */
export function Ledger() {
  const byproducts = useBook((state) => state.book.byproducts);
  const kept = keptByproducts(byproducts.values());
  const gone = [...byproducts.values()].filter((one) => one.gone !== null);
  const thrown = gone.filter((one) => one.gone?.how === 'thrown').length;
  return (
    <Panel title="Left from before" sx={{ mt: 3 }}>
      {kept.length === 0 && (
        <Typography sx={{ color: 'text.secondary' }}>
          Nothing kept. Liquid from cans and pots, zest, whey: a day or “Made ready” puts it here.
        </Typography>
      )}
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {kept.map((one) => {
          const days = daysUntil(one.useBy, today());
          return (
            <Box
              component="li"
              key={one.id}
              sx={{ borderTop: `1px solid ${colour.line}`, py: 0.75, lineHeight: 1.3 }}
            >
              <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
                <strong>
                  {one.amount} {one.unit} {one.what}
                </strong>
                <Box
                  sx={{
                    ml: 'auto',
                    fontSize: typeScale.note,
                    textAlign: 'right',
                    color: days <= 0 ? colour.caution : colour.muted,
                    fontWeight: days <= 0 ? 700 : 400,
                  }}
                >
                  {untilWords(days)}
                </Box>
              </Box>
              <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
                {days >= 0 && `${one.nextUse} · `}from {one.from}
              </Box>
              <Box sx={{ display: 'flex', gap: 1 }}>
                {days >= 0 && (
                  <Button
                    size="small"
                    aria-label={`${one.what} is used`}
                    onClick={() => void byproductGone(one, 'used')}
                  >
                    Used
                  </Button>
                )}
                <Button
                  size="small"
                  aria-label={`${one.what} is thrown away`}
                  onClick={() => void byproductGone(one, 'thrown')}
                >
                  Thrown away
                </Button>
              </Box>
            </Box>
          );
        })}
      </Box>
      {gone.length > 0 && (
        <Box sx={{ fontSize: typeScale.note, color: colour.muted, mt: 0.5 }}>
          So far {gone.length - thrown} used, {thrown} thrown away.
        </Box>
      )}
    </Panel>
  );
}
