import { justNoticeable } from '../advise/justNoticeable';
import type { Dip } from '../dip/dip';
import type { Larder } from '../larder/larder';
import { type Family, type UsualSeasoning, usualSeasoning } from '../mix/families';
import { usualBlendC } from '../mix/method';
import { mixOf } from '../mix/mix';
import { per100g } from '../mix/per100g';
import type { TasteMarks, Verdict } from '../readings/tastes';
import { type Side, sideOf } from '../taste/agreement';
import { type HouseRange, houseRange, type LevelVerdict } from '../taste/houseTaste';
import { saidUnder, type TastedHow } from '../taste/saidUnder';
import { sampleOf, type Tasting } from '../taste/tasting';
import type { Batch } from './batch';
import { type Book, settingsOf } from './book';
import { tastedBowl, type TastedTables } from './tastedBowl';
import type { Trial } from './trial';
import { trialParts } from './trialParts';
import type { Kitchen } from '../kitchen/kitchen';

/** What a house's taste is known of. */
export const houseTastes = ['salt', 'sour', 'garlic'] as const;
export type HouseTaste = (typeof houseTastes)[number];

export const houseFigure = {
  salt: 'saltG',
  sour: 'acidG',
  garlic: 'garlicG',
} as const satisfies Record<HouseTaste, 'saltG' | 'acidG' | 'garlicG'>;

/** One thing somebody said of how much there was, with where and when. */
export interface HouseVerdict extends LevelVerdict {
  taste: HouseTaste;
  /** ISO 8601 */
  at: string;
  /** What it was said of: a trial or a tasting, by what it is called. */
  of: string;
}

/** The tables a house's taste comes from. */
export type HouseTables = TastedTables & Pick<Book, 'tastings' | 'settings'>;

const sideOfVerdict: Record<Verdict, Side> = { short: 'low', right: 'right', over: 'high' };

/** The seasoning of a trial does not change, so it is added up once for a larder. */
const levels = new WeakMap<Trial, { larder: Larder; figures: Record<HouseTaste, number> }>();

function levelsOf(trial: Trial, larder: Larder): Record<HouseTaste, number> {
  const known = levels.get(trial);
  if (known?.larder === larder) return known.figures;
  const { saltG, acidG, garlicG } = per100g(mixOf(trialParts(trial.rows, larder)).all);
  const figures = { salt: saltG, sour: acidG, garlic: garlicG };
  levels.set(trial, { larder, figures });
  return figures;
}

function trialVerdicts(
  trial: Trial,
  { name, servedAtC }: Pick<Dip, 'name' | 'servedAtC'>,
  larder: Larder,
): HouseVerdict[] {
  // marks of a making are of the bowl as it comes out of the machine, off the spoon
  const warm = trial.method.blendC ?? usualBlendC;
  const said: ({ tastes: TasteMarks; at: string } & TastedHow)[] = [
    { tastes: trial.tastes, at: trial.madeAt, atC: warm, eatenWith: '' },
    ...(trial.gates ?? []),
  ];
  return said.flatMap(({ tastes, at, ...how }) =>
    houseTastes.flatMap((taste): HouseVerdict[] => {
      const verdict = tastes[taste];
      if (verdict === undefined) return [];
      const level = levelsOf(trial, larder)[taste];
      const of = `${name}, trial ${trial.number}`;
      const weight = saidUnder(how, servedAtC);
      return [{ taste, level, side: sideOfVerdict[verdict], at, of, weight }];
    }),
  );
}

function tastingVerdicts(
  tasting: Tasting,
  family: Family,
  book: TastedTables,
  kitchen: Kitchen,
): HouseVerdict[] {
  const figuresOf = new Map(
    tasting.samples.map((sample) => {
      const bowl = tastedBowl(sample, book, kitchen);
      return [
        sample.id,
        bowl?.dip.family === family && bowl.parts.length > 0
          ? { ...per100g(mixOf(bowl.parts).all), weight: saidUnder(tasting, bowl.dip.servedAtC) }
          : null,
      ] as const;
    }),
  );
  return tasting.marks.flatMap(({ code, jar = {} }) => {
    const figures = figuresOf.get(sampleOf(tasting, code)?.id ?? '');
    if (!figures) return [];
    return houseTastes.flatMap((taste): HouseVerdict[] => {
      const mark = jar[taste];
      if (mark === undefined) return [];
      const level = figures[houseFigure[taste]];
      const { weight } = figures;
      return [
        { taste, level, side: sideOf(mark), at: tasting.createdAt, of: tasting.name, weight },
      ];
    });
  });
}

