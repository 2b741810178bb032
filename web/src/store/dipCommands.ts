import { settingsOf } from '@cobbet/core/book/book';
import { put } from '@cobbet/core/book/change';
import { type Dip, emptyDip, plainRow, variantOf } from '@cobbet/core/dip/dip';
import { useBook } from './bookStore';
import { newId } from './newId';

/** Changes a dip that is still there. */
export function editDip(
  dipId: string,
  label: string,
  edit: (dip: Dip) => Dip,
  mergeKey?: string,
): Promise<boolean> {
  return useBook.getState().act(
    label,
    (book) => {
      const dip = book.dips.get(dipId);
      const next = dip && edit(dip);
      return next && next !== dip ? [put('dips', next)] : [];
    },
    mergeKey === undefined ? {} : { mergeKey },
  );
}

/** Starts a dip with nothing in it. */
export async function addDip(name: string): Promise<string> {
  const id = newId();
  await useBook
    .getState()
    .act(`New dip ${name}`, () => [put('dips', emptyDip(id, name, new Date().toISOString()))]);
  return id;
}

/** Starts a variant of a dip. */
export async function addVariant(parent: Dip, name: string): Promise<string> {
  const id = newId();
  await useBook
    .getState()
    .act(`Variant ${name}`, () => [
      put('dips', variantOf(parent, id, name, new Date().toISOString())),
    ]);
  return id;
}

/** Starts a dip that has been put together. */
export async function addWholeDip(
  name: string,
  change: Pick<Dip, 'family' | 'targets' | 'note'> & {
    rows: readonly { ingredientId: string; amount: string }[];
  },
): Promise<string> {
  const rows = change.rows.map(({ ingredientId, amount }) =>
    plainRow(newId(), ingredientId, amount),
  );
  return addReadDip(name, { ...change, rows });
}

/** A dip out of a recipe, with what was answered on the way, as one step of undo. */
export async function addReadDip(
  name: string,
  said: Pick<Dip, 'family' | 'rows' | 'note'> & Partial<Pick<Dip, 'targets'>>,
  picks: ReadonlyMap<string, string> = new Map(),
): Promise<string> {
  const id = newId();
  await useBook.getState().act(`New dip ${name}`, (book) => {
    const settings = settingsOf(book);
    const picked = { ...settings.picked, ...Object.fromEntries(picks) };
    return [
      put('dips', { ...emptyDip(id, name, new Date().toISOString()), ...said }),
      ...(picks.size > 0 ? [put('settings', { ...settings, picked })] : []),
    ];
  });
  return id;
}
