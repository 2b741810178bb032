import { type Dip, type DipMaking, makingOf, type Row } from '../dip/dip';
import { type TargetName, targetNames } from '../mix/targets';
import { applyEdits, type Edit } from '../proposal/edit';
import { sameValue } from './mergeRecords';
import { pairedRows } from './pairedRows';

/** What of a row passes from a base to its variants; holds, limits and amounts said to be sure are each dip's own. */
const passedOn = [
  'ingredientId',
  'amount',
  'place',
  'prep',
  'garlicForm',
  'germOut',
  'raw',
  'atC',
  'worked',
  'noSubstitute',
] as const satisfies readonly (keyof Row)[];
type PassedOn = (typeof passedOn)[number];

/** One row of a base that is not as its variant last saw it. */
export interface RowChange {
  kind: 'row';
  /** What it is settled by: the row's id. */
  key: string;
  rowId: string;
  /** As the variant last saw it; null where it is new. */
  was: Row | null;
  /** As it is; null where it was taken out. */
  now: Row | null;
  /** What the variant has there; null where it has nothing. */
  own: Row | null;
  /** The variant has made something else of it: taking the change gives that up. */
  conflict: boolean;
}

/** One thing in how a base is made, or what it is to be, that is not as its variant last saw it. */
export interface SettingChange {
  kind: 'setting';
  key: string;
  what: MadeBy | TargetName;
  was: unknown;
  now: unknown;
  own: unknown;
  conflict: boolean;
}

export type BaseChange = RowChange | SettingChange;

const madeBy = ['method', 'machineId', 'tasting', 'keepDays', 'rules'] as const;
export type MadeBy = (typeof madeBy)[number];

const isMadeBy = (what: MadeBy | TargetName): what is MadeBy => madeBy.some((one) => one === what);

const settingOf = (making: DipMaking, what: MadeBy | TargetName): unknown =>
  isMadeBy(what) ? making[what] : making.targets[what];

/** What has changed in how a base is made, and in what it is to be. */
function settingChanges(dip: Dip, base: Dip): SettingChange[] {
  const { seenAs } = dip;
  if (!seenAs) return [];
  return [...madeBy, ...targetNames].flatMap((what): SettingChange[] => {
    const [was, now, own] = [seenAs, base, dip].map((one) => settingOf(one, what));
    if (sameValue(was, now) || sameValue(own, now)) return [];
    const conflict = !sameValue(own, was);
    return [{ kind: 'setting', key: `setting ${what}`, what, was, now, own, conflict }];
  });
}

const byId = (rows: readonly Row[]) => new Map(rows.map((row) => [row.id, row]));
const differing = (one: Row, other: Row): PassedOn[] =>
  passedOn.filter((field) => !sameValue(one[field], other[field]));

function changeOf(
  was: Row | null,
  now: Row | null,
  { own, alike }: { own: Row | null; alike: Row | null },
): RowChange | null {
  const rowId = (now ?? was)?.id ?? '';
  const named = { kind: 'row', key: rowId, rowId } as const;
  if (was && now) {
    // what a variant has left out stays out
    if (!own) return null;
    const fields = differing(was, now).filter((field) => !sameValue(own[field], now[field]));
    if (fields.length === 0) return null;
    const conflict = fields.some((field) => !sameValue(own[field], was[field]));
    return { ...named, was, now, own, conflict };
  }
  if (now) return own ? null : { ...named, was, now, own: alike, conflict: alike !== null };
  return was && own ? { ...named, was, now, own, conflict: differing(was, own).length > 0 } : null;
}

/**
 * What has changed in a base since its variant last saw it, and the variant has not: rows in the base's order, what was
 * taken out there, how it is made and what it is to be. Nothing where the variant has not yet seen it change.
 */
export function changesOfBase(dip: Dip, base: Dip): BaseChange[] {
  return [...rowChanges(dip, base), ...settingChanges(dip, base)];
}

function rowChanges(dip: Dip, base: Dip): RowChange[] {
  if (!dip.seen || dip.seen === base.rows) return [];
  const [seen, there] = [byId(dip.seen), byId(base.rows)];
  const pairs = pairedRows(dip.seen, dip.rows);
  const paired = new Set(pairs.values());
  const changed = base.rows.map((now) => {
    const was = seen.get(now.id) ?? null;
    if (was) return changeOf(was, now, { own: pairs.get(was) ?? null, alike: null });
    // a row of that id is this one, taken over before
    const own = dip.rows.find(({ id }) => id === now.id) ?? null;
    const alike = dip.rows.find(
      (row) => !paired.has(row) && row.ingredientId === now.ingredientId && row.place === now.place,
    );
    return changeOf(null, now, { own, alike: alike ?? null });
  });
  const gone = dip.seen
    .filter(({ id }) => !there.has(id))
    .map((was) => changeOf(was, null, { own: pairs.get(was) ?? null, alike: null }));
  return [...changed, ...gone].filter((one) => one !== null);
}

