/** Numbers by which a form of the body model is judged: every anchor against its range, and sweeps a cook knows by hand. */
import anchorFile from '../core/data/anchors.json';
import { nutGrindAfter, usualBlending } from '@cobbet/core/mix/blending';
import { bodyState } from '@cobbet/core/mix/bodyModel';
import { bodyWord } from '@cobbet/core/mix/bodyWords';
import { startingBodyParameters } from '@cobbet/core/mix/parameters';
import { priorSd } from '@cobbet/core/mix/priorSd';
import { bowlOf } from '../core/test/bowlOf';
import { type Anchor, anchorBowl, anchorLnTau } from './fitBody';

type Rows = [id: string, massG: number][];

const anchors = anchorFile.anchors as unknown as Anchor[];
const bodyOf = (lnTau: number) => lnTau / Math.LN2;

console.log('anchor'.padEnd(44), '  judged      model   off');
for (const anchor of anchors) {
  const [low, high] = anchor.yieldStressPa.map((tau) => Math.log2(tau)) as [number, number];
  const body = bodyOf(anchorLnTau(anchor, startingBodyParameters));
  const off = body < low ? body - low : body > high ? body - high : 0;
  const sd = priorSd(anchorBowl(anchor, startingBodyParameters));
  console.log(
    anchor.name.padEnd(44),
    `${low.toFixed(1).padStart(5)}–${high.toFixed(1).padEnd(5)}`,
    `${body.toFixed(2).padStart(6)} ± ${sd.toFixed(2)}`,
    off === 0 ? '' : off.toFixed(2).padStart(6),
  );
}

/** One line: the body and its word at each amount. */
function sweep(name: string, amounts: readonly number[], at: (x: number) => string): void {
  console.log(`\n${name}`);
  for (const x of amounts) console.log(String(x).padStart(6), at(x));
}

function said(rows: Rows, blending = usualBlending): string {
  const state = bodyState(bowlOf(...rows), blending);
  if (!state) return 'empty';
  const body = bodyOf(state.lnTau);
  const word = state.crumbs ? 'crumbs' : bodyWord(Math.max(0, body));
  return `${body.toFixed(2).padStart(6)}  ${word.padEnd(8)} water outside ${state.waterOutside.toFixed(2)}`;
}

const hummus: Rows = [
  ['chickpeas-canned-drained', 240],
  ['tahini-hulled', 80],
  ['lemon-juice', 40],
  ['garlic-raw', 4],
  ['sea-salt-fine', 4],
];
const grams = [0, 5, 10, 20, 40, 60, 80, 120, 160];
sweep('water into 100 g tahini', grams, (x) =>
  said([
    ['tahini-hulled', 100],
    ['water', x],
  ]),
);
sweep('honey into 100 g tahini', grams, (x) =>
  said([
    ['tahini-hulled', 100],
    ['honey', x],
  ]),
);
sweep('water into a hummus', grams, (x) => said([...hummus, ['water', x]]));
sweep('oil into a hummus', grams, (x) => said([...hummus, ['olive-oil-light', x]]));
sweep('dry crumbs into a hummus', grams, (x) => said([...hummus, ['breadcrumbs-dry', x]]));
sweep('water into 100 g peanut butter', grams, (x) =>
  said([
    ['peanut-butter', 100],
    ['water', x],
  ]),
);
sweep('mint into 300 g yogurt', [0, 80, 240], (x) =>
  said([
    ['greek-yogurt-10', 300],
    ['mint', x],
  ]),
);
sweep('minutes of almonds in the processor', [1, 3, 6, 10, 14], (x) =>
  said([['almond', 300]], { ...usualBlending, nutGrind: nutGrindAfter(x, 'food-processor') }),
);
