import { csvRows } from './csvRows';

function figure(row: Record<string, string>, column: string): number | null {
  const text = row[column] ?? '';
  if (text === '') return null;
  const value = Number(text);
  if (!Number.isFinite(value)) throw new Error(`${row['id']}, ${column}: “${text}” is no number`);
  return value;
}

function needed(row: Record<string, string>, column: string): number {
  const value = figure(row, column);
  if (value === null) throw new Error(`${row['id']} has no ${column}`);
  return value;
}

/**
 * Reads the table of yields: what a raw thing gives, low–typical–high, by id.
 *
 * @throws Error naming the row and column when a figure is none
 */
export function yieldsFromCsv(csv: string) {
  return Object.fromEntries(
    csvRows(csv).map((row) => [
      row['id'] ?? '',
      {
        measure: row['measure'] ?? '',
        low: needed(row, 'low'),
        typical: needed(row, 'typical'),
        high: needed(row, 'high'),
      },
    ]),
  );
}

/** The middle of `3-4`, or the number itself. */
function middle(text: string): number {
  const [low, high = low] = text.split('-').map(Number);
  return ((low ?? 0) + (high ?? 0)) / 2;
}

const range = (row: Record<string, string>, from: string) => {
  const low = figure(row, `${from}_low`);
  const high = figure(row, `${from}_high`);
  return low === null || high === null ? null : { low, high };
};

/**
 * Reads the table of soaking and cooking: what each pulse is, and how it is cooked, by its id.
 *
 * @throws Error naming the row and column when a figure is none
 */
export function pulsesFromCsv(csv: string) {
  const rows = csvRows(csv);
  const kinds = rows.map((row) => ({
    id: row['id'] ?? '',
    ingredientIds: (row['ingredient_id'] ?? '').split(';'),
    name: row['pulse'] ?? '',
    frozen: row['frozen'] === 'yes',
  }));
  return { kinds, cooking: Object.fromEntries(rows.map((row) => [row['id'] ?? '', cooked(row)])) };
}

function cooked(row: Record<string, string>) {
  return {
    soakH: needed(row, 'soak_h_20C_typical'),
    quickSoak: row['quick_soak'] ?? '',
    soakWater: middle(row['soak_water_ratio_g_per_g'] ?? '0'),
    cookWater: middle(row['cook_water_ratio_g_per_g_dry'] ?? '0'),
    simmerSoakedMin: range(row, 'simmer_soaked_min'),
    simmerUnsoakedMin: range(row, 'simmer_unsoaked_min'),
    pressureSoakedMin: range(row, 'pressure_soaked_min'),
    pressureUnsoakedMin: range(row, 'pressure_unsoaked_min'),
    hazards: row['hazards'] ?? '',
    until: row['doneness_for_dips'] ?? '',
    collapses: row['collapses'] === 'yes',
    boilHard: row['boil_hard'] === 'yes',
    mustSoak: row['must_soak'] === 'yes',
    soda: row['soda_note'] ?? '',
    sodaSaves: row['soda_saves'] === 'yes',
    sodaLimit: row['soda_limit'] === 'yes',
  };
}
