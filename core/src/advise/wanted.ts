import { type Figures, targetFigure } from '../mix/figures';
import type { UsualSeasoning } from '../mix/families';
import type { Band, TargetName, Targets } from '../mix/targets';
import type { Taste, TasteMarks } from '../readings/tastes';
import type { Doubts } from './overshoot';
import { type HeldName, noticed } from './justNoticeable';

/** One way of putting a bowl right: what it is to be then, and what it relies on where that is not the figure itself. */
export interface Goal {
  targets: Targets;
  /** In words, where a thing is mended by another: `a little sweetness hides it`. */
  by: string | null;
  /** The figures it relies on then. */
  means: TargetName[];
  /** How uncertain the far end is, where only the mouth tells it. */
  ends: Doubts;
}

/** A step a mouth can tell, g per 100 g (judgement). */
const step = { saltG: 0.1, acidG: 0.05, garlicG: 0.15 } as const;
type Seasoning = keyof typeof step;
const figureOf = { salt: 'saltG', sour: 'acidG', garlic: 'garlicG' } as const;

/** How much further than it asks for a step may go, as a share of it (judgement). */
const room = 0.5;
/** What the least measure of it brings, g: an eighth of a teaspoon of salt, half one of lemon juice, half a clove. */
const leastMeasure = { saltG: 0.71, acidG: 0.13, garlicG: 2 } as const;

/** A band moved to where the mouth wants it: above or below what is there now by what can be tasted. */
function moved(
  name: Seasoning,
  band: Band | undefined,
  { per100g: { [name]: now }, massG }: Figures,
  by: number,
  verdict: 'short' | 'over',
): Band {
  const least = verdict === 'short' && massG > 0 ? (100 * leastMeasure[name]) / massG : 0;
  // what can't be measured can't be asked for
  const wide = Math.max(room * by, least);
  if (verdict === 'short') {
    // where a band was asked for and is met, the mouth moves within it
    const met = band && now >= (band.low ?? 0);
    const rise = met ? by / 2 : by;
    const middle = met && band.low !== null && band.high !== null ? (band.low + band.high) / 2 : 0;
    const low = Math.max(band?.low ?? 0, now + rise, middle);
    // where the band lies below what the mouth wants, it is the mouth's
    const above = low > (band?.high ?? 0);
    return { low, high: above ? low + wide : Math.max(band?.high ?? 0, low + rise) };
  }
  const high = Math.min(band?.high ?? Infinity, Math.max(0, now - by));
  return { low: Math.min(band?.low ?? Infinity, Math.max(0, high - wide)), high };
}

/** How much of the way back to what is usual one step of thinning takes (J). */
const thinnedShare = 0.4;

/** What is right may move by a little more than is noticed, since a spoon is a spoon (J). */
const heldWithin = 1.2;

function offUsual(now: number, usual: { low: number; high: number }, verdict: 'short' | 'over') {
  return Math.max(0, verdict === 'short' ? usual.low - now : now - usual.high);
}

/** More or less of a figure by so many times what is noticed, with room for as much again. */
function shifted(now: Figures, name: HeldName, from: number, to: number): Band {
  const value = targetFigure(name, now) ?? 0;
  const by = noticed(name, value);
  return { low: Math.max(0, value + from * by), high: Math.max(0, value + to * by) };
}

/** Two sets of targets as one; of the same figure the second is laid over the first. */
const both = (first: Targets, second: Targets): Targets => ({ ...first, ...second });

/** What a flat bowl wants: a little salt and a little sour, of what was not judged by itself. */
function forFlat(tastes: TasteMarks, now: Figures, over: boolean): Targets {
  if (!over)
    return tastes.sour ? {} : { acidG: moved('acidG', undefined, now, step.acidG, 'over') };
  return {
    ...(tastes.salt ? {} : { saltG: moved('saltG', undefined, now, step.saltG / 2, 'short') }),
    ...(tastes.sour ? {} : { acidG: moved('acidG', undefined, now, step.acidG, 'short') }),
  };
}

/** What hides or thins bitterness, likeliest first; not by what was itself judged right or too much. */
function forBitter(tastes: TasteMarks, now: Figures): Omit<Goal, 'ends'>[] {
  const settled = (taste: Taste) => tastes[taste] === 'over' || tastes[taste] === 'right';
  const goals: Omit<Goal, 'means' | 'ends'>[] = [
    { targets: { sugarsG: shifted(now, 'sugarsG', 1, 3) }, by: 'a little sweetness hides it' },
    { targets: { fatG: shifted(now, 'fatG', 1, 3) }, by: 'fat rounds it' },
    { targets: { bitter: shifted(now, 'bitter', -3, -1) }, by: 'more around it thins it' },
  ];
  if (!settled('salt')) {
    goals.unshift({ targets: { saltG: shifted(now, 'saltG', 1, 2) }, by: 'salt hides it' });
  }
  if (!settled('sour')) {
    goals.push({ targets: { acidG: shifted(now, 'acidG', 1, 2) }, by: 'acid turns from it' });
  }
  // whatever hides it must not bring more of it
  const noMore = { bitter: { low: null, high: now.per100g.bitter } };
  return goals.map((goal) => ({
    ...goal,
    targets: both(noMore, goal.targets),
    means: ['bitter', ...(Object.keys(goal.targets) as TargetName[])],
  }));
}

