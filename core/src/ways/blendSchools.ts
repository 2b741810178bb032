import { type Grind, grinds } from '../mix/method';
import type { Dip, Row } from '../dip/dip';
import type { ReadRow } from '../dip/readRow';
import { type Asked, type School, school, withRows } from './school';

/** How warm pulses go in, °C, null for as the room is, and the air the mix then takes (judgement). */
const temperatures = [
  { id: 'hot', name: 'hot from the pot', atC: 85, overrunPct: 0 },
  { id: 'room', name: 'room temperature', atC: null, overrunPct: 0 },
  { id: 'cold', name: 'cold from the fridge', atC: 5, overrunPct: 0 },
  { id: 'ice', name: 'frozen', atC: -18, overrunPct: 5 },
] as const;
/** Air that tahini whipped with acid holds, %. */
const whippedPct = 10;

function temperature(asked: Asked): School[] {
  const { dip, rows } = asked;
  const isPulse = ({ ingredient }: ReadRow) => ingredient?.role === 'legume';
  const pulses = rows.filter(isPulse);
  if (pulses.length === 0) return [];
  const goingIn = (atC: number | null) =>
    withRows(asked, isPulse, ({ atC: _before, ...row }) => (atC === null ? row : { ...row, atC }));
  return [
    school(
      'blended-at',
      'How warm do the pulses go in?',
      'Room temperature is smooth and changes least on cooling; hot wants half a jug and a vent; ice whips it light.',
      temperatures.map(({ id, name, atC, overrunPct }) => {
        const { blendC: _said, ...method } = dip.method;
        return {
          id,
          name,
          now:
            pulses.every(({ row }) => (row.atC ?? null) === atC) &&
            (atC !== -18 || dip.method.overrunPct === overrunPct),
          dip: { ...goingIn(atC), method: { ...method, overrunPct } },
        };
      }),
    ),
  ];
}

const texts: Record<Grind, string> = {
  silky: 'silky',
  normal: 'smooth enough',
  coarse: 'a little grain',
};

function texture({ dip }: Asked): School[] {
  return [
    school(
      'texture',
      'How fine?',
      'A longer run is silkier and a little stiffer; grain keeps it loose.',
      grinds.map((grind) => ({
        id: grind,
        name: texts[grind],
        now: dip.method.grind === grind,
        dip: { ...dip, method: { ...dip.method, grind } },
      })),
    ),
  ];
}

/** Rows put into an order by rank, those of one rank as they were; what is not blended stays last. */
function ranked(dip: Dip, rank: (row: Row) => number): Dip {
  const rows = dip.rows.map((row, i) => ({ row, i, at: row.place === 'bowl' ? rank(row) : 9 }));
  rows.sort((a, b) => a.at - b.at || a.i - b.i);
  return { ...dip, rows: rows.map(({ row }) => row) };
}

function firstIn({ dip, rows }: Asked): School[] {
  const roleOf = new Map(rows.map(({ row, ingredient }) => [row.id, ingredient?.role]));
  const has = (role: string) => [...roleOf.values()].includes(role as never);
  if (!has('sesame-paste') || !has('legume') || !has('acid')) return [];
  const by = (order: readonly string[]) => (row: Row) => {
    const at = order.indexOf(roleOf.get(row.id) ?? '');
    return at < 0 ? order.length : at;
  };
  const tahini = ranked(dip, by(['sesame-paste', 'acid', 'liquid', 'aromatic', 'salt', 'legume']));
  const pulses = ranked(dip, by(['legume', 'salt', 'aromatic', 'sesame-paste', 'acid', 'liquid']));
  const garlic = ranked(dip, by(['aromatic', 'acid', 'salt', 'sesame-paste', 'liquid', 'legume']));
  const order = (one: Dip) => one.rows.map(({ id }) => id).join();
  const air = (one: Dip, overrunPct: number) => ({
    ...one,
    method: { ...one.method, overrunPct },
  });
  return [
    school(
      'first-in',
      'What goes into the machine first?',
      'Tahini with acid whips up pale and light; pulses alone grind finest but want a strong machine; garlic in acid is milder.',
      [
        { id: 'tahini', name: 'tahini with acid', dip: air(tahini, whippedPct) },
        { id: 'garlic', name: 'garlic with acid', dip: air(garlic, 0) },
        { id: 'pulses', name: 'pulses alone', dip: air(pulses, 0) },
      ].map((one) => ({
        ...one,
        now: order(one.dip) === order(dip) && one.dip.method.overrunPct === dip.method.overrunPct,
      })),
    ),
  ];
}

function oil(asked: Asked): School[] {
  const isOil = ({ ingredient, row }: ReadRow) =>
    ingredient?.role === 'oil' && row.place !== 'fold';
  const oils = asked.rows.filter(isOil);
  if (oils.length === 0) return [];
  const at = (place: 'bowl' | 'top', name: string) => ({
    id: place,
    name,
    now: oils.every(({ row }) => row.place === place),
    dip: withRows(asked, isOil, (row) => ({ ...row, place })),
  });
  return [
    school(
      'oil',
      'Where does the oil go?',
      'In the blend it rounds; on top it is tasted first. Hard shear for over a minute can turn fruity oil bitter.',
      [at('bowl', 'in the blend'), at('top', 'only on top')],
    ),
  ];
}

/** Questions about the blending: warmth, what goes first, oil, texture. */
export function blendSchools(asked: Asked): School[] {
  return [...temperature(asked), ...firstIn(asked), ...oil(asked), ...texture(asked)];
}
