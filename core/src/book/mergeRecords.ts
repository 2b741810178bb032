type Json = unknown;
type Fields = Record<string, Json>;

/** Fields that tell one item of a list from the others. */
const keys = ['id', 'rowId', 'dipId', 'takenAt'] as const;

const isObject = (value: Json): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Whether two plain values say the same; a field that is undefined counts as left out. */
export function sameValue(a: Json, b: Json): boolean {
  if (Object.is(a, b)) return true;
  if (Array.isArray(a)) {
    return Array.isArray(b) && a.length === b.length && a.every((one, i) => sameValue(one, b[i]));
  }
  if (!isObject(a) || !isObject(b)) return false;
  const names = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...names].every((name) => sameValue(a[name], b[name]));
}

/** The field by which every item of all lists can be told apart; null where there is none. */
function keyOf(...lists: readonly Json[][]): string | null {
  const found = keys.find((key) =>
    lists.every((list) => {
      const seen = list.map((item) => (isObject(item) ? item[key] : undefined));
      return seen.every((one) => typeof one === 'string') && new Set(seen).size === list.length;
    }),
  );
  return lists.some((list) => list.length > 0) ? (found ?? null) : null;
}

/** Items told apart by a key: each merged by itself, in the order of whoever changed the order. */
function mergeKeyed(key: string, before: Fields[], mine: Fields[], theirs: Fields[]): Json[] {
  const idOf = (item: Fields) => item[key] as string;
  const byId = (list: Fields[]) => new Map(list.map((item) => [idOf(item), item]));
  const [was, my, their] = [byId(before), byId(mine), byId(theirs)];
  const kept = new Map<string, Json>();
  for (const id of new Set([...their.keys(), ...my.keys()])) {
    const [old, own, other] = [was.get(id), my.get(id), their.get(id)];
    // taken away by one, the item is gone, unless the other changed it meanwhile
    if (!own && old && other && sameValue(old, other)) continue;
    if (!other && old && own && sameValue(old, own)) continue;
    kept.set(id, own && other ? mergeValue(old, own, other) : (own ?? other));
  }
  const common = mine.map(idOf).filter((id) => was.has(id));
  const reordered = common.some((id, i) => i > 0 && !inOrder(before.map(idOf), common[i - 1], id));
  const [first, second] = reordered ? [mine, theirs] : [theirs, mine];
  const order = first.map(idOf).filter((id) => kept.has(id));
  second.forEach((item, i) => {
    const id = idOf(item);
    if (!kept.has(id) || order.includes(id)) return;
    // what only one has goes after what it stood after there
    const previous = second.slice(0, i).findLast((one) => order.includes(idOf(one)));
    order.splice(previous ? order.indexOf(idOf(previous)) + 1 : 0, 0, id);
  });
  return order.map((id) => kept.get(id));
}

function inOrder(list: readonly string[], a: string | undefined, b: string): boolean {
  return a === undefined || list.indexOf(a) < list.indexOf(b);
}

/** Lists that only grew keep what both added; else the later word counts. */
function mergeLists(before: Json[], mine: Json[], theirs: Json[]): Json[] {
  const key = keyOf(before, mine, theirs);
  if (key) return mergeKeyed(key, before as Fields[], mine as Fields[], theirs as Fields[]);
  const grew = (list: Json[]) =>
    list.length >= before.length && before.every((one, i) => sameValue(one, list[i]));
  return grew(mine) && grew(theirs) ? [...theirs, ...mine.slice(before.length)] : mine;
}

function mergeValue(before: Json, mine: Json, theirs: Json): Json {
  if (sameValue(mine, theirs) || sameValue(before, mine)) return theirs;
  if (sameValue(before, theirs)) return mine;
  if (Array.isArray(mine) && Array.isArray(theirs)) {
    return mergeLists(Array.isArray(before) ? before : [], mine, theirs);
  }
  if (isObject(mine) && isObject(theirs)) {
    return mergeFields(isObject(before) ? before : {}, mine, theirs);
  }
  return mine;
}

function mergeFields(before: Fields, mine: Fields, theirs: Fields): Fields {
  const merged: Fields = {};
  for (const name of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
    const value = mergeValue(before[name], mine[name], theirs[name]);
    if (value !== undefined) merged[name] = value;
  }
  return merged;
}

/**
 * What becomes of a record that two changed from the same state: by field, and in lists by item, each change stays; where
 * both changed the same thing, mine, which came later.
 *
 * @param before what mine was made from; null for none
 * @param mine what it is to be; null takes it away
 * @param theirs what stands there now; null where it is gone
 * @returns what is to stand there; the very `mine` where nobody else changed anything. A record the other took away stays
 *   away unless it is put there anew
 */
export function mergeRecords<T extends object>(
  before: T | null,
  mine: T | null,
  theirs: T | null,
): T | null {
  if (mine === null || sameValue(before, theirs)) return mine;
  if (theirs === null) return before === null ? mine : null;
  return mergeValue(before ?? {}, mine, theirs) as T;
}
