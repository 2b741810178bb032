/**
 * Turns core/data/*.csv, the larder as people edit it, into the JSON the core imports.
 * Composition and provenance go apart so that a browser loads only what it computes with.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { foodsFromText } from './foodsFromText';
import { larderFromCsv } from './larderFromCsv';
import { pulsesFromCsv, yieldsFromCsv } from './prepFromCsv';

const root = new URL('..', import.meta.url);
const read = (path: string) => readFileSync(new URL(path, root), 'utf8');
const write = (path: string, value: unknown) =>
  writeFileSync(fileURLToPath(new URL(path, root)), `${JSON.stringify(value, null, 1)}\n`);

const { columns, sources, count } = larderFromCsv(read('core/data/ingredients.csv'));
write('core/src/larder/data/ingredients.json', columns);
write('core/src/larder/data/sources.json', sources);
const yields = yieldsFromCsv(read('core/data/yields.csv'));
const pulses = pulsesFromCsv(read('core/data/soak-cook.csv'));
write('core/src/prepare/data/yields.json', yields);
write('core/src/prepare/data/pulseKinds.json', pulses.kinds);
write('core/src/prepare/data/pulseCooking.json', pulses.cooking);
const ids = new Set(columns['id']);
const foods = foodsFromText(read('core/data/foods.txt'), (id) => ids.has(id));
write('core/src/lines/data/foods.json', foods);
console.log(
  `${count} ingredients, ${Object.keys(yields).length} yields, ${pulses.kinds.length} pulses, ${foods.length} foods written`,
);
