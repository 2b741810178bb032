import fc from 'fast-check';
import type { Part } from '../src/mix/part';
import { part } from './bowlOf';

const bases = [
  'chickpeas-cooked',
  'cannellini-canned-drained',
  'butter-beans-cooked',
  'edamame-cooked',
  'red-lentils-cooked',
];
const pastes = ['tahini-hulled', 'cashew-butter', 'sunflower-butter'];
const liquids = ['water', 'chickpea-can-liquid', 'bean-cooking-liquid'];
const oils = ['olive-oil-extra-virgin', 'rapeseed-oil'];

const tenths = (massG: number) => Math.round(massG * 10) / 10;

/** Everyday pulse dips: 200–600 g of a base with paste, acid, liquid, oil, garlic and salt in usual shares. */
export const pulseDip: fc.Arbitrary<Part[]> = fc
  .record({
    base: fc.constantFrom(...bases),
    baseG: fc.integer({ min: 200, max: 600 }),
    paste: fc.constantFrom(...pastes),
    pasteShare: fc.double({ min: 0.05, max: 0.35, noNaN: true }),
    acidShare: fc.double({ min: 0.03, max: 0.15, noNaN: true }),
    liquid: fc.constantFrom(...liquids),
    liquidShare: fc.double({ min: 0.08, max: 0.5, noNaN: true }),
    oil: fc.constantFrom(...oils),
    oilShare: fc.double({ min: 0, max: 0.1, noNaN: true }),
    garlicG: fc.integer({ min: 0, max: 12 }),
    saltShare: fc.double({ min: 0, max: 0.02, noNaN: true }),
  })
  .map((r) => [
    part(r.paste, tenths(r.baseG * r.pasteShare)),
    part('lemon-juice', tenths(r.baseG * r.acidShare)),
    part(r.liquid, tenths(r.baseG * r.liquidShare)),
    part('garlic-raw', r.garlicG),
    part('sea-salt-fine', tenths(r.baseG * r.saltShare)),
    part(r.base, r.baseG),
    part(r.oil, tenths(r.baseG * r.oilShare)),
  ]);
