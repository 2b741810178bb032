import Box from '@mui/material/Box';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** Begins a group of rows in the side by side table. */
export function TitleRow({ title, words }: { title: string; words: string }) {
  return (
    <Box role="row" sx={{ borderTop: `2px solid ${colour.ink}`, pt: 0.75, pb: 0.25 }}>
      <Box role="rowheader" sx={{ fontWeight: 700 }}>
        {title}{' '}
        <Box
          component="span"
          sx={{ fontWeight: 400, color: colour.muted, fontSize: typeScale.small }}
        >
          {words}
        </Box>
      </Box>
    </Box>
  );
}
