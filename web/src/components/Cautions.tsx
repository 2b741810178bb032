import Box from '@mui/material/Box';
import { cautionBox } from '@/theme/cautionBox';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** Cautions with whose word goes before theirs; nothing where there are none. */
export function Cautions({
  cautions,
  sx = {},
}: {
  cautions: readonly string[];
  sx?: { mt?: number; fontSize?: number };
}) {
  if (cautions.length === 0) return null;
  return (
    <Box sx={{ ...cautionBox, lineHeight: 1.4, fontSize: typeScale.small, ...sx }}>
      {cautions.map((caution) => (
        <Box component="p" key={caution} sx={{ m: 0, mb: 0.75 }}>
          {caution}
        </Box>
      ))}
      <Box component="p" sx={{ m: 0, color: colour.muted }}>
        Usual guidance; follow local codes and, where one applies, your licensed process.
      </Box>
    </Box>
  );
}
