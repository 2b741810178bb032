import type { Larder } from '../larder/larder';
import type { ReadPart } from './lineReading';
import type { ReadLine, RecipeReading } from './readRecipe';
import { isOpen } from './understand';

/** What a recipe comes to once its doubts are settled. */
export interface RecipeParts {
  parts: ReadPart[];
  /** Lines of which something is asked and not answered: left out, and said. */
  left: ReadLine[];
  /** Lines that tell how, and notes, in the cook's words. */
  told: string[];
}

/**
 * Gathers what goes in out of a recipe: what is sure and what is left open; a line that still asks something is left out whole.
 * What the lines of the method say of one food goes with it.
 */
export function recipeParts({ lines }: RecipeReading, larder: Larder): RecipeParts {
  const left = lines.filter(({ ask }) => ask.some((question) => !isOpen(question)));
  const parts = lines
    .filter((line) => !left.includes(line))
    .flatMap(({ parts: sure, ask }) => [...sure, ...ask.flatMap(({ part }) => part ?? [])]);
  const told = lines
    .filter(({ skipped }) => skipped === 'step' || skipped === 'note')
    .map(({ text }) => text);
  return { parts: parts.map((part) => withStep(part, parts, told, larder)), left, told };
}

const mostNote = 120;

/** A part with the one step that names it and none of the others, where it says nothing itself of how it is prepared. */
function withStep(
  part: ReadPart,
  all: readonly ReadPart[],
  told: readonly string[],
  larder: Larder,
): ReadPart {
  if (part.note !== undefined) return part;
  const wordOf = ({ ingredient }: ReadPart) =>
    larder.get(ingredient)?.name.toLowerCase().split(/[ ,(]/)[0]?.replace(/s$/, '') ?? '';
  const own = wordOf(part);
  if (own.length < 3) return part;
  const others = all.map(wordOf).filter((word) => word !== own && word.length > 2);
  const names = (line: string, word: string) => new RegExp(`\\b${word}`, 'i').test(line);
  const step = told
    .flatMap((line) => line.split(/(?<=[.;])\s+/))
    .find((line) => names(line, own) && !others.some((word) => names(line, word)));
  return step === undefined || step.length > mostNote ? part : { ...part, note: step };
}
