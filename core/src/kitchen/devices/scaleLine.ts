const unitsInG: Readonly<Record<string, number>> = { g: 1, kg: 1000, mg: 0.001 };

/**
 * Reads a line of text that a scale on a cable sends: the last number in it with its unit, whatever stands around.
 *
 * @returns g; null for a line without a number with a unit of mass
 */
export function readScaleLine(line: string): number | null {
  let found: number | null = null;
  for (const match of line.matchAll(/([+-]?)\s*(\d+(?:[.,]\d+)?|[.,]\d+)\s*(mg|kg|g)\b/gi)) {
    const [, sign, digits = '', unit = ''] = match;
    const factor = unitsInG[unit.toLowerCase()];
    const value = Number(digits.replace(',', '.'));
    if (factor !== undefined && Number.isFinite(value)) {
      found = (sign === '-' ? -value : value) * factor;
    }
  }
  return found;
}
