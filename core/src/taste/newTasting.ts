import { seeded, shuffled } from '../statistics/random';
import { blindCodes, servingPlan } from './servingOrders';
import type { Tasting, TastingKind, TastingPot, TastingSample, TastingSeat } from './tasting';

/** Pots a question needs of each of its samples: in a triangle a taster gets one of the two twice, under another code. */
const potsOfEach = (kind: TastingKind): number => (kind === 'odd' ? 2 : 1);

/** What kind of tasting so many samples can be. */
export function canBe(kind: TastingKind, samples: number): boolean {
  if (kind === 'each') return samples >= 1;
  return kind === 'rank' ? samples >= 2 : samples === 2;
}

/** The six triangles of two samples, by their pots: AAB and so on, each pot of the twice-served one with its own code. */
const triangles = [
  ['a1', 'a2', 'b1'],
  ['a1', 'b1', 'a2'],
  ['b1', 'a1', 'a2'],
  ['b1', 'b2', 'a1'],
  ['b1', 'a1', 'b2'],
  ['a1', 'b1', 'b2'],
] as const;

const letters = 'ABCDEFGHIJ';

/** What is known when a tasting is planned. */
export type PlannedTasting = Pick<
  Tasting,
  'id' | 'name' | 'kind' | 'blind' | 'asks' | 'eatenWith' | 'atC' | 'guests' | 'createdAt'
> & {
  samples: readonly TastingSample[];
  /** What the tasters are called, one each. */
  tasters: readonly string[];
  /** A sample that stands in two pots, to see who can tell; null where none does. */
  twice: string | null;
  /** How many pots each taster gets, where there are too many for one tongue; all of them where left out. */
  potsEach?: number | undefined;
  /** The same seed gives the same codes and orders. */
  seed: number;
};

/**
 * Plans a tasting: who gets what, in which order, under which code.
 *
 * @throws RangeError where so many samples can't be asked about so
 */
export function newTasting({
  tasters,
  twice,
  potsEach,
  seed,
  ...planned
}: PlannedTasting): Tasting {
  const { samples, kind, blind } = planned;
  if (!canBe(kind, samples.length)) {
    throw new RangeError(`${samples.length} samples can’t be asked about so`);
  }
  const again = kind === 'each' && twice !== null ? samples.filter(({ id }) => id === twice) : [];
  const held = [
    ...samples.flatMap((one) => Array.from({ length: potsOfEach(kind) }, () => one)),
    ...again,
  ];
  const random = seeded(seed);
  const codes = blind ? shuffled(blindCodes, random) : [...letters];
  const pots = held.map(({ id: sampleId }, i): TastingPot => ({ code: codes[i] ?? '', sampleId }));
  const orders =
    kind === 'odd'
      ? triangleOrders(pots, tasters.length, random)
      : servingPlan(pots.length, tasters.length, seed, potsEach).orders.map((order) =>
          order.map((at) => pots[at]?.code ?? ''),
        );
  const seats = tasters.map((name, i): TastingSeat => ({
    id: String(i + 1),
    name,
    order: orders[i] ?? [],
    done: false,
  }));
  return { ...planned, pots, seats, marks: [], closedAt: null };
}

/** Each of the six triangles as often as the others before any comes again. */
function triangleOrders(
  pots: readonly TastingPot[],
  tasters: number,
  random: () => number,
): string[][] {
  const code = { a1: pots[0], a2: pots[1], b1: pots[2], b2: pots[3] };
  const orders: string[][] = [];
  while (orders.length < tasters) {
    for (const triangle of shuffled(triangles, random)) {
      orders.push(triangle.map((name) => code[name]?.code ?? ''));
    }
  }
  return orders.slice(0, tasters);
}
