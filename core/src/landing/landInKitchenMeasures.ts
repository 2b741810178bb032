import type { MeasureSystem } from '../amounts/measureSystem';
import { kitchenMeasures } from '../amounts/kitchenMeasure';
import { scaleAmountText } from '../amounts/scaleAmount';
import { aimedTargets, type GramLanding, landInGrams, landedWithin } from './land';
import { bandsOf, type Landing, type LandingRequest, type LandingRow, valuesMiss } from './landing';
import { elasticConstraints, linearBands } from './linearise';
import type { LinearProgram, LinearSolver } from './linearProgram';
import { missPrice } from './sequentialLinear';
import type { Targets } from '../mix/targets';

/** An amount a row may take: grams and the text that reads back to them. */
interface Choice {
  massG: number;
  text: string;
}

/** A landing in amounts a cook can measure. */
export interface KitchenLanding {
  masses: number[];
  /** Text of each free row's amount; null for rows that did not move or may not. */
  texts: (string | null)[];
  miss: number;
  landing: Landing;
}

const nearEachSide = 4;
const milpRounds = 4;
const milpLimitS = 0.6;
const polishRounds = 30;
/** What a band's unit of missing room for measuring counts, against a change of a row by as much as it is (judgement). */
const roomPrice = 2;

/** How much of what a spoon can't tell a rule may be off in spoons; the rest is room to measure. */
const ruleRoom = 0.8;

/** Row facts the choices need besides the landing's own. */
export interface KitchenRow extends LandingRow {
  amountText: string;
  /** The amount as typed is already one a cook measures with spoons, cups or pieces. */
  inKitchenMeasures: boolean;
  /** So many whole cans or bunches: it takes whole ones only. */
  packs?: number | null;
}

/** As many whole cans or bunches as a row's limits allow, one more and one fewer among them. */
function wholePacks(row: KitchenRow, packs: number, lower: number, upper: number): Choice[] {
  const found: Choice[] = [];
  for (let count = 1; count <= 2 * packs + 1; count += 1) {
    const massG = (row.massG * count) / packs;
    const text = scaleAmountText(row.amountText, count / packs);
    const fits = count === packs || (massG >= lower - 1e-9 && massG <= upper + 1e-9);
    if (text.ok && fits) found.push({ massG, text: count === packs ? row.amountText : text.value });
  }
  return found;
}

/** Measures around a mass within a row's limits, with its amount as typed among them. */
function choicesAround(
  massG: number,
  row: KitchenRow,
  lower: number,
  upper: number,
  system: MeasureSystem,
): Choice[] {
  if (row.packs) return wholePacks(row, row.packs, lower, upper);
  const all = kitchenMeasures(row.ingredient, system, Math.max(massG * 2, 10)).filter(
    (one) => one.massG >= lower - 1e-9 && one.massG <= upper + 1e-9,
  );
  const at = all.findIndex((one) => one.massG >= massG);
  const middle = at < 0 ? all.length : at;
  const near: Choice[] = all.slice(Math.max(0, middle - nearEachSide), middle + nearEachSide);
  if (row.inKitchenMeasures && row.massG >= lower - 1e-9 && row.massG <= upper + 1e-9) {
    near.unshift({ massG: row.massG, text: row.amountText });
  }
  if (lower <= 1e-9 && massG < (all[0]?.massG ?? 0) * 2) near.push({ massG: 0, text: 'to taste' });
  // limits may leave no measure at all; then the mass itself stays, in grams
  return near.length > 0 ? near : [{ massG, text: `${Number(massG.toFixed(1))} g` }];
}

function costOf(landing: Landing, i: number, choice: Choice): number {
  const free = landing.free[i];
  if (!free) return 0;
  // a cup with spoons beside it is one more thing to measure
  const fuss = choice.text.includes('+') ? 0.05 : 0;
  return (free.weight * Math.abs(choice.massG - free.reference)) / free.scale + fuss;
}

/** One choice for each row as a small mixed-integer program, linear around the present masses. */
function choose(
  landing: Landing,
  targets: Targets,
  values: readonly number[],
  choices: readonly Choice[][],
  solver: LinearSolver,
): number[] | null {
  const starts: number[] = [];
  let count = 0;
  for (const list of choices) {
    starts.push(count);
    count += list.length;
  }
  const bands = linearBands(landing, bandsOf(targets), values, ruleRoom);
  const program: LinearProgram = {
    cost: [],
    lower: [],
    upper: [],
    constraints: [],
    binary: new Set(Array.from({ length: count }, (_, i) => i)),
  };
  choices.forEach((list, i) => {
    list.forEach((choice, j) => {
      const variable = (starts[i] ?? 0) + j;
      program.cost[variable] = costOf(landing, i, choice);
      program.lower[variable] = 0;
      program.upper[variable] = 1;
    });
    program.constraints.push({
      terms: list.map((_, j) => [(starts[i] ?? 0) + j, 1]),
      low: 1,
      high: 1,
    });
  });
  bands.forEach((band, b) => {
    const slack = count + b;
    program.cost[slack] = missPrice;
    program.lower[slack] = 0;
    program.upper[slack] = Infinity;
    const terms = band.terms.flatMap(([i, c]) =>
      (choices[i] ?? []).map((choice, j): [number, number] => [
        (starts[i] ?? 0) + j,
        c * choice.massG,
      ]),
    );
    program.constraints.push(...elasticConstraints({ ...band, terms }, slack));
  });
  const solved = solver.solve(program, milpLimitS).values;
  if (!solved) return null;
  return choices.map((list, i) => {
    const picked = list.findIndex((_, j) => (solved[(starts[i] ?? 0) + j] ?? 0) > 0.5);
    return Math.max(0, picked);
  });
}

