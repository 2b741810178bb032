import Button from '@mui/material/Button';
import type { OpenRole } from '@cobbet/core/dip/dip';
import type { Larder } from '@cobbet/core/larder/larder';
import { couldStandIn } from '@cobbet/core/swap/couldStandIn';
import { swaps } from '@cobbet/core/swap/swaps';
import type { SwapQuestion } from '@cobbet/core/swap/swapQuestion';
import { roleNames } from '@/components/roleNames';
import { SayWords } from './SayWords';

/** So many are put side by side to begin with, the nearest of them. */
const firstCompared = 3;

/** Says that a row may be filled by any of a sort, in the cook's words, or that it is settled again. */
export function LeaveOpen({
  question,
  larder,
  open,
  onOpenRole,
}: {
  question: SwapQuestion;
  larder: Larder;
  open: OpenRole | undefined;
  onOpenRole: (open: OpenRole | null) => void;
}) {
  if (open) {
    return (
      <Button size="small" sx={{ justifySelf: 'start', px: 0 }} onClick={() => onOpenRole(null)}>
        Settle it: no longer “{open.said}”
      </Button>
    );
  }
  const role = question.parts[question.index]?.ingredient.role;
  return (
    <SayWords
      ask="Leave it open, and compare"
      first={role ? `any of the ${roleNames[role]}` : 'any'}
      label="What may go in here"
      placeholder="such as any soft green"
      longest={100}
      say="Leave it open"
      onSay={(said) => {
        if (said === '') return;
        const free = { allergens: [], diets: [] };
        const among = couldStandIn(question, { larder: larder.values(), free });
        const near = swaps(question, among, 2 * firstCompared).slice(0, firstCompared);
        onOpenRole({ said, among: near.map(({ ingredient }) => ingredient.id) });
      }}
    />
  );
}
