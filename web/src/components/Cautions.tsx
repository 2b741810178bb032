import Box from '@mui/material/Box';
import type { Caution } from '@cobbet/core/safety/cautions';
import { cautionBox } from '@/theme/cautionBox';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const asCaution = (one: string | Caution): Caution =>
  typeof one === 'string' ? { id: one, level: 'care', message: one, from: [] } : one;

/** Cautions with whose word goes before theirs, what is dangerous in bold; nothing where there are none. */
export function Cautions({
  cautions,
  sx = {},
}: {
  cautions: readonly (string | Caution)[];
  sx?: { mt?: number; fontSize?: number };
}) {
  if (cautions.length === 0) return null;
  return (
    <Box sx={{ ...cautionBox, lineHeight: 1.4, fontSize: typeScale.small, ...sx }}>
      {cautions.map(asCaution).map(({ id, level, message }) => (
        <Box
          component="p"
          key={id}
          sx={{
            m: 0,
            mb: 0.75,
            fontWeight: level === 'danger' ? 700 : 400,
            color: level === 'know' ? colour.muted : 'inherit',
          }}
        >
          {message}
        </Box>
      ))}
      <Box component="p" sx={{ m: 0, color: colour.muted }}>
        Usual guidance; follow local codes and, where one applies, your licensed process.
      </Box>
    </Box>
  );
}
