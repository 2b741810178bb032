import type { Amount, Measure, Unit } from './amount';

const glyphs: readonly [number, string][] = [
  [1 / 8, '⅛'],
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [3 / 8, '⅜'],
  [1 / 2, '½'],
  [5 / 8, '⅝'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
  [7 / 8, '⅞'],
];

/** Units written in figures, not in kitchen fractions. */
const decimalUnits = new Set<Unit>(['mg', 'g', 'kg', 'ml', 'cl', 'dl', 'l']);

/**
 * Prints a number as a cook writes it: kitchen fractions as one glyph, otherwise up to four decimals.
 *
 * @param value ≥ 0
 * @param decimals true for figures only (`0.5`), false for fractions (`½`)
 */
export function printNumber(value: number, decimals = false): string {
  const whole = Math.floor(value + 1e-9);
  const rest = value - whole;
  if (!decimals && rest > 1e-9) {
    const glyph = glyphs.find(([share]) => Math.abs(share - rest) < 1e-6)?.[1];
    if (glyph) return whole === 0 ? glyph : `${whole}${glyph}`;
  }
  return String(Number(value.toFixed(4)));
}

const plurals: Partial<Record<Unit, string>> = {
  cup: 'cups',
  pint: 'pints',
  quart: 'quarts',
  pinch: 'pinches',
  dash: 'dashes',
  splash: 'splashes',
  drizzle: 'drizzles',
  glug: 'glugs',
  squeeze: 'squeezes',
  grind: 'grinds',
  grating: 'gratings',
  drop: 'drops',
  handful: 'handfuls',
  can: 'cans',
  bunch: 'bunches',
};

const irregularPlurals: Record<string, string> = { leaf: 'leaves', half: 'halves' };

/** The plural of a piece word where the number is above one. */
export function pieceWord(piece: string, count: number): string {
  if (!(count > 1) || piece === 'cm') return piece;
  const irregular = irregularPlurals[piece];
  if (irregular) return irregular;
  if (/[^aeiou]y$/.test(piece)) return piece.replace(/y$/, 'ies');
  return /(?:ato|ch|sh|s|x)$/.test(piece) ? `${piece}es` : `${piece}s`;
}

function printMeasure(measure: Measure): string {
  const { unit, low, high, packageSize } = measure;
  const decimals = decimalUnits.has(unit);
  const number =
    low === high
      ? printNumber(low, decimals)
      : `${printNumber(low, decimals)}–${printNumber(high, decimals)}`;
  const words: string[] = [number];
  if (measure.part) {
    return [
      measure.part,
      'of',
      number,
      ...(measure.size ? [measure.size] : []),
      pieceWord(measure.piece ?? '', high),
    ].join(' ');
  }
  if (packageSize) {
    const size = `${printNumber(packageSize.value, true)} ${packageSize.unit === 'floz' ? 'fl oz' : packageSize.unit}`;
    return `${number} x ${size} ${high > 1 ? 'cans' : 'can'}`;
  }
  if (measure.fill && measure.fill !== 'chopped') words.push(measure.fill);
  if (measure.size) words.push(measure.size);
  if (unit === 'piece') {
    if (measure.piece) words.push(pieceWord(measure.piece, high));
  } else if (unit === 'floz') words.push('fl oz');
  else words.push(high > 1 ? (plurals[unit] ?? unit) : unit);
  if (measure.fill === 'chopped') words.push(measure.fill);
  return words.join(' ');
}

/**
 * Prints an amount so that parseAmount reads the same amount again.
 *
 * @param amount the amount
 * @returns kitchen text such as `1½ cups + 2 tbsp`
 */
export function printAmount(amount: Amount): string {
  return amount.kind === 'toTaste' ? 'to taste' : amount.terms.map(printMeasure).join(' + ');
}

/** Grams with as many figures as a kitchen scale is worth: whole above 20 g, tenths above 2 g, else hundredths. */
export function printGrams(massG: number): string {
  const decimals = massG >= 20 ? 0 : massG >= 2 ? 1 : 2;
  return `${Number(massG.toFixed(decimals))} g`;
}
