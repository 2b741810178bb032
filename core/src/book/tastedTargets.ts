import { type HeldName, noticed } from '../advise/justNoticeable';
import { mixOf } from '../mix/mix';
import { mean } from '../statistics/mean';
import { type Band, isBody, type TargetName, targetValue } from '../mix/targets';
import { idealLevel, type LevelMark } from '../taste/idealLevel';
import type { PanelResult } from '../taste/panelResult';
import {
  type JarName,
  jarNames,
  sampleOf,
  type Tasting,
  type TastingSample,
} from '../taste/tasting';
import type { TastedBowl } from './tastedBowl';

/** Which figure of a bowl a mark is about; what has none is said in words alone. */
const figures = {
  body: 'servedBody',
  salt: 'saltG',
  sour: 'acidG',
  garlic: 'garlicG',
  sweet: 'sugarsG',
  bitter: 'bitter',
  heat: 'heat',
} as const satisfies Partial<Record<JarName, TargetName>>;

const figureOf = (name: JarName): TargetName | null =>
  name in figures ? figures[name as keyof typeof figures] : null;

/** One mark of five is taken to be so many times what is just noticed, before anybody tasted (J). */
const noticedPerMark = 2;

/** What a dip should have more or less of, for these people, and how far that is, where the model has a figure for it. */
export interface TastedTarget {
  dipId: string;
  attribute: JarName;
  /** The pots that say so, what costs most liking first. */
  pots: readonly {
    code: string;
    direction: 'more' | 'less';
    why: string;
    /** Where that bowl stands; null where no figure says it. */
    from: number | null;
  }[];
  /** Null where no figure says it: smoke, herb, nut, colour, grain. */
  aim: {
    name: TargetName;
    /** Where these people would have it. */
    to: number;
    sd: number;
    band: Band;
  } | null;
}

/** What is noticed of a figure where it stands; bodies alike at any moment. */
const noticedOf = (name: TargetName, value: number): number =>
  noticed(isBody(name) ? 'freshBody' : (name as HeldName), value);

function levelOf(name: TargetName, { parts, conditions }: TastedBowl): number | null {
  const value = targetValue(name, mixOf(parts), conditions);
  return Number.isFinite(value) ? value : null;
}

/** Where these people would have a figure of a dip, by their marks of every bowl of it. */
function aimOf(
  tasting: Tasting,
  attribute: JarName,
  name: TargetName,
  dipId: string,
  bowls: ReadonlyMap<string, TastedBowl | null>,
): TastedTarget['aim'] {
  const marks = tasting.marks.flatMap(({ code, jar }): LevelMark[] => {
    const bowl = bowls.get(sampleOf(tasting, code)?.id ?? '');
    const level = bowl?.dip.id === dipId ? levelOf(name, bowl) : null;
    const mark = jar?.[attribute];
    return level === null || mark === undefined ? [] : [{ level, mark }];
  });
  if (marks.length === 0) return null;
  const step = noticedOf(name, mean(marks.map(({ level }) => level)));
  const { ideal, sd } = idealLevel(marks, noticedPerMark * step);
  const to = isBody(name) ? ideal : Math.max(0, ideal);
  const low = isBody(name) ? to - step : Math.max(0, to - step);
  return { name, to, sd, band: { low, high: to + step } };
}

/**
 * What a tasting asks of its dips, in the order of what it costs in liking: each penalty that has a direction, and how far it is to
 * where these people would have it. Marks of every bowl of the same dip count together.
 *
 * @param bowlOf what a sample is made of; null where that is not known any longer
 */
export function tastedTargets(
  tasting: Tasting,
  { shifts }: PanelResult,
  bowlOf: (sample: TastingSample) => TastedBowl | null,
): TastedTarget[] {
  const bowls = new Map(tasting.samples.map((sample) => [sample.id, bowlOf(sample)]));
  const found = new Map<string, TastedTarget>();
  for (const { sample: code, attribute: said, direction, why } of shifts) {
    const attribute = jarNames.find((one) => one === said);
    const bowl = bowls.get(sampleOf(tasting, code)?.id ?? '');
    if (!attribute || !bowl) continue;
    const dipId = bowl.dip.id;
    const name = figureOf(attribute);
    const key = `${attribute} ${dipId}`;
    const before = found.get(key) ?? {
      ...{ dipId, attribute, pots: [] },
      aim: name && aimOf(tasting, attribute, name, dipId, bowls),
    };
    const pot = { code, direction, why, from: name && levelOf(name, bowl) };
    found.set(key, { ...before, pots: [...before.pots, pot] });
  }
  return [...found.values()];
}
