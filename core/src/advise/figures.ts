import { type Analysis, analyse } from '../analysis/analyse';
import type { Method } from '../body/conditions';
import type { Part } from '../bowl/part';
import type { Correction } from '../calibration/correction';
import { missOf, type TargetName, targetNames, type Targets } from '../landing/targets';
import type { MeasureSystem } from '../quantity/measureSystem';

/** Where a bowl stands. Bodies are null for crumbs and an empty bowl; all are estimates. */
export interface BowlFigures {
  /** Just blended, at 25 °C. */
  body: number | null;
  /** One standard deviation of body. */
  sd: number;
  warmBody: number | null;
  chilledBody: number | null;
  word: string | null;
  saltG: number;
  acidG: number;
  garlicG: number;
  fatG: number;
  massG: number;
  volumeMl: number;
}

/** What a bowl is reckoned with. */
export interface BowlConditions {
  method: Method;
  measures: MeasureSystem;
  correction: Correction;
}

/** The figures of an analysis that advice is given by. */
export function figuresOf({ body, per100g, massG, volumeMl }: Analysis): BowlFigures {
  return {
    body: body.fresh,
    sd: body.sd,
    warmBody: body.machine,
    chilledBody: body.chilled,
    word: body.word,
    saltG: per100g.saltG,
    acidG: per100g.acidG,
    garlicG: per100g.garlicG,
    fatG: per100g.fatG,
    massG,
    volumeMl,
  };
}

/** Where a bowl with these parts stands. */
export function bowlFigures(parts: readonly Part[], conditions: BowlConditions): BowlFigures {
  const { method, measures, correction } = conditions;
  return figuresOf(analyse({ parts, method, servedAtC: 5, measures, correction }));
}

/** A target's figure; null where there is none. */
export function figureFor(name: TargetName, figures: BowlFigures): number | null {
  return name === 'freshBody' ? figures.body : figures[name];
}

/** Targets that are not met, with by how much: positive is too little. */
export function missed(
  figures: BowlFigures,
  targets: Targets,
): { name: TargetName; miss: number }[] {
  return targetNames.flatMap((name) => {
    const band = targets[name];
    const value = figureFor(name, figures);
    if (!band || value === null) return [];
    const miss = missOf(value, band);
    return Math.abs(miss) > 1e-9 ? [{ name, miss }] : [];
  });
}
