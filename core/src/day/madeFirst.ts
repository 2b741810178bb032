import type { Dip, Row } from '../dip/dip';
import { readRow, type ReadRow } from '../dip/readRow';
import type { Kitchen } from '../kitchen/kitchen';
import type { PrepStep } from '../prepare/route';
import { bowlOfRows } from './plannedDip';

/** Something made here that is no dip, as a day has to know it. */
export interface ThingToMake {
  id: string;
  name: string;
  rows: readonly Row[];
  /** What it gives, g for each g that goes in. */
  gives: readonly { ingredientId: string; name: string; share: number }[];
  /** One at least. */
  steps: readonly PrepStep[];
  allergens: readonly string[];
  keepDays: number;
}

/** What a day knows of what is made here. */
export interface MadeForDay {
  /** What is made to have an ingredient; null for what is bought. */
  thingOf(ingredientId: string): ThingToMake | null;
  dipOf(ingredientId: string): Dip | null;
  /** g that stand ready, by ingredient. */
  ready: ReadonlyMap<string, number>;
  /** What of what goes in comes out of the machine, 0–1; 1 where nobody has weighed it. */
  comesOut(dip: Dip): number;
}

/** Nothing is made here. */
export const nothingMade: MadeForDay = {
  thingOf: () => null,
  dipOf: () => null,
  ready: new Map(),
  comesOut: () => 1,
};

/** One row of the day, in the size it is wanted. */
export interface DayRow {
  read: ReadRow;
  massG: number;
  /** Id of the dip or the thing that waits for it. */
  of: string;
}

/** A thing the day makes first. */
export interface DayThing {
  /** `made/…` */
  key: string;
  thing: ThingToMake;
  /** g that go in. */
  inG: number;
  /** Ids of the dips and things that wait for it. */
  waiting: string[];
  /** g of each product that the day takes. */
  taken: ReadonlyMap<string, number>;
}

/** A dip the day makes, for the table or for others. */
export interface DayMass {
  dip: Dip;
  massG: number;
  /** What of what goes in comes out of the machine, 0–1. */
  comesOut: number;
  /** g of it that go into other dips. */
  intoG: number;
  /** Ids of the dips that wait for it. */
  waiting: string[];
}

/** Everything a day makes, and every row of it that is bought or made ready. */
export interface Unfolded {
  dips: DayMass[];
  things: DayThing[];
  rows: DayRow[];
  problems: string[];
}

/** As deep as made things are followed; what is deeper is not in the larder at all. */
const mostRounds = 12;

export const keyOfThing = (id: string): string => `made/${id}`;

/**
 * Unfolds a day's dips: what they take that is made here comes out of what stands ready first, and the rest is made, with all that goes
 * into it.
 *
 * @param wanted g of each dip for the table
 */
export function unfold(
  wanted: readonly { dip: Dip; massG: number }[],
  kitchen: Kitchen,
  { thingOf, dipOf, ready, comesOut }: MadeForDay,
): Unfolded {
  const left = new Map(ready);
  const dips = new Map<string, DayMass>();
  const things = new Map<string, Omit<DayThing, 'taken'> & { taken: Map<string, number> }>();
  const found: Unfolded = { dips: [], things: [], rows: [], problems: [] };
  const problems = new Set<string>();
  let open: (() => void)[] = [];

  const takeRow = (read: ReadRow, massG: number, of: string) => {
    const id = read.ingredient?.id;
    if (id === undefined || massG <= 0) return;
    const [thing, base] = [thingOf(id), dipOf(id)];
    if (!thing && !base) {
      found.rows.push({ read, massG, of });
      return;
    }
    const there = Math.min(left.get(id) ?? 0, massG);
    left.set(id, (left.get(id) ?? 0) - there);
    const short = massG - there;
    if (short <= 0.05) return;
    if (thing) open.push(() => makeThing(thing, id, short, of));
    else if (base) open.push(() => makeDip(base, short, of));
  };

  const makeDip = (dip: Dip, massG: number, into: string | null) => {
    const bowl = bowlOfRows(dip, kitchen);
    for (const problem of bowl.problems) problems.add(`${dip.name}: ${problem}`);
    const known: DayMass = dips.get(dip.id) ?? {
      ...{ dip, massG: 0, intoG: 0, waiting: [] },
      comesOut: comesOut(dip),
    };
    const factor = bowl.massG > 0 ? massG / known.comesOut / bowl.massG : 0;
    known.massG += massG;
    if (into !== null) {
      known.intoG += massG;
      if (!known.waiting.includes(into)) known.waiting.push(into);
    }
    dips.set(dip.id, known);
    for (const read of bowl.rows) takeRow(read, read.massG * factor, dip.id);
  };

  const makeThing = (thing: ThingToMake, ingredientId: string, massG: number, into: string) => {
    const key = keyOfThing(thing.id);
    const known = things.get(key) ?? {
      ...{ key, thing, inG: 0, waiting: [] as string[] },
      taken: new Map<string, number>(),
    };
    known.taken.set(ingredientId, (known.taken.get(ingredientId) ?? 0) + massG);
    if (!known.waiting.includes(into)) known.waiting.push(into);
    things.set(key, known);
    // one making gives all of what it gives
    const inG = Math.max(
      0,
      ...thing.gives.map(({ ingredientId: id, share }) =>
        share > 0 ? (known.taken.get(id) ?? 0) / share : 0,
      ),
    );
    const more = inG - known.inG;
    known.inG = Math.max(inG, known.inG);
    const reads = thing.rows.map((row) => readRow(row, kitchen));
    const written = reads.reduce((sum, read) => sum + read.massG, 0);
    for (const { error } of reads) if (error !== null) problems.add(`${thing.name}: ${error}`);
    if (written <= 0 || more <= 0) return;
    for (const read of reads) takeRow(read, (read.massG * more) / written, key);
  };

  for (const { dip, massG } of wanted) makeDip(dip, massG, null);
  for (let round = 0; round < mostRounds && open.length > 0; round += 1) {
    const now = open;
    open = [];
    for (const make of now) make();
  }
  return {
    ...found,
    dips: [...dips.values()],
    things: [...things.values()],
    problems: [...problems],
  };
}
