import { type BodyWord, bodyWords, wordRange } from '../mix/bodyWords';
import type { Targets } from '../mix/targets';

/** What a bowl is to be: as its dip is, or a body of its own once chilled. */
export type Aim = BodyWord | 'dip';

/** The targets of a bowl with an aim of its own; undefined where it is as its dip. */
export function targetsOfAim(dipTargets: Targets, aim: Aim): Targets | undefined {
  if (aim === 'dip') return undefined;
  const { freshBody: _other, ...rest } = dipTargets;
  return { ...rest, chilledBody: wordRange(aim) };
}

/** The aim that targets of a bowl's own come from. */
export function aimOfTargets(targets: Targets | undefined): Aim {
  const low = targets?.chilledBody?.low;
  return bodyWords.find((word) => wordRange(word).low === low) ?? 'dip';
}
