import Box from '@mui/material/Box';
import type { Taste } from '@cobbet/core/readings/tastes';
import { straightScale } from '@/components/scale';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { ComparedTrial } from './useCompared';
import { TitleRow } from './TitleRow';
import { verdictMarks } from './verdictMarks';

const figures: readonly { name: 'saltG' | 'acidG' | 'garlicG'; taste: Taste }[] = [
  { name: 'saltG', taste: 'salt' },
  { name: 'acidG', taste: 'sour' },
  { name: 'garlicG', taste: 'garlic' },
];

/** Salt, sour and garlic across trials, on one scale each, with what was tasted. */
export function SeasoningRows({
  compared,
  grid,
}: {
  compared: readonly ComparedTrial[];
  grid: { display: 'grid'; gridTemplateColumns: string };
}) {
  return (
    <>
      <TitleRow title="In the mouth" words="g per 100 g, and what was tasted" />
      {figures.map(({ name, taste }) => {
        const most = Math.max(0.1, ...compared.map(({ analysis }) => analysis.per100g[name]));
        const x = straightScale([0, most], [0, 74], false);
        return (
          <Box
            role="row"
            key={name}
            sx={{ ...grid, borderTop: `1px solid ${colour.line}`, py: 0.4, alignItems: 'center' }}
          >
            <Box role="rowheader" sx={{ fontSize: typeScale.note }}>
              {taste}
            </Box>
            {compared.map(({ trial, analysis }) => {
              const value = analysis.per100g[name];
              const verdict = trial.tastes[taste];
              const wrong = verdict !== undefined && verdict !== 'right';
              return (
                <Box role="cell" key={trial.id} sx={{ fontSize: typeScale.note, pr: 1.5 }}>
                  <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.75 }}>
                    <svg width={78} height={12} aria-hidden>
                      <line
                        x1={2}
                        x2={76}
                        y1={6}
                        y2={6}
                        stroke={colour.line}
                        strokeWidth={3}
                        strokeLinecap="round"
                      />
                      <line
                        x1={2}
                        x2={2 + x(value)}
                        y1={6}
                        y2={6}
                        stroke={colour.accent}
                        strokeWidth={5}
                        strokeLinecap="round"
                      />
                    </svg>
                    {value.toFixed(2)}
                  </Box>
                  <Box
                    sx={{
                      fontSize: typeScale.small,
                      color: wrong ? colour.caution : colour.muted,
                      fontWeight: wrong ? 700 : 400,
                    }}
                  >
                    {verdict === undefined ? 'not tasted' : `${verdictMarks[verdict]} ${verdict}`}
                  </Box>
                </Box>
              );
            })}
          </Box>
        );
      })}
    </>
  );
}
