import { type BodyWord, bodyWords, wordRange } from './bodyWords';
import type { Band } from './targets';

const near = (a: number | null, b: number | null) =>
  a === null || b === null ? a === b : Math.abs(a - b) < 0.05;

/** A body word as a target: its range, open where the words end. */
export function wordBand(from: BodyWord, to: BodyWord = from): Band {
  const first = bodyWords[0];
  const last = bodyWords.at(-1);
  return {
    low: from === first ? null : wordRange(from).low,
    high: to === last ? null : wordRange(to).high,
  };
}

/** Words that a target takes in whole. */
export function wordsIn({ low, high }: Band): BodyWord[] {
  return bodyWords.filter((word) => {
    const band = wordBand(word);
    const above = low === null || (band.low !== null && band.low >= low - 0.05);
    const below = high === null || (band.high !== null && band.high <= high + 0.05);
    return above && below;
  });
}

/**
 * A target after a word is chosen: the word's range; with its neighbour already aimed at, both; chosen again by itself, none.
 *
 * @param band as it is; undefined for no target
 * @returns null for no target any more
 */
export function aimAtWord(band: Band | undefined, word: BodyWord): Band | null {
  if (!band) return wordBand(word);
  const aimed = wordsIn(band);
  const [first = word, last = word] = [aimed[0], aimed.at(-1)];
  const whole = wordBand(first, last);
  const isWords = aimed.length > 0 && near(whole.low, band.low) && near(whole.high, band.high);
  if (!isWords) return wordBand(word);
  if (aimed.length === 1 && first === word) return null;
  const at = bodyWords.indexOf(word);
  if (at === bodyWords.indexOf(first) - 1) return wordBand(word, last);
  if (at === bodyWords.indexOf(last) + 1) return wordBand(first, word);
  return wordBand(word);
}
