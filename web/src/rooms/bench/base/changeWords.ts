import type { BaseChange, SettingChange } from '@cobbet/core/book/baseChanges';
import { type Band, type TargetName, targetWords } from '@cobbet/core/mix/targets';
import { bandWords } from '@/components/bandWords';
import { makingWords } from '@/components/differenceWords';

/** What changed in how a base is made, or in what it is to be. */
function settingWords({ what, now }: SettingChange): string {
  if (what === 'keepDays')
    return now === undefined ? 'kept as usual' : `kept ${now as number} days`;
  if (what in makingWords) return makingWords[what as keyof typeof makingWords];
  const { name } = targetWords[what as TargetName];
  return now === undefined ? `no target for ${name}` : `${name} to be ${bandWords(now as Band)}`;
}

type NameOf = (id: string) => string;

/** What changed in a base, in words: `45 g lemon juice, was 30 g`, `+ 4 g garlic`, `no cumin`. */
export function baseChangeWords(change: BaseChange, nameOf: NameOf): string {
  if (change.kind === 'setting') return settingWords(change);
  const { was, now } = change;
  if (!now) return `no ${nameOf(was?.ingredientId ?? '')}`;
  const name = nameOf(now.ingredientId);
  if (!was) return `+ ${now.amount} ${name}`;
  if (was.ingredientId !== now.ingredientId) return `${name} for ${nameOf(was.ingredientId)}`;
  if (was.amount !== now.amount) return `${now.amount} ${name}, was ${was.amount}`;
  return `${name} done otherwise`;
}

/** What a variant has made of it meanwhile; null where nothing. */
export function conflictWords(change: BaseChange, nameOf: NameOf): string | null {
  if (change.kind === 'setting') {
    return change.conflict ? 'Here it is already something else.' : null;
  }
  const { was, own, conflict } = change;
  if (!conflict || !own) return null;
  const here = `${own.amount} ${nameOf(own.ingredientId)}`;
  return was ? `Here it is ${here}.` : `There is ${here} here already.`;
}