/** How far a step grows at most where the tongue says the same again: of salt less, it is not taken out again (judgement). */
const mostGrown: Readonly<Record<Seasoning, number>> = { saltG: 3, acidG: 4, garlicG: 3 };

/** The same word again after something went in for it: the step before was too small, so the next is twice as large. */
const grown = (name: Seasoning, times: number | undefined) =>
  Math.min(mostGrown[name], 2 ** ((times ?? 1) - 1));

/** What is right spans at least so many steps: a move of less can't go past it from where it is not yet right (judgement). */
const rightSpan = 2;

/**
 * What a bowl is to be, by the dip's own targets with this bowl's marks laid over them: the tongue outranks the band. *Right* holds
 * what is there, *short* and *over* move it by what can be tasted. Where a mark can be answered in several ways, each is a goal.
 *
 * @param targets of the dip
 * @param now what is in the bowl
 * @param usual says how far a step goes where nothing else does
 * @param times how many times running each taste was marked the same
 * @returns at least one
 */
export function goalsOf(
  targets: Targets,
  tastes: TasteMarks,
  now: Figures,
  usual: UsualSeasoning,
  times: Partial<Record<Taste, number>> = {},
): Goal[] {
  const wanted: Targets = { ...targets };
  const ends: Doubts = {};
  for (const taste of ['salt', 'sour', 'garlic'] as const) {
    const verdict = tastes[taste];
    const name: Seasoning = figureOf[taste];
    const value = now.per100g[name];
    if (verdict === 'short' || verdict === 'over') {
      const off = offUsual(value, usual[name], verdict);
      // far from what is usual there is no dip: back to it first, unless the cook asked for something else; by thinning only a part
      // of the way at once, since it costs a dip of its own
      const back = wanted[name] ? 0 : off * (verdict === 'short' ? 1 : thinnedShare);
      const by = Math.max(back, step[name] * grown(name, times[taste]));
      if (!wanted[name]) ends[name] = Math.max(0, by - rightSpan * step[name]);
      wanted[name] = moved(name, wanted[name], now, by, verdict);
    } else if (verdict === 'right') {
      const by = heldWithin * noticed(name, value);
      wanted[name] = { low: Math.max(0, value - by), high: value + by };
    }
  }
  if (tastes.lean === 'over') wanted.fatG = shifted(now, 'fatG', 1.2, 4);
  if (tastes.lean === 'short') wanted.fatG = shifted(now, 'fatG', -4, -1.2);
  for (const [taste, name] of [
    ['sweet', 'sugarsG'],
    ['heat', 'heat'],
  ] as const) {
    if (tastes[taste] === 'over') wanted[name] = shifted(now, name, -4, -1.2);
    if (tastes[taste] === 'short') wanted[name] = shifted(now, name, 1.2, 4);
    if (tastes[taste] === 'right') wanted[name] = shifted(now, name, -heldWithin, heldWithin);
  }
  const flat = tastes.flat === 'over' || tastes.flat === 'short';
  const base = flat ? both(wanted, forFlat(tastes, now, tastes.flat === 'over')) : wanted;
  if (tastes.bitter !== 'over') return [{ targets: base, by: null, means: [], ends }];
  return forBitter(tastes, now).map(({ targets: more, ...goal }) => ({
    ...goal,
    ends,
    targets: both(base, more),
  }));
}

/** The figures a mark is about. */
const aboutOf: Readonly<Record<Taste, readonly TargetName[]>> = {
  salt: ['saltG'],
  sour: ['acidG'],
  garlic: ['garlicG'],
  bitter: ['bitter', 'sugarsG'],
  lean: ['fatG'],
  flat: ['saltG', 'acidG'],
  sweet: ['sugarsG'],
  heat: ['heat'],
  // of these there is no figure: more of anything thins them
  smoke: ['massG'],
  herb: ['massG'],
  nut: ['massG'],
  colour: ['massG'],
};

/**
 * Whether a mark still counts: not once something was added that moved its taste by more than can be tasted.
 *
 * @param then what was in the bowl when it was tasted
 * @param now what is in it
 */
export function stillCounts(taste: Taste, then: Figures, now: Figures): boolean {
  return aboutOf[taste].every((name) => {
    const [before, after] = [targetFigure(name, then) ?? 0, targetFigure(name, now) ?? 0];
    return Math.abs(after - before) <= noticed(name as HeldName, before);
  });
}
