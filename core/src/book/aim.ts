import { sameValue } from './mergeRecords';
import { eatenAt } from '../dip/eatenAt';
import { familyUsual } from '../dip/familyUsual';
import type { Dip } from '../dip/dip';
import { type BodyName, bodyNames } from '../mix/bodyMoments';
import { type BodyWord, bodyWords, wordRange } from '../mix/bodyWords';
import { isBody, type TargetName, type Targets } from '../mix/targets';

/** What one bowl is for, where that is not what its dip is for: the moment it is used, and its body then. */
export interface Aim {
  /** null for as the dip. */
  moment: BodyName | null;
  /** null for as the dip is to be. */
  word: BodyWord | null;
}

/** A bowl that is for what its dip is for. */
export const asTheDip: Aim = { moment: null, word: null };

type AimedDip = Pick<Dip, 'targets' | 'moments' | 'servedAtC' | 'family'>;

/**
 * The body a bowl is wanted to have when it is used at a moment: as its dip asks then, else as its dip is to be eaten, else its family's.
 * What goes onto hot pasta has to coat it, whatever it is to be on bread: as a pesto to dress, where its dip does not say.
 */
function bodyWanted(dip: AimedDip, moment: BodyName) {
  const usual = familyUsual(dip.family).targets;
  if (moment === 'pastaBody') {
    return dip.targets.pastaBody ?? familyUsual('pesto-dress').targets.pastaBody;
  }
  const first = (targets: Targets) => bodyNames.flatMap((name) => targets[name] ?? [])[0];
  return (
    dip.targets[moment] ??
    dip.targets[eatenAt(dip)] ??
    first(dip.targets) ??
    usual[moment] ??
    first(usual)
  );
}

/** The targets of a bowl with an aim of its own: one body, at the moment it is used; undefined where it is as its dip. */
export function targetsOfAim(dip: AimedDip, { moment, word }: Aim): Targets | undefined {
  const used = moment ?? eatenAt(dip);
  const others = bodyNames.filter((name) => dip.targets[name] && name !== used);
  if (word === null && (moment === null || (dip.targets[used] && others.length === 0))) {
    return undefined;
  }
  const band = word === null ? bodyWanted(dip, used) : wordRange(word);
  const rest: Targets = {};
  for (const name of Object.keys(dip.targets) as TargetName[]) {
    const kept = dip.targets[name];
    if (!isBody(name) && kept) rest[name] = kept;
  }
  return band ? { ...rest, [used]: band } : rest;
}

/** The aim that targets of a bowl's own come from. */
export function aimOfTargets(targets: Targets | undefined): Aim {
  if (!targets) return asTheDip;
  const moment = bodyNames.find((name) => targets[name]) ?? null;
  const band = moment === null ? undefined : targets[moment];
  const word = bodyWords.find((one) => sameValue(wordRange(one), band)) ?? null;
  return { moment, word };
}