/** Grams of the picked choices. */
const pickedMasses = (picks: readonly number[], choices: readonly Choice[][]) =>
  picks.map((pick, i) => choices[i]?.[pick]?.massG ?? 0);

/** What the picked choices cost together. */
const pickedCost = (landing: Landing, picks: readonly number[], choices: readonly Choice[][]) =>
  picks.reduce((sum, pick, i) => {
    const choice = choices[i]?.[pick];
    return sum + (choice ? costOf(landing, i, choice) : 0);
  }, 0);

/** Betters picks with the full model by moving one row, then two rows at once, until nothing helps. */
function polish(
  landing: Landing,
  targets: Targets,
  choices: readonly Choice[][],
  start: readonly number[],
): number[] {
  const picks = [...start];
  const bands = bandsOf(targets);
  const inner = bandsOf(aimedTargets(targets, landing.aim));
  const merit = () => {
    const masses = pickedMasses(picks, choices);
    return (
      missPrice * valuesMiss(landing, bands, masses) +
      roomPrice * valuesMiss(landing, inner, masses) +
      pickedCost(landing, picks, choices)
    );
  };
  let best = merit();
  const attempt = (moves: [row: number, pick: number][]): boolean => {
    const before = moves.map(([row]) => picks[row] ?? 0);
    for (const [row, pick] of moves) picks[row] = pick;
    const now = merit();
    if (now < best - 1e-9) {
      best = now;
      return true;
    }
    moves.forEach(([row], k) => (picks[row] = before[k] ?? 0));
    return false;
  };
  const all = choices.flatMap((list, row) => list.map((_, pick): [number, number] => [row, pick]));
  for (let round = 0; round < polishRounds; round += 1) {
    let moved = false;
    for (const one of all) moved = attempt([one]) || moved;
    // pairs only where single moves leave a band unmet: they cost the square
    if (!moved && best >= missPrice * landedWithin) {
      for (const [row, pick] of all) {
        for (const [other, otherPick] of all) {
          if (other > row)
            moved =
              attempt([
                [row, pick],
                [other, otherPick],
              ]) || moved;
        }
        if (moved) break;
      }
    }
    if (!moved) break;
  }
  return picks;
}

/**
 * Lands a dip in spoons, cups and pieces: a mixed-integer program around the landing in grams, then a local search
 * with the full model, which also stands in when the program runs out of time. Plain rounding breaks bands.
 *
 * @param request rows and bands
 * @param solver linear solver with 0-or-1 variables
 * @param inGrams the landing in grams, when it is known already
 */
export function landInKitchenMeasures(
  request: LandingRequest & { rows: readonly KitchenRow[] },
  solver: LinearSolver,
  inGrams: GramLanding = landInGrams(request, solver),
): KitchenLanding {
  const { landing } = inGrams;
  const aimed = aimedTargets(request.targets, request.aim);
  let values = [...inGrams.values];
  let best: { picks: number[]; choices: Choice[][]; miss: number; cost: number } | null = null;
  // where grams can't land, spoons can't: one round finds amounts near the nearest
  const rounds = inGrams.miss > landedWithin ? 1 : milpRounds;
  for (let round = 0; round < rounds; round += 1) {
    const choices = landing.free.map((free, i) => {
      const row = request.rows[free.index];
      const value = values[i] ?? free.reference;
      return row
        ? choicesAround(value, row, free.lower, free.upper, request.conditions.measures)
        : [];
    });
    const nearest = choices.map((list, i) =>
      list.reduce(
        (pick, one, j) =>
          Math.abs(one.massG - (values[i] ?? 0)) <
          Math.abs((list[pick]?.massG ?? 0) - (values[i] ?? 0))
            ? j
            : pick,
        0,
      ),
    );
    const chosen = choose(landing, aimed, values, choices, solver) ?? nearest;
    const picks = polish(landing, request.targets, choices, chosen);
    const found = pickedMasses(picks, choices);
    const miss = valuesMiss(landing, bandsOf(request.targets), found);
    const room = valuesMiss(landing, bandsOf(aimed), found);
    const cost = pickedCost(landing, picks, choices) + roomPrice * room;
    const betters =
      !best || miss < best.miss - 1e-9 || (miss <= best.miss && cost < best.cost - 1e-9);
    if (betters) best = { picks, choices, miss, cost };
    if (miss <= landedWithin || !betters) break;
    values = found;
  }
  const masses = request.rows.map((row) => row.massG);
  const texts: (string | null)[] = request.rows.map(() => null);
  landing.free.forEach((free, i) => {
    const choice = best?.choices[i]?.[best.picks[i] ?? 0];
    if (!choice) return;
    masses[free.index] = choice.massG;
    texts[free.index] = choice.text;
  });
  return { masses, texts, miss: best?.miss ?? inGrams.miss, landing };
}
