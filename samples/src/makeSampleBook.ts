import { unstampedLineage } from '@cobbet/core/book/unstampedLineage';
import { type Book, defaultSettings, emptyBook } from '@cobbet/core/book/book';
import type { KeptSwap } from '../../core/src/book/keptSwap';
import type { Byproduct } from '@cobbet/core/book/byproduct';
import { type Dip, emptyDip } from '@cobbet/core/dip/dip';
import { emptyPlan, type Plan, usualResources } from '@cobbet/core/day/plan';
import type { StockItem } from '@cobbet/core/book/stock';
import type { YieldResult } from '@cobbet/core/prepare/yieldResult';
import { analyseTrialRows, trialRowOf } from '@cobbet/core/book/trialParts';
import { readRow } from '@cobbet/core/dip/readRow';
import { type BookFile, toBookFile } from '@cobbet/core/book/toBookFile';
import type { KeptReading } from '@cobbet/core/readings/keptReading';
import type { Course } from '@cobbet/core/book/runEvents';
import type { Taste, TasteMarks, Verdict } from '@cobbet/core/readings/tastes';
import type { Trial } from '@cobbet/core/book/trial';
import type { TrialRow } from '@cobbet/core/book/trialRow';
import type { Analysis } from '@cobbet/core/dip/analyse';
import { bookKitchen } from '@cobbet/core/book/bookKitchen';
import { dipConditions } from '@cobbet/core/dip/analyseDip';
import { usualSeasoning } from '@cobbet/core/mix/families';
import { normal, seeded } from '@cobbet/core/statistics/random';
import { type Formula, type FormulaTrial, formulas } from './formulas';
import { containers, prices, sampleBatches, sampleThingBatches, things } from './sampleBatches';
import type { MixtureDesign } from '@cobbet/core/design/mixtureDesign';
import sampleDesigns from './sampleDesigns.json';
import { sampleTastings } from './sampleTastings';
import { hiddenFormulaSd, hiddenOffset, simulatedReadings } from './simulatedReadings';

/** A kitchen that has read nothing yet. */
const kitchen = bookKitchen(emptyBook());

/** First of the six weeks. */
const firstDay = Date.UTC(2026, 3, 27, 10, 30);
const dayMs = 86_400_000;

const at = (day: number, minutes = 0) =>
  new Date(firstDay + day * dayMs + minutes * 60_000).toISOString();

/** The first day of the regatta: eight dips on the table at half past twelve. */
const regatta: Plan = {
  ...emptyPlan('regatta-first-day', 'Regatta, first day', '2026-06-13T12:30', at(40)),
  resources: { ...usualResources, cook: 2 },
  dips: [
    { dipId: 'weir-house-hummus', massG: 2300 },
    { dipId: 'weir-house-no-sesame', massG: 1100 },
    { dipId: 'weir-house-green', massG: 1200 },
    { dipId: 'split-pea-capers', massG: 1400 },
    { dipId: 'charred-aubergine-labneh', massG: 1200 },
    { dipId: 'radish-dill-yogurt', massG: 1500 },
    { dipId: 'watercress-hazelnut-pesto', massG: 700 },
    { dipId: 'hazelnut-red-bean-pate', massG: 1200 },
  ],
};

/** What stands in the Lockside kitchen after the regatta's last rehearsal. */
const stock: StockItem[] = [
  { id: 'chickpeas-canned-drained', amount: '2 cans', useBy: null },
  { id: 'tahini-hulled', amount: '350 g', useBy: null },
  { id: 'olive-oil-extra-virgin', amount: '3 cups', useBy: null },
  { id: 'lemon-juice', amount: '4 lemons', useBy: null },
  { id: 'sea-salt-fine', amount: '400 g', useBy: null },
  { id: 'garlic-raw', amount: '10 cloves', useBy: null },
  { id: 'labneh', amount: '180 g', useBy: null },
  { id: 'watercress', amount: '2 bunches', useBy: null },
  { id: 'grana-style', amount: '120 g', useBy: null },
  { id: 'hazelnut', amount: '150 g', useBy: null },
];

/** What lemons and aubergines have given this kitchen: both less than is usual. */
const yields: YieldResult[] = [
  ...[139, 152, 146, 144].map((readyG, i) => ({
    id: `lemons-${i + 1}`,
    ingredientId: 'lemon-juice',
    from: 'lemon',
    rawG: 480,
    readyG,
    at: at(6 + 9 * i),
  })),
  ...[232, 248, 239].map((readyG, i) => ({
    id: `aubergines-${i + 1}`,
    ingredientId: 'aubergine-roasted-drained',
    from: 'aubergine',
    rawG: 600,
    readyG,
    at: at(8 + 10 * i),
  })),
];

