/** A piece of an amount's text; `tight` means nothing stood between it and the token before. */
export interface Token {
  kind: 'number' | 'word' | 'sign';
  text: string;
  value: number;
  tight: boolean;
}

const vulgar: Record<string, string> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅐': '1/7',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅑': '1/9',
  '⅒': '1/10',
};

/**
 * A comma before exactly three digits, or a point before three that end in nought, is for thousands only where a thousand is a
 * usual amount: nobody weighs a gram to the milligram, or writes its last nought.
 */
const thousandsUnits = /^\s*(?:g|gr|grams?|grammes?|ml|mg)\b/i;

function plainText(text: string): string {
  return text
    .replace(/[‐‑‒–—−]/g, '-')
    .replace(/(-?)([½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅐⅛⅜⅝⅞⅑⅒])/g, (_, dash: string, glyph: string) =>
      dash === '' ? ` ${vulgar[glyph] ?? glyph} ` : `-${vulgar[glyph] ?? glyph} `,
    )
    .replace(/⁄/g, '/')
    .replace(/[×✕*]/g, 'x')
    .replace(/\p{Zs}/gu, ' ')
    .replace(/\s*\/\s*/g, '/');
}

/**
 * Cuts an amount into numbers, words and signs. Vulgar fractions, dashes and multiplication signs are brought to
 * one spelling; a decimal comma is read as a decimal point.
 *
 * @param text what the cook wrote
 * @returns the tokens in order; characters that mean nothing here come back as signs of their own
 */
export function tokens(text: string): Token[] {
  const source = plainText(text);
  const pattern = /(\d+(?:[.,]\d+)?|[.,]\d+)|(\p{L}[\p{L}'’]*\.?)|(\S)/gu;
  const found: Token[] = [];
  let end = 0;
  for (const match of source.matchAll(pattern)) {
    const [raw, number, word] = match;
    const tight = match.index === end && end > 0;
    end = match.index + raw.length;
    if (number !== undefined) {
      const thousands =
        /^[1-9]\d{0,2}(?:,\d{3}|\.\d\d0)$/.test(number) && thousandsUnits.test(source.slice(end));
      const value = Number(thousands ? number.replace(/[.,]/, '') : number.replace(',', '.'));
      found.push({ kind: 'number', text: raw, value, tight });
    } else {
      found.push({
        kind: word === undefined ? 'sign' : 'word',
        text: raw.replace(/\.$/, '') || raw,
        value: NaN,
        tight,
      });
    }
  }
  return found;
}
