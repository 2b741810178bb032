import { kitchenRawYields } from './kitchenRawYields';
import { pulseRawYields } from './pulseRawYields';
import type { RawYield } from './rawYield';
import type { Ingredient } from '../../larder/ingredient';

const tables = new Map<boolean, ReadonlyMap<string, readonly RawYield[]>>();

function byWhatItMakes(skinsOff: boolean): ReadonlyMap<string, readonly RawYield[]> {
  const known = tables.get(skinsOff);
  if (known) return known;
  const table = new Map<string, RawYield[]>();
  for (const one of [...pulseRawYields(skinsOff), ...kitchenRawYields]) {
    table.set(one.to, [...(table.get(one.to) ?? []), one]);
  }
  tables.set(skinsOff, table);
  return table;
}

/**
 * What an ingredient can be made ready from, the usual way first; empty for what is bought as it goes in.
 *
 * @param skinsOff of pulses: their skins are rubbed off
 */
export function rawYieldsTo(
  { kind }: Pick<Ingredient, 'kind'>,
  skinsOff = false,
): readonly RawYield[] {
  return byWhatItMakes(skinsOff).get(kind) ?? [];
}
