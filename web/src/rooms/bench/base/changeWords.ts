import type { BaseChange } from '@cobbet/core/book/baseChanges';

type NameOf = (id: string) => string;

/** What changed in a base, in words: `45 g lemon juice, was 30 g`, `+ 4 g garlic`, `no cumin`. */
export function baseChangeWords({ was, now }: BaseChange, nameOf: NameOf): string {
  if (!now) return `no ${nameOf(was?.ingredientId ?? '')}`;
  const name = nameOf(now.ingredientId);
  if (!was) return `+ ${now.amount} ${name}`;
  if (was.ingredientId !== now.ingredientId) return `${name} for ${nameOf(was.ingredientId)}`;
  if (was.amount !== now.amount) return `${now.amount} ${name}, was ${was.amount}`;
  return `${name} done otherwise`;
}

/** What a variant has made of it meanwhile; null where nothing. */
export function conflictWords({ was, own, conflict }: BaseChange, nameOf: NameOf): string | null {
  if (!conflict || !own) return null;
  const here = `${own.amount} ${nameOf(own.ingredientId)}`;
  return was ? `Here it is ${here}.` : `There is ${here} here already.`;
}
