import Box from '@mui/material/Box';
import type { PanelResult } from '@cobbet/core/taste/panelResult';
import { Panel } from '@/components/Panel';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { chance } from './saidWords';

/** Every two pots against each other, and all of them at once. */
export function Differences({
  panel: { pairs, friedman },
  nameOf,
}: {
  panel: PanelResult;
  nameOf: (code: string) => string;
}) {
  if (pairs.length === 0) return null;
  return (
    <Panel title="Do they differ?">
      {friedman && (
        <Box sx={{ mb: 0.5 }}>
          All of them at once: {chance(friedman.p)} (Friedman{friedman.exact ? ', exact' : ''}).
        </Box>
      )}
      <Box
        component="table"
        sx={{ borderCollapse: 'collapse', fontSize: typeScale.note, width: '100%' }}
      >
        <thead>
          <tr>
            {['liked more by', 'points', 'by itself', 'all pairs counted'].map((title) => (
              <Box
                component="th"
                scope="col"
                key={title}
                sx={{ textAlign: 'left', fontWeight: 400, color: colour.muted, pr: 1.5 }}
              >
                {title}
              </Box>
            ))}
          </tr>
        </thead>
        <tbody>
          {[...pairs]
            .sort((a, b) => a.p - b.p)
            .map(({ a, b, difference, n, p, adjusted }) => {
              const [more, less] = difference >= 0 ? [a, b] : [b, a];
              return (
                <Box
                  component="tr"
                  key={`${a} ${b}`}
                  sx={{ borderTop: `1px solid ${colour.line}` }}
                >
                  <Box component="td" sx={{ py: 0.5, pr: 1.5, overflowWrap: 'anywhere' }}>
                    {nameOf(more)} over {nameOf(less)}
                  </Box>
                  <Box component="td" sx={{ pr: 1.5, whiteSpace: 'nowrap' }}>
                    {Math.abs(difference).toFixed(1)}, {n} tasters
                  </Box>
                  <Box component="td" sx={{ pr: 1.5, whiteSpace: 'nowrap' }}>
                    {chance(p)}
                  </Box>
                  <Box
                    component="td"
                    sx={{ whiteSpace: 'nowrap', fontWeight: adjusted <= 0.05 ? 700 : 400 }}
                  >
                    {chance(adjusted)}
                  </Box>
                </Box>
              );
            })}
        </tbody>
      </Box>
      <Box sx={{ fontSize: typeScale.small, color: colour.muted, mt: 0.5 }}>
        Exact permutation of each taster’s own difference; all pairs counted by Holm.
      </Box>
    </Panel>
  );
}