function dipOf(formula: Formula): Dip {
  const first = Math.min(...formula.trials.map(({ day }) => day));
  const base = emptyDip(formula.id, formula.name, at(first, -60));
  return {
    ...base,
    family: formula.family,
    parentId: formula.parentId ?? null,
    note: formula.note,
    machineId: formula.machineId ?? base.machineId,
    method: { ...base.method, ...formula.method },
    servedAtC: formula.servedAtC ?? base.servedAtC,
    portionG: formula.portionG ?? base.portionG,
    targets: formula.targets,
    nextThing: formula.nextThing,
    rows: formula.rows.map(([amount, ingredientId, prep = '', extra = {}], index) => ({
      id: `${formula.id}-${index + 1}`,
      ingredientId,
      amount,
      place: extra.place ?? 'bowl',
      prep,
      hold: extra.hold ?? false,
      ...(extra.atC === undefined ? {} : { atC: extra.atC }),
    })),
  };
}

/** Rows as they were really added: the formula's amounts with this trial's, each measured as well as it can be. */
function trialRows(dip: Dip, trial: FormulaTrial, random: () => number): TrialRow[] {
  return dip.rows.map((row, index) => {
    const amount = trial.amounts?.[index + 1] ?? row.amount;
    const read = trialRowOf(readRow({ ...row, amount }, kitchen));
    if (!read) throw new Error(`${dip.id}: ${row.ingredientId} is not in the larder`);
    // cooks measure a little better than the spread allows for
    const massG = read.massG * Math.exp(0.6 * read.cv * normal(random));
    return { ...read, planned: amount, massG: Number(massG.toFixed(2)) };
  });
}

function verdict(value: number, low: number, high: number, random: () => number): Verdict {
  const felt = value + 0.08 * (high - low) * normal(random);
  return felt < low ? 'short' : felt > high ? 'over' : 'right';
}

function marks(dip: Dip, analysis: Analysis, random: () => number): TasteMarks {
  const usual = usualSeasoning[dip.family];
  const per100 = (name: 'saltG' | 'acidG' | 'garlicG') => {
    const target = dip.targets[name];
    const low = target?.low ?? usual[name].low;
    const high = target?.high ?? usual[name].high;
    return verdict(analysis.per100g[name], low, high, random);
  };
  return { salt: per100('saltG'), sour: per100('acidG'), garlic: per100('garlicG') };
}

/** How a trial was made: everything in as written, two minutes apart, then tasted. */
function courseOf(dip: Dip, rows: readonly TrialRow[], tasted: TasteMarks, day: number): Course {
  const plan = rows.map((planned, i) => ({
    ...{ rowId: dip.rows[i]?.id ?? `${i}`, planned, prep: dip.rows[i]?.prep ?? '' },
  }));
  const went = plan.map(({ rowId, planned: { amount, massG, cv } }, i) => ({
    ...{ kind: 'in' as const, entry: rowId, amount, massG, cv, at: at(day, 2 * i) },
  }));
  const marked = (Object.keys(tasted) as Taste[]).map((taste, i) => ({
    ...{ kind: 'tasted' as const, taste, verdict: tasted[taste] ?? null },
    ...{ after: rows.length, at: at(day, 26 + i) },
  }));
  return { plan, events: [...went, ...marked] };
}

function trialOf(
  dip: Dip,
  trial: FormulaTrial,
  number: number,
  own: number,
  last: boolean,
  random: () => number,
): Trial {
  const rows = trialRows(dip, trial, random);
  // what is hidden is laid over the model alone, so this kitchen has read nothing yet
  const conditions = dipConditions(dip, kitchen);
  const { blendC } = conditions.method;
  const method = { ...conditions.method, blendC: Number(blendC.toFixed(1)) };
  const analysis = analyseTrialRows(rows, kitchen.larder, { ...conditions, method });
  const { warmBody: machine, chilledBody: chilled, waterOutside } = analysis;
  const offset = hiddenOffset[waterOutside >= 0.5 ? 'water' : 'oil'] + own;
  const read = (body: number | null, kept: Omit<KeptReading, 'taken' | 'leftOut'>) =>
    simulatedReadings(body, offset, analysis, kept, random);
  const loss = 0.012 * analysis.massG + (6 * (machine ?? 10)) / 7;
  const weighed = (analysis.massG - loss) * (1 + 0.004 * normal(random));
  const made: Trial = {
    id: `${dip.id}-trial-${number}`,
    dipId: dip.id,
    number,
    madeAt: at(trial.day),
    rows,
    method,
    machineId: dip.machineId,
    readings: [
      ...read(machine, { when: 'machine', atC: null, takenAt: at(trial.day, 25) }),
      ...(random() < 0.5
        ? read(chilled, { when: 'chilled', atC: 5, takenAt: at(trial.day + 1) })
        : []),
    ],
    tastes: marks(dip, analysis, random),
    yieldG: random() < 0.8 ? Math.round(weighed) : null,
    notes: trial.notes ?? '',
    changeNext: trial.changeNext ?? '',
  };
  return last ? { ...made, made: courseOf(dip, rows, made.tastes, trial.day) } : made;
}