/** A change of the base as an edit of its variant: only what changed there, so that the rest stays the variant's own. */
export function takingOver(change: BaseChange, dip: Dip, base: Dip): Edit {
  if (change.kind === 'setting') return settingTaken(change, dip);
  const { rowId, was, now, own } = change;
  if (!now) return { kind: 'remove', rowId: own?.id ?? rowId };
  if (!was || !own) {
    const pairs = pairedRows(base.rows, dip.rows);
    const after = base.rows.slice(base.rows.findIndex(({ id }) => id === rowId) + 1);
    const next = after.flatMap((row) => pairs.get(row) ?? []);
    return { kind: 'add', row: { ...now }, before: next[0]?.id ?? null };
  }
  const row: Row = { ...own };
  for (const field of differing(was, now)) {
    if (now[field] === undefined) Reflect.deleteProperty(row, field);
    else Object.assign(row, { [field]: now[field] });
  }
  return { kind: 'replace', row };
}

function settingTaken({ what, now }: SettingChange, dip: Dip): Edit {
  if (isMadeBy(what)) return { kind: 'settings', change: { [what]: now } };
  const { [what]: _own, ...others } = dip.targets;
  const targets = now === undefined ? others : { ...others, [what]: now };
  return { kind: 'settings', change: { targets } };
}

/** All of some changes as edits, each of the variant as the others left it. */
export function takingAll(changes: readonly BaseChange[], dip: Dip, base: Dip): Edit[] {
  let there = dip;
  return changes.map((change) => {
    const edit = takingOver(change, there, base);
    there = applyEdits(there, [edit]);
    return edit;
  });
}

/** What a variant has seen of how its base is made while some of that is still open. */
function seenAsBut(open: readonly SettingChange[], base: Dip): DipMaking {
  const making = makingOf(base);
  const targets = { ...making.targets };
  for (const { what, was } of open) {
    if (isMadeBy(what)) Object.assign(making, { [what]: was });
    else Object.assign(targets, { [what]: was });
  }
  return definedOnly({ ...making, targets: definedOnly(targets) });
}

/** Without keys of nothing, as records are kept. */
const definedOnly = <T extends object>(thing: T): T =>
  Object.fromEntries(Object.entries(thing).filter(([, value]) => value !== undefined)) as T;

/** What a variant has seen of its base while some of its changes are still open. */
function seenBut(open: readonly RowChange[], base: Dip): Row[] {
  const old = new Map(open.map(({ rowId, was }) => [rowId, was]));
  const rows = base.rows.flatMap((row) => (old.has(row.id) ? (old.get(row.id) ?? []) : [row]));
  const gone = open.flatMap(({ was, now }) => (was && !now ? [was] : []));
  return [...rows, ...gone];
}

/** A variant with some of its base's changes taken over and some left as it has them; the rest stay open. */
function settled(dip: Dip, base: Dip, how: (change: BaseChange) => 'taken' | 'left' | 'open'): Dip {
  const changes = changesOfBase(dip, base);
  const taken = changes.filter((one) => how(one) === 'taken');
  const open = changes.filter((one) => how(one) === 'open');
  const rows = open.flatMap((one) => (one.kind === 'row' ? [one] : []));
  const settings = open.flatMap((one) => (one.kind === 'setting' ? [one] : []));
  return {
    ...definedOnly(applyEdits(dip, takingAll(taken, dip, base))),
    seen: seenBut(rows, base),
    seenAs: seenAsBut(settings, base),
  };
}

/**
 * A variant with some changes of its base settled.
 *
 * @param taken keys of the changes that are taken over
 * @param left keys of those that stay as the variant has them
 */
export function settledWith(
  dip: Dip,
  base: Dip,
  taken: Iterable<string>,
  left: Iterable<string> = [],
): Dip {
  const [over, stay] = [new Set(taken), new Set(left)];
  return settled(dip, base, ({ key }) =>
    over.has(key) ? 'taken' : stay.has(key) ? 'left' : 'open',
  );
}

/** A variant that follows its base takes over what nothing was made of in it; the rest is asked about. */
export function followed(dip: Dip, base: Dip): Dip {
  return settled(dip, base, ({ conflict }) => (conflict ? 'open' : 'taken'));
}