/** What *again* says of one taste beside being asked about it: nobody named it (J). */
const againWeight = 0.5;

/** A batch that is wanted again was right in what it was seasoned with; one that is not says nothing of which. */
function batchVerdicts({ again, rows, madeAt, name, code }: Batch, larder: Larder): HouseVerdict[] {
  if (again !== 'again') return [];
  const figures = per100g(mixOf(trialParts(rows, larder)).all);
  return houseTastes.map((taste) => ({
    ...{ taste, level: figures[houseFigure[taste]], side: 'right', at: madeAt },
    ...{ of: `${name}, ${code}`, weight: againWeight },
  }));
}

/** Half of what a verdict counts is gone after so long, where old ones fade. */
const halfLifeDays = 180;
const dayMs = 86_400_000;

/**
 * Everything said of how a family's dips are seasoned: in making, cold, and by several people together.
 *
 * @param guests a group by its name: what they said alone; null for the house, without any group
 * @param nowMs where old verdicts fade, what they count is as of then
 */
export function houseVerdicts(
  book: HouseTables,
  kitchen: Kitchen,
  family: Family,
  guests: string | null = null,
  nowMs = 0,
): HouseVerdict[] {
  const { tasteSince, tasteFades } = settingsOf(book);
  const { larder } = kitchen;
  const trials =
    guests === null
      ? [...book.trials.values()].flatMap((trial) => {
          const dip = book.dips.get(trial.dipId);
          return dip?.family === family ? trialVerdicts(trial, dip, larder) : [];
        })
      : [];
  const batches =
    guests === null
      ? [...book.batches.values()].flatMap((batch) =>
          batch.family === family && !batch.thing ? batchVerdicts(batch, larder) : [],
        )
      : [];
  const tastings = [...book.tastings.values()]
    .filter((tasting) => tasting.closedAt !== null && (tasting.guests ?? null) === guests)
    .flatMap((tasting) => tastingVerdicts(tasting, family, book, kitchen));
  return [...trials, ...batches, ...tastings]
    .filter(({ at }) => tasteSince === undefined || at >= tasteSince)
    .map((verdict) => {
      if (!tasteFades || nowMs === 0) return verdict;
      const days = Math.max(0, nowMs - Date.parse(verdict.at)) / dayMs;
      return { ...verdict, weight: (verdict.weight ?? 1) * 0.5 ** (days / halfLifeDays) };
    });
}

/** The latest that are heard; what came before them says little more. */
const mostHeard = 300;

/** What is right here of each taste, by what was said last. */
export function usualHere(
  family: Family,
  verdicts: readonly HouseVerdict[],
): Record<(typeof houseFigure)[HouseTaste], HouseRange> {
  const usual = usualSeasoning[family];
  const of = (taste: HouseTaste) =>
    houseRange(
      usual[houseFigure[taste]],
      verdicts
        .filter((one) => one.taste === taste)
        .sort((a, b) => b.at.localeCompare(a.at))
        .slice(0, mostHeard),
      justNoticeable[houseFigure[taste]].least,
    );
  return { saltG: of('salt'), acidG: of('sour'), garlicG: of('garlic') };
}

const rounded = ({ low, high }: HouseRange) => ({
  low: Number(low.toFixed(2)),
  high: Number(high.toFixed(2)),
});

/**
 * What is right here of each taste as plain ranges, to two places, so that they can be aimed at and sent to a worker.
 *
 * @returns null where nothing was said of this family: its own usual holds
 */
export function houseSeasoning(
  family: Family,
  verdicts: readonly HouseVerdict[],
): UsualSeasoning | null {
  if (verdicts.length === 0) return null;
  const { saltG, acidG, garlicG } = usualHere(family, verdicts);
  return { saltG: rounded(saltG), acidG: rounded(acidG), garlicG: rounded(garlicG) };
}

/** Groups of guests that have tasted, by name. */
export function guestGroups(tastings: Iterable<Tasting>): string[] {
  const names = [...tastings].flatMap(({ guests, closedAt }) =>
    guests !== undefined && closedAt !== null ? [guests] : [],
  );
  return [...new Set(names)].sort((a, b) => a.localeCompare(b));
}
