import { type AdditionLine, storyOf } from '@cobbet/core/book/story';
import type { Trial } from '@cobbet/core/book/trial';
import { shortName } from '@/components/shortName';
import { goingWords } from './goingWords';

/** What was made otherwise than planned, each in a few words; nothing of trials whose course was not kept. */
export function offPlan({ made, readings }: Trial, nameOf: (id: string) => string): string[] {
  if (!made) return [];
  const lines = storyOf({ ...made, readings }).filter(
    (line): line is AdditionLine => line.kind === 'addition',
  );
  return lines.flatMap((line) => {
    if (line.going === 'as planned' || line.going === 'rest') return [];
    const name = shortName(nameOf(line.ingredientId)).toLowerCase();
    return [`${line.amount} ${name} ${goingWords(line, nameOf)}`];
  });
}
