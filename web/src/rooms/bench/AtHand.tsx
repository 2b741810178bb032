import Box from '@mui/material/Box';
import type { Analysis } from '@cobbet/core/dip/analyse';
import type { BodyName } from '@cobbet/core/mix/bodyMoments';
import { missOf, type Targets } from '@cobbet/core/mix/targets';
import type { ReactNode } from 'react';
import { bodyFigure, wordOf } from '@/components/bodyText';
import { against } from '@/components/SeasoningMark';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const seasonings = [
  { key: 'saltG', word: 'salt' },
  { key: 'acidG', word: 'sour' },
  { key: 'garlicG', word: 'garlic' },
] as const;

/** What the dip comes to in one line, and where something is added: at the thumb on a phone, whatever is scrolled. */
export function AtHand({
  analysis,
  targets,
  eaten,
  children,
}: {
  analysis: Analysis;
  targets: Targets;
  /** The moment it is eaten at. */
  eaten: BodyName;
  children: ReactNode;
}) {
  const { per100g } = analysis;
  const body = analysis[eaten];
  const band = targets[eaten];
  const off = band !== undefined && body !== null && missOf(body, band) !== 0;
  return (
    <Box
      role="region"
      aria-label="At hand"
      sx={{
        ...{
          position: 'sticky',
          bottom: 'calc(68px + env(safe-area-inset-bottom, 0px))',
          zIndex: 3,
          bgcolor: colour.paper,
          px: 1.5,
          pb: 1,
        },
        borderTop: `1px solid ${colour.line}`,
        '@media print': { display: 'none' },
      }}
    >
      <Box
        sx={{
          ...{ display: 'flex', justifyContent: 'space-between', gap: 1, pt: 0.75 },
          ...{ fontSize: typeScale.note, whiteSpace: 'nowrap', overflow: 'hidden' },
        }}
      >
        <Box component="span" sx={{ fontWeight: 700, color: off ? colour.caution : colour.ink }}>
          {wordOf(body)}
          {body !== null && ` ${bodyFigure(body)}`}
        </Box>
        {seasonings.map(({ key, word }) => {
          const wanted = targets[key];
          const how = wanted ? against(per100g[key], wanted) : null;
          const miss = how !== null && how !== 'right';
          return (
            <Box component="span" key={key} sx={{ color: miss ? colour.caution : colour.muted }}>
              {word} {per100g[key].toFixed(2)}
              {miss && ` ${how}`}
            </Box>
          );
        })}
      </Box>
      {children}
    </Box>
  );
}
