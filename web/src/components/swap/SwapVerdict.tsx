import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { type KeptSwap, swapVerdicts } from '@cobbet/core/book/keptSwap';
import { judgeSwap } from '@/store/swapCommands';

/** How a swap was, by one tap; the same tapped again takes it back. */
export function SwapVerdict({ swap, name }: { swap: KeptSwap; name: string }) {
  return (
    <Box role="group" aria-label={`How ${name} was`} sx={{ display: 'flex', gap: 0.5 }}>
      {swapVerdicts.map((verdict) => {
        const isOn = swap.verdict === verdict;
        return (
          <Button
            key={verdict}
            size="small"
            variant={isOn ? 'contained' : 'outlined'}
            aria-pressed={isOn}
            onClick={() => void judgeSwap(swap, verdict)}
            sx={{ px: 1, minWidth: 0, minHeight: { xs: 44, sm: 30 }, whiteSpace: 'nowrap' }}
          >
            {verdict}
          </Button>
        );
      })}
    </Box>
  );
}
