import { type HeldName, noticed } from '../advise/justNoticeable';
import { mixOf } from '../mix/mix';
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

/** What the panel would like another way, with how far, where the model has a figure for it. */
export interface TastedTarget {
  code: string;
  dipId: string;
  attribute: JarName;
  direction: 'more' | 'less';
  why: string;
  /** Null where no figure says it: smoke, herb, nut, colour, grain. */
  aim: {
    name: TargetName;
    /** Where the tasted bowl stands. */
    from: number;
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
  return shifts.flatMap(({ sample: code, attribute, direction, why }): TastedTarget[] => {
    const name = jarNames.find((one) => one === attribute);
    const bowl = bowls.get(sampleOf(tasting, code)?.id ?? '');
    if (!name || !bowl) return [];
    const told = { code, dipId: bowl.dip.id, attribute: name, direction, why };
    const figure = figureOf(name);
    const from = figure && levelOf(figure, bowl);
    if (figure === null || from === null) return [{ ...told, aim: null }];
    const marks = tasting.marks.flatMap(({ code: of, jar }): LevelMark[] => {
      const other = bowls.get(sampleOf(tasting, of)?.id ?? '');
      const level = other?.dip.id === bowl.dip.id ? levelOf(figure, other) : null;
      const mark = jar?.[name];
      return level === null || mark === undefined ? [] : [{ level, mark }];
    });
    const step = noticedOf(figure, from);
    const { ideal, sd } = idealLevel(marks, noticedPerMark * step);
    const to = isBody(figure) ? ideal : Math.max(0, ideal);
    const low = isBody(figure) ? to - step : Math.max(0, to - step);
    return [{ ...told, aim: { name: figure, from, to, sd, band: { low, high: to + step } } }];
  });
}
