import Box from '@mui/material/Box';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** A quiet mark beside a figure: asked, it says what the figure is, and why it is so. */
export function WhyMark({ of, onAsk }: { of: string; onAsk: () => void }) {
  const words = `What is ${of}, and why?`;
  return (
    <Box
      component="button"
      type="button"
      aria-label={words}
      title={words}
      onClick={onAsk}
      sx={{
        ...{ width: 24, height: 24, p: 0, ml: 0.25, border: 0, borderRadius: '50%' },
        // a line with it is no taller than one without
        ...{ my: '-5px', verticalAlign: 'middle' },
        ...{ bgcolor: 'transparent', color: colour.muted, cursor: 'pointer' },
        ...{ font: 'inherit', fontSize: typeScale.small, lineHeight: 1, flexShrink: 0 },
        '&:hover, &:focus-visible': { color: colour.accent, bgcolor: colour.accentWash },
        '@media print': { display: 'none' },
      }}
    >
      ?
    </Box>
  );
}
