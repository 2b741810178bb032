import { sameValue } from '../../book/mergeRecords';
import { plainId } from '../../larder/plainId';
import { compositionKeys, type Ingredient, type OwnIngredient } from '../../larder/ingredient';
import { cannot, type Line, numberIn, type Outcome, type Taking } from './taking';

const numbers = [...compositionKeys, 'g per ml', 'g a piece'] as const;
const factOf = (name: (typeof numbers)[number]): keyof Ingredient =>
  name === 'g per ml' ? 'densityGPerMl' : name === 'g a piece' ? 'pieceG' : name;

/**
 * Takes a line of the larder: what of a thing it says otherwise is this cook's own from then on. A new thing must say what it is like, since
 * nothing else tells what it does in a bowl and to whom; an empty cell says nothing, of allergens neither.
 */
export function larderLine(line: Line, taking: Taking): Outcome {
  const { larder } = taking.now;
  const name = line['name'] ?? '';
  const id = (line['id'] ?? '') === '' ? plainId(name) : (line['id'] ?? '');
  if (name === '' || id === '') return cannot('There is no name.');
  const known = larder.get(id);
  const facts: Record<string, unknown> = {};
  for (const column of numbers) {
    const value = numberIn(line, column);
    if (typeof value === 'string') return cannot(value);
    if (value !== null) facts[factOf(column)] = value;
  }
  const allergens = (line['allergens'] ?? '')
    .split(';')
    .map((one) => one.trim())
    .filter((one) => one !== '');
  /** What a table says is in it, is; that something is not is said by hand, where it is seen. */
  const withOwn = (own: readonly string[]) =>
    allergens.some((one) => !own.includes(one))
      ? { allergens: [...new Set([...own, ...allergens])] }
      : {};
  if (known) {
    const before = known as unknown as Record<string, unknown>;
    const told = { ...facts, ...withOwn(known.allergens), name };
    const changed = Object.fromEntries(
      Object.entries(told).filter(([key, value]) => !sameValue(before[key], value)),
    );
    if (Object.keys(changed).length === 0) return 'same';
    const own = taking.book.larder.get(id);
    const kept = own ?? { id, like: id };
    return taking.take('larder', { ...kept, ...changed } as OwnIngredient);
  }
  const like = line['like'] ?? '';
  if (like === '') return cannot(`“${name}” is new: say in a column “like” what it is like.`);
  const base = taking.ingredient(like);
  if (typeof base === 'string') return cannot(base);
  return taking.take('larder', {
    id,
    like: base.id,
    name,
    ...facts,
    ...withOwn(base.allergens),
  } as OwnIngredient);
}
