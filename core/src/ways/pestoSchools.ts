import { machines } from '../kitchen/machines';
import type { Dip, Row } from '../dip/dip';
import type { ReadRow } from '../dip/readRow';
import { printGrams } from '../amounts/printAmount';
import { type Asked, type School, school, withRaw, withRows, wayOf } from './school';

const inBowl = ({ row }: ReadRow) => row.place === 'bowl';
const isPesto = ({ dip }: Asked) => /^pesto/.test(dip.family);
const isOil = (read: ReadRow) => inBowl(read) && read.ingredient?.role === 'oil';
const isHardCheese = (read: ReadRow) =>
  inBowl(read) && read.ingredient?.structure === 'hard-cheese';

/** Rows that a test picks moved together to a place among the others of the bowl. */
function moved(rows: readonly Row[], picked: ReadonlySet<string>, at: (others: Row[]) => number) {
  const own = rows.filter(({ id }) => picked.has(id));
  const others = rows.filter(({ id }) => !picked.has(id));
  const to = at(others);
  return [...others.slice(0, to), ...own, ...others.slice(to)];
}

const ids = (rows: readonly ReadRow[]) => new Set(rows.map(({ row }) => row.id));
const afterBowl = (rows: readonly Row[]) => rows.findLastIndex(({ place }) => place === 'bowl') + 1;

function tool({ dip }: Asked): School[] {
  return [
    school(
      'pesto-tool',
      'Worked with what?',
      'A processor is quick and even; a mortar bruises less and stays green; a knife keeps every leaf to be seen.',
      machines
        .filter(({ id }) => ['mortar', 'food-processor', 'knife'].includes(id))
        .map(({ id, name }) => ({
          id,
          name,
          now: dip.machineId === id,
          dip: { ...dip, machineId: id },
        })),
    ),
  ];
}

function cheese(asked: Asked): School[] {
  const cheeses = asked.rows.filter(isHardCheese);
  if (cheeses.length === 0) return [];
  const oils = ids(asked.rows.filter(isOil));
  const done = (from: string): Dip => {
    const cut = withRows(asked, isHardCheese, (row) => withRaw(row, { from }));
    const rows = moved(cut.rows, ids(cheeses), (others) => {
      if (from === 'piece') return 0;
      const oil = others.findIndex(({ id }) => oils.has(id));
      return oil < 0 ? afterBowl(others) : oil;
    });
    return { ...cut, rows };
  };
  const option = (from: string, name: string) => ({
    id: from,
    name,
    // bought grated is grated too
    now: cheeses.every((read) => (wayOf(read)?.from === 'piece') === (from === 'piece')),
    dip: done(from),
  });
  return [
    school(
      'pesto-cheese',
      'The hard cheese?',
      'Grated in last but the oil it stays cool and even; ground from the piece, first, it saves the grater.',
      [
        option('wedge', 'grated, last but the oil'),
        option('piece', 'ground from the piece, first'),
      ],
    ),
  ];
}

/** Oil that goes in little by little goes in so many times. */
const pours = 3;
const pourId = (id: string, n: number) => `${id}-pour-${n}`;

function oilWhen(asked: Asked): School[] {
  const oils = asked.rows.filter(isOil);
  if (oils.length === 0 || !asked.rows.some((read) => inBowl(read) && !isOil(read))) return [];
  const oilIds = ids(oils);
  const others = asked.dip.rows.filter(({ id }) => !oilIds.has(id));
  // one row of each oil again, however often it goes in now
  const whole = new Map<string, { row: Row; massG: number; times: number }>();
  for (const { row, massG } of oils) {
    const one = whole.get(row.ingredientId);
    const sum = (one?.massG ?? 0) + massG;
    whole.set(row.ingredientId, { row: one?.row ?? row, massG: sum, times: (one?.times ?? 0) + 1 });
  }
  const end = [...whole.values()].map(({ row, massG, times }) =>
    times === 1 ? row : { ...row, id: row.id.replace(/-pour-\d$/, ''), amount: printGrams(massG) },
  );
  const last = afterBowl(others);
  const atEnd = { ...asked.dip, rows: [...others.slice(0, last), ...end, ...others.slice(last)] };
  const littleByLittle = (): Dip => {
    const rows: Row[] = [];
    for (let pour = 0; pour < pours; pour += 1) {
      const from = Math.round((last * pour) / pours);
      rows.push(...others.slice(from, Math.round((last * (pour + 1)) / pours)));
      for (const row of end) {
        const massG = whole.get(row.ingredientId)?.massG ?? 0;
        rows.push({ ...row, id: pourId(row.id, pour + 1), amount: printGrams(massG / pours) });
      }
    }
    return { ...asked.dip, rows: [...rows, ...others.slice(last)] };
  };
  const order = asked.dip.rows.filter(({ place }) => place === 'bowl').map(({ id }) => id);
  const lastSolid = order.findLastIndex((id) => !oilIds.has(id));
  const many = [...whole.values()].every(({ times }) => times > 1);
  const allLast = order.findIndex((id) => oilIds.has(id)) > lastSolid;
  return [
    school(
      'pesto-oil',
      'The oil, when?',
      'All at the end is brightest and cannot turn bitter; little by little it blends in finer and holds better.',
      [
        { id: 'end', name: 'all at the end', now: allLast && !many, dip: atEnd },
        {
          id: 'little',
          name: 'little by little',
          now: many && !allLast,
          dip: many && !allLast ? asked.dip : littleByLittle(),
        },
      ],
    ),
  ];
}

/** Questions about a pesto: what works it, its cheese, its oil. */
export function pestoSchools(asked: Asked): School[] {
  return isPesto(asked) ? [...tool(asked), ...cheese(asked), ...oilWhen(asked)] : [];
}
