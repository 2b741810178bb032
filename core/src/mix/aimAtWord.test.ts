import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { aimAtWord, wordBand, wordsIn } from './aimAtWord';
import { bodyWords, wordRange } from './bodyWords';

const anyWord = fc.constantFrom(...bodyWords);

describe('a word chosen as a target', () => {
  test('is its range, open at the ends of the words', () => {
    expect(aimAtWord(undefined, 'scoops')).toEqual(wordRange('scoops'));
    expect(wordBand('pours').low).toBeNull();
    expect(wordBand('shapes').high).toBeNull();
  });

  test('with its neighbour chosen already is both, and by itself again none', () => {
    const scoops = wordBand('scoops');
    const both = aimAtWord(scoops, 'spreads');
    expect(both).toEqual({ low: wordRange('scoops').low, high: wordRange('spreads').high });
    expect(wordsIn(both ?? scoops)).toEqual(['scoops', 'spreads']);
    expect(aimAtWord(scoops, 'scoops')).toBeNull();
    expect(aimAtWord(scoops, 'packs')).toEqual(wordBand('packs'));
    // one of two chosen again is that one alone
    expect(aimAtWord(both ?? scoops, 'spreads')).toEqual(wordBand('spreads'));
  });

  test('takes the place of a target set by hand', () => {
    expect(aimAtWord({ low: 6.6, high: 7.1 }, 'slumps')).toEqual(wordBand('slumps'));
  });

  test('never leaves an empty target, whatever is chosen in whatever order', () => {
    fc.assert(
      fc.property(fc.array(anyWord, { maxLength: 12 }), (words) => {
        let band: ReturnType<typeof aimAtWord> = null;
        for (const word of words) {
          band = aimAtWord(band ?? undefined, word);
          expect(band?.low ?? -Infinity).toBeLessThan(band?.high ?? Infinity);
          if (band) expect(wordsIn(band)).toContain(word);
        }
      }),
    );
  });
});
