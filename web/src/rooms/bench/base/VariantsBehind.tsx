import Button from '@mui/material/Button';
import { colour } from '@/theme/colour';

/** Says how many variants have not got what changed in their base, and opens what it would do there. */
export function VariantsBehind({ behind, onOpen }: { behind: number; onOpen: () => void }) {
  if (behind === 0) return null;
  return (
    <Button size="small" onClick={onOpen} sx={{ p: 0, minHeight: 26, color: colour.caution }}>
      {behind === 1 ? 'A variant has' : `${behind} variants have`} not got what changed here
    </Button>
  );
}
