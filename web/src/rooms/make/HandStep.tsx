import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ByHand } from '@cobbet/core/advise/byHand';
import type { Addition } from '@cobbet/core/proposal/edit';
import { consequenceWords } from '@/components/proposalWords';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { said } from './NextCard';

/** What the hand mends, or a little more of one thing by taste. */
export function HandStep({
  one: { why, add, proposal },
  nameOf,
  onAdd,
}: {
  one: ByHand;
  nameOf: (id: string) => string;
  onAdd: (add: readonly Addition[]) => void;
}) {
  const words = consequenceWords(proposal.consequences);
  return (
    <Box
      role="status"
      sx={{
        borderLeft: `5px solid ${colour.caution}`,
        pl: 1.5,
        py: 0.5,
        mb: 1,
        display: 'grid',
        gap: 0.75,
      }}
    >
      <Box sx={{ fontSize: typeScale.lead, fontWeight: 700 }}>{why}</Box>
      {add.length > 0 && (
        <>
          {words.length > 0 && <Box sx={{ color: colour.muted }}>{words.join(' · ')}</Box>}
          <Button
            variant="outlined"
            sx={{ minHeight: 48, justifySelf: 'start' }}
            onClick={() => onAdd(add)}
          >
            {said(add, nameOf, ' and ')} is in
          </Button>
        </>
      )}
    </Box>
  );
}
