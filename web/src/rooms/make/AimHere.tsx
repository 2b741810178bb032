import Box from '@mui/material/Box';
import { bodyFigure } from '@/components/bodyText';
import { typeScale } from '@/theme/typeScale';

/**
 * What is still to come moves the bowl: where to stop now, so that it ends where it should.
 *
 * @param aim by how much the rest stiffens it, negative where it loosens it
 * @param next body once this addition is in
 */
export function AimHere({ aim, next }: { aim: number; next: number }) {
  const size = Math.abs(aim).toFixed(1);
  return (
    <Box role="note" sx={{ mb: 2, fontSize: { xs: typeScale.lead, sm: typeScale.large } }}>
      <strong>
        Leave it {Math.abs(aim) > 1 ? 'well' : 'a little'} on the {aim > 0 ? 'loose' : 'stiff'}{' '}
        side:
      </strong>{' '}
      the rest will {aim > 0 ? 'stiffen' : 'loosen'} it by {size} body, from {bodyFigure(next)} now
      to {bodyFigure(next + aim)} at the end.
    </Box>
  );
}
