import type { SkipReason } from './lineReading';

const headings =
  /^(?:the )?(?:ingredients?|method|directions?|instructions?|preparation|procedure|steps?|notes?|topping|toppings|garnish|to serve|to finish|to garnish|for serving|you(?:'ll)? need|what you need|the dip|dip|dressing|base|tips?|storage|variations?|how to make it|how to|serving)(?: list)?\s*[:\-–]*$/i;
const headingStart = /^(?:for|to make) (?:the |a )?[\p{L} ]{2,40}:?$/iu;
const notes = [
  /https?:\/\/|www\./i,
  /^(?:makes?|yields?|serves|servings?|portions?)\b|^serve \d/i,
  /^(?:about )?\d+(?:\s*[-–]\s*\d+)? (?:servings?|serves|portions?|persons?|people)\b/i,
  /^for \d+(?:\s*[-–]\s*\d+)? (?:servings?|portions?|persons?|people|plates|guests)?\b/i,
  /^(?:prep|preparation|cook|cooking|total|rest|resting|chill|active|ready)(?: time)?\s*(?:in|:)?\s*(?:about )?\d/i,
  /\b(?:kcal|calories|kj)\b/i,
  /^(?:per serving|nutrition)/i,
  /^step \d+(?: of \d+)?\s*[:.]?$/i,
  /[★☆]|\bratings?\b|\breviews?\b|jump to recipe|print recipe/i,
  /^(?:equipment|tools|you will also need|special equipment)\b/i,
  /^(?:keeps?|will keep|store|best before|use by|freeze|source|from|by|adapted|photo|recipe by)\b/i,
  /^(?:tip|note|nb|ps)\b\s*[:.]/i,
];

/** The name a whole line stands for where nothing comes of it, by its shape alone; null for a line worth reading. */
export function skippedByShape(clean: string): SkipReason | null {
  if (clean === '') return 'blank';
  if (!/\p{L}/u.test(clean)) return 'note';
  if (notes.some((pattern) => pattern.test(clean))) return 'note';
  if (headings.test(clean)) return 'heading';
  if (headingStart.test(clean) && !/\d/.test(clean)) return 'heading';
  if (/:$/.test(clean) && !/\d/.test(clean)) return 'heading';
  return null;
}

const verbs =
  'add adjust arrange assemble bake beat begin blanch blend blitz boil bring brush char check chill chop combine cook cool cover crush cut discard do drain drizzle eat empty fill finish fish fold freeze fry garnish give grate grill grind heat keep leave let lift line loosen mash measure melt mix open peel pick pile place pop pour prepare press process pulse purée puree push put reduce refrigerate remove rest return rinse roast rub run save scoop scrape season serve set sieve simmer skim slice slip smooth soak soften spin spoon spread sprinkle squeeze squash start steam stir store strain sweat swirl switch take taste thin tip top toss transfer trim turn warm wash weigh whip whisk whizz wipe wrap'.split(
    ' ',
  );
const verbStart = new RegExp(
  `^(?:then |now |next |and |first |meanwhile |finally |lastly |gently |carefully |slowly |just )*(?:${verbs.join('|')})\\b`,
  'i',
);
const told =
  /\b(?:is|are|was|were|makes|gives|goes|should|until|while|when|everything|everyone|they|done|don't|won't|i|we|you can)\b/i;

/** A line that begins by telling what to do. */
export const beginsWithVerb = (clean: string): boolean => verbStart.test(clean);

/** A line that tells something and lists nothing. */
export function isSentence(clean: string): boolean {
  const words = clean.split(/\s+/).length;
  const sentences = clean.split(/[.!?](?:\s|$)/).filter((part) => part.trim() !== '').length;
  return told.test(clean) || sentences > 1 || (words > 8 && /[.!?]$/.test(clean));
}

/** A line that asks: no list does. */
export const asks = (clean: string): boolean => /\?/.test(clean);
