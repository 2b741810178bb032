import { type Dip, makingOf } from '../dip/dip';
import { followed } from './baseChanges';
import type { Book } from './book';
import { type Change, put, withChanges } from './change';

/** The variants of a dip. */
export function variantsOf({ dips }: Pick<Book, 'dips'>, dipId: string): Dip[] {
  return [...dips.values()].filter(({ parentId }) => parentId === dipId);
}

const making = (dip: Dip) => JSON.stringify(makingOf(dip));

/** Whether anything of a base changed that its variants have of it. */
const changedForVariants = (was: Dip, base: Dip) =>
  was.rows !== base.rows || making(was) !== making(base);

/** A variant that keeps what it last saw of its base, from before the first change of it. */
function sawBefore(variant: Dip, was: Dip, base: Dip): Dip {
  const rows = variant.seen || was.rows === base.rows ? {} : { seen: was.rows };
  const as = variant.seenAs || making(was) === making(base) ? {} : { seenAs: makingOf(was) };
  return 'seen' in rows || 'seenAs' in as ? { ...variant, ...rows, ...as } : variant;
}

/**
 * Changes with what they do to variants: those that follow a base take over what changed in it, the others keep what they last saw
 * of it, so that it can be offered to them.
 *
 * @param book before the changes
 */
export function withVariants(book: Book, changes: readonly Change[]): Change[] {
  const all = [...changes];
  let after = withChanges(book, changes);
  const known = new Set<string>();
  for (let at = 0; at < all.length; at += 1) {
    const change = all[at];
    if (change?.table !== 'dips' || known.has(change.id)) continue;
    const [was, base] = [book.dips.get(change.id), after.dips.get(change.id)];
    if (!was || !base || !changedForVariants(was, base)) continue;
    known.add(change.id);
    for (const variant of variantsOf(after, base.id)) {
      const saw = sawBefore(variant, was, base);
      const next = saw.follows ? followed(saw, base) : saw;
      if (next === variant || known.has(variant.id)) continue;
      all.push(put('dips', next));
      after = withChanges(after, [put('dips', next)]);
    }
  }
  return all;
}

/** Whether a dip may be made a variant of another: not of itself, nor of what comes from it. */
export function mayDescendFrom({ dips }: Pick<Book, 'dips'>, dipId: string, baseId: string) {
  const seen = new Set<string>();
  for (let at: string | null = baseId; at !== null && !seen.has(at);) {
    if (at === dipId) return false;
    seen.add(at);
    at = dips.get(at)?.parentId ?? null;
  }
  return dips.has(baseId);
}

/** A dip made a variant of another, or a base of its own. */
export function descendingFrom(dip: Dip, base: Dip | null): Dip {
  const { seen: _seen, seenAs: _as, follows: _follows, ...rest } = dip;
  return base
    ? { ...rest, parentId: base.id, seen: base.rows, seenAs: makingOf(base) }
    : { ...rest, parentId: null };
}

/** What becomes of a dip’s variants when it goes: up to what it came from, bases of their own, or gone with it. */
export type Heirs = 'up' | 'apart' | 'with it';

/** Every dip that comes from one, however far. */
export function descendantsOf(book: Pick<Book, 'dips'>, dipId: string): Dip[] {
  return variantsOf(book, dipId).flatMap((dip) => [dip, ...descendantsOf(book, dip.id)]);
}
