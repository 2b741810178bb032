import Box from '@mui/material/Box';
import type { PanelResult } from '@cobbet/core/taste/panelResult';
import type { JarName, Tasting } from '@cobbet/core/taste/tasting';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { jarWords, sideWords } from '../jarWords';
import { chance } from './saidWords';

/** How many find it short, right and over. */
function counts({ marks }: Tasting, code: string, name: JarName) {
  const given = marks.flatMap((mark) => (mark.code === code ? (mark.jar?.[name] ?? []) : []));
  const of = (test: (mark: number) => boolean) => given.filter(test).length;
  return {
    n: given.length,
    low: of((mark) => mark < 3),
    right: of((mark) => mark === 3),
    high: of((mark) => mark > 3),
  };
}

/** What a side costs in liking, where enough stand there. */
function costWords(panel: PanelResult, code: string, name: JarName): string {
  return panel.penalties
    .filter(({ sample, attribute, drop }) => sample === code && attribute === name && drop !== null)
    .map(({ side, drop, p, n }) => {
      const by = drop ?? 0;
      const liked = by >= 0 ? `liked ${by.toFixed(1)} less` : `liked ${(-by).toFixed(1)} more`;
      return `${sideWords(name)[side]}: ${liked} by ${n}${p === null ? '' : ` (${chance(p)})`}`;
    })
    .join('; ');
}

/** Of one pot: who finds what short, right and over, and what that costs in liking. */
export function JarBars({
  tasting,
  panel,
  code,
  title,
}: {
  tasting: Tasting;
  panel: PanelResult;
  code: string;
  title: string;
}) {
  const rows = tasting.asks.jar.flatMap((name) => {
    const own = counts(tasting, code, name);
    return own.n === 0 ? [] : [{ name, ...own }];
  });
  if (rows.length === 0) return null;
  return (
    <Box component="section" aria-label={`Just right, ${title}`} sx={{ minWidth: 0 }}>
      <Box sx={{ fontWeight: 700, mb: 0.5, overflowWrap: 'anywhere' }}>{title}</Box>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {rows.map(({ name, n, low, right, high }) => {
          const cost = costWords(panel, code, name);
          const words = sideWords(name);
          const parts = [
            { what: words.low, count: low, fill: colour.cautionWash, ink: colour.caution },
            { what: 'right', count: right, fill: colour.band, ink: colour.ink },
            { what: words.high, count: high, fill: colour.cautionWash, ink: colour.caution },
          ];
          return (
            <Box component="li" key={name} sx={{ mb: 1 }}>
              <Box
                sx={{
                  display: 'grid',
                  gridTemplateColumns: '64px minmax(0, 1fr)',
                  gap: 1,
                  alignItems: 'center',
                }}
              >
                <Box sx={{ fontSize: typeScale.note }}>{jarWords[name].name}</Box>
                <Box
                  sx={{ display: 'flex', height: 24, gap: '2px' }}
                  role="img"
                  aria-label={`${jarWords[name].name}: ${parts.map(({ what, count }) => `${count} ${what}`).join(', ')}`}
                >
                  {parts.map(({ what, count, fill, ink }, i) =>
                    count === 0 ? null : (
                      <Box
                        key={what}
                        title={`${count} of ${n} ${what}`}
                        sx={{
                          flex: `${count} 1 0`,
                          minWidth: 0,
                          overflow: 'hidden',
                          whiteSpace: 'nowrap',
                          textOverflow: 'clip',
                          textAlign: i === 0 ? 'left' : i === 1 ? 'center' : 'right',
                          px: 0.5,
                          lineHeight: '24px',
                          fontSize: typeScale.small,
                          bgcolor: fill,
                          color: ink,
                          fontWeight: i === 1 ? 400 : 700,
                        }}
                      >
                        {count} {count / n > 0.28 ? what : ''}
                      </Box>
                    ),
                  )}
                </Box>
              </Box>
              {cost !== '' && (
                <Box sx={{ ml: '72px', fontSize: typeScale.small, color: colour.muted }}>
                  {cost}
                </Box>
              )}
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}
