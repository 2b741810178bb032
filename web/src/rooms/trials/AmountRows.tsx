import Box from '@mui/material/Box';
import type { ComparedRow } from '@cobbet/core/book/compareTrials';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { TitleRow } from './TitleRow';

/** Additions across trials; what differs from the first column is bold. */
export function AmountRows({
  title,
  empty,
  rows,
  grid,
  nameOf,
}: {
  title?: string;
  empty?: string;
  rows: readonly ComparedRow[];
  grid: { display: 'grid'; gridTemplateColumns: string };
  nameOf: (ingredientId: string) => string;
}) {
  return (
    <>
      {title !== undefined && (
        <TitleRow title={title} words={rows.length === 0 ? (empty ?? '') : ''} />
      )}
      {rows.map(({ key, ingredientId, cells }) => (
        <Box
          role="row"
          key={key}
          sx={{ ...grid, borderTop: `1px solid ${colour.line}`, py: 0.4, alignItems: 'baseline' }}
        >
          <Box role="rowheader" sx={{ pr: 1.5, fontSize: typeScale.note, lineHeight: 1.25 }}>
            {nameOf(ingredientId)}
            {!key.endsWith(' 1') && ', once more'}
          </Box>
          {cells.map((cell, i) => {
            const differs = title !== undefined && i > 0 && cell?.amount !== cells[0]?.amount;
            return (
              <Box role="cell" key={i} sx={{ fontSize: typeScale.note, pr: 1.5 }}>
                {cell === null ? (
                  <Box
                    component="span"
                    sx={{
                      color: differs ? colour.accent : colour.muted,
                      fontWeight: differs ? 700 : 400,
                    }}
                  >
                    none
                  </Box>
                ) : (
                  <>
                    <Box
                      component="span"
                      sx={{
                        fontWeight: differs ? 700 : 400,
                        color: differs ? colour.accent : undefined,
                      }}
                    >
                      {cell.amount}
                    </Box>{' '}
                    <Box
                      component="span"
                      sx={{ fontSize: typeScale.small, color: colour.muted, whiteSpace: 'nowrap' }}
                    >
                      {cell.gPer100g.toFixed(cell.gPer100g < 2 ? 2 : 1)} in 100 g
                    </Box>
                  </>
                )}
              </Box>
            );
          })}
        </Box>
      ))}
    </>
  );
}
