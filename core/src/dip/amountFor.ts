import { bodyAt } from '../mix/bodyAt';
import { fresh } from '../mix/moment';
import { bodyState } from '../mix/bodyModel';
import type { BodyConditions } from '../mix/conditions';
import { addTo, copyOf, emptyBowl, sumIndex } from '../mix/bowlSums';
import { bowlMass, type Part, partSumsPerGram } from '../mix/part';
import { shareOf } from '../mix/targets';

/** What a bead stands for. */
export type BeadFigure = 'freshBody' | 'saltG' | 'acidG' | 'garlicG';

/** The bowl up to one row, the row's own amount still open. */
interface UpToRow {
  parts: readonly Part[];
  index: number;
  figure: BeadFigure;
  conditions: BodyConditions;
}

/** The figure after a row as a function of the row's mass, g; null where there is none. */
export function figureAfter(input: UpToRow): (massG: number) => number | null {
  const { parts, index, figure, conditions } = input;
  const before = emptyBowl();
  parts.slice(0, index).forEach((part) => {
    const counted = figure === 'freshBody' ? part.place === 'bowl' : part.place !== 'top';
    if (counted) addTo(before, partSumsPerGram(part), part.massG);
  });
  const part = parts[index];
  const per = part && partSumsPerGram(part);
  const others = bowlMass(parts) - (part?.place === 'bowl' ? part.massG : 0);
  return (massG) => {
    const bowl = copyOf(before);
    if (per) addTo(bowl, per, massG);
    if (figure !== 'freshBody') {
      const mass = bowl[sumIndex.massG];
      const { sum, times } = shareOf(figure);
      return mass > 0 ? (bowl[sum] / mass) * times : null;
    }
    const state = bodyState(bowl, conditions.blending);
    if (!state || state.crumbs) return null;
    const belonging = Math.min(1, bowl[sumIndex.massG] / Math.max(1e-9, others + massG));
    return bodyAt(bowl, state, conditions, fresh, belonging);
  };
}

const samples = 160;

/** An amount tried, and how far the figure then is from the wanted one. */
interface Tried {
  massG: number;
  off: number;
}

type OffAt = (massG: number) => number | null;

/**
 * The amount of a row at which the bowl after it reaches a figure. Where several do (tahini first seizes, then
 * loosens) the nearest to what is in now; where none does, the one that comes closest.
 *
 * @param input parts in order and which row is open
 * @param wanted body, or g per 100 g
 * @param mostG the most to try, g
 * @returns g, null when no amount gives any figure
 */
export function amountFor(input: UpToRow, wanted: number, mostG: number): number | null {
  const after = figureAfter(input);
  const now = input.parts[input.index]?.massG ?? 0;
  const offAt: OffAt = (massG) => {
    const value = after(massG);
    return value === null ? null : value - wanted;
  };
  const tried = withTurningPoints(offAt, triedAmounts(offAt, mostG));
  const crossings = tried.flatMap((here, i) => {
    const before = tried[i - 1];
    return before && before.off * here.off <= 0 ? [zeroBetween(offAt, before, here)] : [];
  });
  return (
    nearest(crossings, (massG) => Math.abs(massG - now)) ??
    nearest(tried, ({ off }) => Math.abs(off))?.massG ??
    null
  );
}

/** Amounts in even steps at which there is a figure, and the edges where a bowl turns to crumbs. */
function triedAmounts(offAt: OffAt, mostG: number): Tried[] {
  const tried: Tried[] = [];
  let last: { massG: number; off: number | null } | null = null;
  for (let i = 0; i <= samples; i += 1) {
    const massG = (mostG * i) / samples;
    const off = offAt(massG);
    if (last && (last.off === null) !== (off === null)) {
      const within = off === null ? last.massG : massG;
      const without = off === null ? massG : last.massG;
      const edgeG = halved(within, without, (amountG) => offAt(amountG) !== null);
      const edgeOff = offAt(edgeG);
      if (edgeOff !== null) tried.push({ massG: edgeG, off: edgeOff });
    }
    if (off !== null) tried.push({ massG, off });
    last = { massG, off };
  }
  return tried;
}

/** With the amounts at which the figure comes nearest and turns away again, between the steps. */
function withTurningPoints(offAt: OffAt, tried: readonly Tried[]): Tried[] {
  return tried.flatMap((here, i) => {
    const before = tried[i - 1];
    const after = tried[i + 1];
    if (!before || !after) return [here];
    const off = Math.abs(here.off);
    if (off > Math.abs(before.off) || off > Math.abs(after.off)) return [here];
    let [low, high] = [before.massG, after.massG];
    const distance = (massG: number) => Math.abs(offAt(massG) ?? Infinity);
    for (let step = 0; step < 60; step += 1) {
      const third = (high - low) / 3;
      if (distance(low + third) < distance(high - third)) high -= third;
      else low += third;
    }
    const massG = (low + high) / 2;
    const turning = { massG, off: offAt(massG) ?? here.off };
    return massG < here.massG ? [turning, here] : [here, turning];
  });
}

/** Where the figure is the wanted one, between two amounts on either side of it. */
function zeroBetween(offAt: OffAt, from: Tried, to: Tried): number {
  if (from.off === 0) return from.massG;
  const above = from.off > 0;
  return halved(from.massG, to.massG, (massG) => (offAt(massG) ?? 0) > 0 === above);
}

/** The one nearest by a distance, the first of equals; undefined of none. */
function nearest<T>(among: readonly T[], distance: (one: T) => number): T | undefined {
  return among.reduce<T | undefined>(
    (best, one) => (best === undefined || distance(one) < distance(best) ? one : best),
    undefined,
  );
}

/** The last amount for which something holds that holds at `yes` and not at `no`. */
function halved(yes: number, no: number, holds: (massG: number) => boolean): number {
  let [holding, failing] = [yes, no];
  for (let step = 0; step < 50; step += 1) {
    const middle = (holding + failing) / 2;
    if (holds(middle)) holding = middle;
    else failing = middle;
  }
  return holding;
}
