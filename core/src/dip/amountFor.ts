import { bodyAt, fresh } from '../mix/bodyAt';
import { bodyState } from '../mix/bodyModel';
import type { BodyConditions } from '../mix/conditions';
import { addTo, copyOf, emptyBowl, sumIndex } from '../mix/bowlSums';
import { bowlMass, type Part, partSumsPerGram } from '../mix/part';
import { per100Sum } from '../mix/targets';

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
      return mass > 0 ? (bowl[per100Sum(figure)] / mass) * 100 : null;
    }
    const state = bodyState(bowl);
    if (!state || state.crumbs) return null;
    const belonging = Math.min(1, bowl[sumIndex.massG] / Math.max(1e-9, others + massG));
    return bodyAt(bowl, state, conditions, fresh, belonging);
  };
}

const samples = 160;

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
  let closest: { massG: number; off: number } | null = null;
  const crossings: number[] = [];
  let last: { massG: number; off: number } | null = null;
  for (let i = 0; i <= samples; i += 1) {
    const massG = (mostG * i) / samples;
    const value = after(massG);
    if (value === null) {
      last = null;
      continue;
    }
    const off = value - wanted;
    if (!closest || Math.abs(off) < Math.abs(closest.off)) closest = { massG, off };
    if (last && last.off * off <= 0) {
      crossings.push(bisect(after, wanted, last.massG, massG));
    }
    last = { massG, off };
  }
  if (crossings.length === 0) return closest?.massG ?? null;
  return crossings.reduce((best, one) => (Math.abs(one - now) < Math.abs(best - now) ? one : best));
}

/** Where a figure passes the wanted value between two amounts on either side of it. */
function bisect(
  after: (massG: number) => number | null,
  wanted: number,
  from: number,
  to: number,
): number {
  let low = from;
  let high = to;
  const rising = (after(high) ?? wanted) >= (after(low) ?? wanted);
  for (let i = 0; i < 40; i += 1) {
    const middle = (low + high) / 2;
    const value = after(middle) ?? wanted;
    if (value >= wanted === rising) high = middle;
    else low = middle;
  }
  return (low + high) / 2;
}
