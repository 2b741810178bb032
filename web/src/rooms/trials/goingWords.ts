import type { AdditionLine } from '@cobbet/core/book/story';
import { reasonWords } from '@/components/reasonWords';
import { shortName } from '@/components/shortName';

/** How an addition went against the plan, in words; nothing where it went as planned. */
export function goingWords(line: AdditionLine, nameOf: (id: string) => string): string {
  const { going, planned, insteadOf, why, times } = line;
  const said = {
    'as planned': '',
    rest: 'the rest of it',
    other: planned === null ? '' : `planned ${planned}`,
    unplanned: times > 1 ? `unplanned, in ${times} goes` : 'unplanned',
    instead:
      insteadOf === null ? 'unplanned' : `instead of ${shortName(nameOf(insteadOf)).toLowerCase()}`,
    'left out': 'left out',
  }[going];
  return [said, why === null ? '' : reasonWords[why]].filter((text) => text !== '').join(': ');
}