/** What earlier dips left over, and what became of it. */
const ledger: readonly Byproduct[] = [
  {
    id: 'can-liquid-may',
    what: 'can liquid',
    ingredientId: 'chickpea-can-liquid',
    amount: 150,
    unit: 'ml',
    keptOn: '2026-05-18',
    useBy: '2026-05-21',
    nextUse: 'loosen this dip or the next',
    from: 'Weir House hummus',
    gone: { how: 'used', on: '2026-05-20' },
  },
  {
    id: 'stalks-may',
    what: 'stalks',
    ingredientId: null,
    amount: 40,
    unit: 'g',
    keptOn: '2026-05-25',
    useBy: '2026-05-27',
    nextUse: 'tender ones into the blend, up to a fifth; the rest to stock',
    from: 'Watercress, hazelnut and hard cheese pesto',
    gone: { how: 'thrown', on: '2026-05-28' },
  },
];

/** What went in for what, why, and how that was. */
const swaps: readonly KeptSwap[] = [
  {
    id: 'swap-sunflower-tahini',
    dipId: 'weir-house-no-sesame',
    rowId: 'weir-house-no-sesame-1',
    from: { ingredientId: 'tahini-hulled', amount: '1/3 cup', massG: 81 },
    to: { ingredientId: 'sunflower-butter', amount: '1/4 cup', massG: 64 },
    said: 'less bitter; tastes of sunflower seed butter; no sesame',
    why: 'allergy',
    ...{ runId: null, trialId: null, verdict: 'again', at: at(6) },
  },
  {
    id: 'swap-rapeseed-olive',
    dipId: 'weir-house-no-sesame',
    rowId: 'weir-house-no-sesame-9',
    from: { ingredientId: 'olive-oil-extra-virgin', amount: '1 tbsp', massG: 13.5 },
    to: { ingredientId: 'rapeseed-oil', amount: '1 tbsp', massG: 13.6 },
    said: 'tastes of rapeseed oil',
    why: 'cost',
    ...{ runId: null, trialId: null, verdict: 'only here', at: at(9) },
  },
  {
    id: 'swap-miso-cheese',
    dipId: 'nettle-pumpkin-seed-pesto',
    rowId: 'nettle-pumpkin-seed-pesto-4',
    from: { ingredientId: 'grana-style', amount: '1/4 cup', massG: 24 },
    to: { ingredientId: 'miso-white', amount: '1 tbsp', massG: 17 },
    said: 'less salty, leaner; tastes of white miso; no milk, no egg; adds soy',
    why: 'allergy',
    ...{ runId: null, trialId: null, verdict: 'again', at: at(12) },
  },
  {
    id: 'swap-radish-cucumber',
    dipId: 'radish-dill-yogurt',
    rowId: 'radish-dill-yogurt-2',
    from: { ingredientId: 'cucumber-grated', amount: '1 cup', massG: 150 },
    to: { ingredientId: 'radish-raw', amount: '1 cup', massG: 116 },
    said: 'tastes of radish',
    why: 'had none',
    ...{ runId: null, trialId: null, verdict: 'again', at: at(15) },
  },
];

/** The sample kitchen's tables but for its trials on purpose, which need a solver. */
export function sampleTables(): Book {
  const random = seeded(20260430);
  const dips = new Map(formulas.map((formula) => [formula.id, dipOf(formula)]));
  const trials = new Map<string, Trial>();
  for (const formula of formulas) {
    const dip = dips.get(formula.id);
    if (!dip) continue;
    const own = hiddenFormulaSd * normal(random);
    formula.trials.forEach((trial, index) => {
      const made = trialOf(dip, trial, index + 1, own, index === formula.trials.length - 1, random);
      trials.set(made.id, made);
    });
  }
  const settings = { ...defaultSettings, began: 'sample' as const };
  const book: Book = {
    ...emptyBook(),
    dips,
    trials,
    plans: new Map([[regatta.id, regatta]]),
    stock: new Map(stock.map((item) => [item.id, item])),
    yields: new Map(yields.map((result) => [result.id, result])),
    byproducts: new Map(ledger.map((kept) => [kept.id, kept])),
    swaps: new Map(swaps.map((one) => [one.id, one])),
    settings: new Map([[settings.id, settings]]),
    containers: new Map(containers.map((one) => [one.id, one])),
    prices: new Map(prices.map((one) => [one.id, one])),
    things: new Map(things.map((one) => [one.id, one])),
  };
  const made = [...sampleBatches(book), ...sampleThingBatches(book)];
  const batches = new Map(made.map((one) => [one.id, one]));
  const tastings = new Map(sampleTastings(book).map((one) => [one.id, one]));
  return { ...book, batches, tastings };
}

/**
 * The sample book: formulas of the Lockside kitchen with the trials that led to them. Readings come from the model
 * with a hidden offset of this kitchen and noise; the same every time.
 */
export function makeSampleBook(): BookFile {
  const designs = new Map((sampleDesigns as MixtureDesign[]).map((one) => [one.id, one]));
  const book = { ...sampleTables(), designs };
  return toBookFile(book, at(41), unstampedLineage(book));
}
