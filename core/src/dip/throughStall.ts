import { bodyState } from '../mix/bodyModel';
import type { BodyConditions } from '../mix/conditions';
import type { Machine } from '../kitchen/machines';
import { addTo, type BowlSums, copyOf, emptyBowl, sumIndex } from '../mix/bowlSums';
import { bowlMass, type Part, partSumsPerGram } from '../mix/part';
import { leastReorder, mostElements } from './leastReorder';
import { metAt, stalls } from './stalls';

/** One addition of a way through: a part, or a share of it. */
export interface WayStep {
  /** The part's place among those given. */
  index: number;
  /** Of its amount, 0–1. */
  share: number;
}

/** What gets a dip through its machine. */
export interface ThroughStall {
  /** Parts after which the machine stalls in the present order. */
  stallsAt: number[];
  /** Whether even the whole mix stalls it, in any order. */
  wholeStalls: boolean;
  /** The order that turns round the fewest pairs, or null. */
  order: WayStep[] | null;
  /** The same with one liquid put in in two goes, where that turns round fewer pairs or no order does; or null. */
  split: WayStep[] | null;
  /** Whether every order, and every split into quarters of every liquid, was tried. */
  exhaustive: boolean;
}

const splitShares = [1 / 4, 1 / 2, 3 / 4] as const;

interface Element {
  steps: WayStep[];
  sums: BowlSums;
}

function elementOf(parts: readonly Part[], steps: WayStep[]): Element {
  const sums = emptyBowl();
  for (const { index, share } of steps) {
    const part = parts[index];
    if (part) addTo(sums, partSumsPerGram(part), part.massG * share);
  }
  return { steps, sums };
}

/** Whole parts as elements; where there are too many, the smallest go in with the one before them. */
function elementsOf(parts: readonly Part[], indices: readonly number[], most: number): Element[] {
  const groups = indices.map((index) => [index]);
  const massOf = (group: readonly number[]) =>
    group.reduce((sum, index) => sum + (parts[index]?.massG ?? 0), 0);
  while (groups.length > most) {
    let least = 1;
    for (let i = 2; i < groups.length; i += 1) {
      if (massOf(groups[i] ?? []) < massOf(groups[least] ?? [])) least = i;
    }
    groups.splice(least - 1, 2, [...(groups[least - 1] ?? []), ...(groups[least] ?? [])]);
  }
  return groups.map((group) =>
    elementOf(
      parts,
      group.map((index) => ({ index, share: 1 })),
    ),
  );
}

/** What is asked: a dip in its order, and the machine it must get through. */
export interface StallQuestion {
  parts: readonly Part[];
  machine: Machine;
  conditions: BodyConditions;
}

function search({ machine, conditions }: StallQuestion, elements: readonly Element[]) {
  // the sums of every subset, each from the subset without its lowest element
  const sums: BowlSums[] = [emptyBowl()];
  const finished = elements.reduce((sum, { sums: own }) => sum + own[sumIndex.massG], 0);
  const allowed = (subset: number): boolean => {
    const at = sumsOf(subset);
    return !stalls(
      bodyState(at, conditions.blending),
      machine,
      conditions,
      at[sumIndex.massG] / finished,
    );
  };
  const sumsOf = (subset: number): BowlSums => {
    const known = sums[subset];
    if (known) return known;
    const lowest = 31 - Math.clz32(subset & -subset);
    const made = copyOf(sumsOf(subset & (subset - 1)));
    addTo(made, elements[lowest]?.sums ?? emptyBowl(), 1);
    sums[subset] = made;
    return made;
  };
  const tested = new Map<number, boolean>();
  const found = leastReorder(elements.length, (subset) => {
    let answer = tested.get(subset);
    if (answer === undefined) {
      answer = allowed(subset);
      tested.set(subset, answer);
    }
    return answer;
  });
  return (
    found && {
      steps: found.order.flatMap((element) => elements[element]?.steps ?? []),
      inversions: found.inversions,
    }
  );
}

/**
 * The order, or the split of a liquid, that gets a dip through a machine that would stall on it, with the least
 * turned round. Every order is tried through the subsets it passes; above thirteen additions the smallest go along
 * with their neighbours and the answer says that not everything was tried.
 */
export function throughStall(question: StallQuestion): ThroughStall {
  const { parts, machine, conditions } = question;
  const inBowl = parts.flatMap((part, i) => (part.place === 'bowl' && part.massG > 0 ? [i] : []));
  const bowl = emptyBowl();
  const finished = bowlMass(parts);
  const met = new Set(metAt(parts, conditions.method));
  const stallsAt = inBowl.filter((index) => {
    const part = parts[index];
    if (part) addTo(bowl, partSumsPerGram(part), part.massG);
    return (
      met.has(index) &&
      stalls(
        bodyState(bowl, conditions.blending),
        machine,
        conditions,
        bowl[sumIndex.massG] / finished,
      )
    );
  });
  const wholeStalls = stallsAt.at(-1) !== undefined && stallsAt.at(-1) === inBowl.at(-1);
  const exhaustive = inBowl.length <= mostElements - 1;
  const nothing = { stallsAt, wholeStalls, order: null, split: null, exhaustive };
  if (stallsAt.length === 0 || wholeStalls) return nothing;
  const ordered = search(question, elementsOf(parts, inBowl, mostElements));
  const elements = elementsOf(parts, inBowl, mostElements - 1);
  let best: { steps: WayStep[]; inversions: number; share: number } | null = null;
  elements.forEach((element, at) => {
    const [step] = element.steps;
    const part = step && parts[step.index];
    if (!part || element.steps.length > 1) return;
    if (part.ingredient.structure !== 'liquid' && part.ingredient.structure !== 'oil') return;
    for (const share of splitShares) {
      const halves = [share, 1 - share].map((one) =>
        elementOf(parts, [{ index: step.index, share: one }]),
      );
      const tried = search(question, [
        ...elements.slice(0, at),
        ...halves,
        ...elements.slice(at + 1),
      ]);
      if (!tried) continue;
      const better =
        !best ||
        tried.inversions < best.inversions ||
        (tried.inversions === best.inversions && share < best.share);
      if (better) best = { ...tried, share };
    }
  });
  const found = best as { steps: WayStep[]; inversions: number } | null;
  const useful = found && (!ordered || found.inversions < ordered.inversions);
  return { ...nothing, order: ordered?.steps ?? null, split: useful ? found.steps : null };
}
