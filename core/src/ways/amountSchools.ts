import { everyday, loosening } from '../larder/everyday';
import { plainRow, type Row } from '../dip/dip';
import type { ReadRow } from '../dip/readRow';
import { type Asked, type School, school, withIngredient, withRaw, withRows } from './school';
import { printGrams } from '../amounts/printAmount';

const inBowl = ({ row, massG }: ReadRow) => row.place === 'bowl' && massG > 0;
const massOf = (rows: readonly ReadRow[]) => rows.reduce((sum, { massG }) => sum + massG, 0);

/** Tahini of the whole bowl, as a share of its mass; the shares between count as the nearer. */
const tahiniShares = [
  { id: 'none', name: 'none', share: 0, upTo: 0 },
  { id: 'spoon', name: 'a spoon', share: 0.03, upTo: 0.08 },
  { id: 'lot', name: 'a lot', share: 0.16, upTo: 1 },
] as const;

function tahini(asked: Asked): School[] {
  const bowl = asked.rows.filter(inBowl);
  if (!bowl.some(({ ingredient }) => ingredient?.role === 'legume')) return [];
  const isTahini = (read: ReadRow) => inBowl(read) && read.ingredient?.role === 'sesame-paste';
  const tahiniG = massOf(bowl.filter(isTahini));
  const othersG = massOf(bowl) - tahiniG;
  const now = tahiniG / (tahiniG + othersG);
  const chosen = tahiniShares.find(({ upTo }) => now <= upTo)?.id;
  const dipAt = (share: number) => {
    const wantedG = (othersG * share) / (1 - share);
    if (share === 0) {
      const gone = new Set(bowl.filter(isTahini).map(({ row }) => row.id));
      return { ...asked.dip, rows: asked.dip.rows.filter(({ id }) => !gone.has(id)) };
    }
    if (tahiniG === 0) {
      const taken = new Set(asked.dip.rows.map(({ id }) => id));
      let id = 'tahini';
      while (taken.has(id)) id += '-more';
      const row = plainRow(id, everyday.tahini, printGrams(wantedG));
      return { ...asked.dip, rows: [row, ...asked.dip.rows] };
    }
    return withRows(asked, isTahini, (row, { massG }) => ({
      ...row,
      amount: printGrams((massG * wantedG) / tahiniG),
    }));
  };
  return [
    school(
      'tahini',
      'How much tahini?',
      'A lot makes it rich and firm in the cold, a spoon rounds it, none keeps sesame out, which is an allergen.',
      tahiniShares.map(({ id, name, share }) => ({
        id,
        name,
        now: id === chosen,
        dip: id === chosen ? asked.dip : dipAt(share),
      })),
    ),
  ];
}

const canLiquid = { id: everyday.canLiquid, name: 'liquid of the can' };
const potLiquid = { id: everyday.potLiquid, name: 'liquid of the pot' };

function liquid(asked: Asked): School[] {
  const bowl = asked.rows.filter(inBowl);
  const lemons = bowl.filter(({ ingredient }) => ingredient?.kind === everyday.lemonJuice);
  const plain = bowl.filter(({ ingredient }) => ingredient?.role === 'liquid');
  // of two lemons without any other liquid the second is what loosens
  const rows = plain.length === 0 && lemons.length > 1 ? lemons.slice(-1) : plain;
  if (rows.length === 0) return [];
  const loosened = new Set(rows.map(({ row }) => row.id));
  const pulses = asked.rows.filter(({ ingredient }) => ingredient?.role === 'legume');
  const canned = pulses.some(({ ingredient }) => ingredient?.cookedAs);
  const own = pulses.length === 0 ? [] : [canned ? canLiquid : potLiquid];
  const become =
    (id: string) =>
    (row: Row, { massG }: ReadRow) =>
      row.ingredientId === id ? row : withIngredient(withRaw(row, null), id, massG);
  return [
    school(
      'liquid',
      'Loosened with what?',
      'Taken for what the taste lacks: the beans’ own for body, water for nothing, juice for colour, lemon where it is dull.',
      [...own, ...loosening].map(({ id, name }) => ({
        id,
        name,
        now: rows.every(({ row }) => row.ingredientId === id),
        dip: withRows(asked, ({ row }) => loosened.has(row.id), become(id)),
      })),
    ),
  ];
}

/** Questions about how much of a thing, and which, goes in: tahini and what loosens. */
export function amountSchools(asked: Asked): School[] {
  return [...tahini(asked), ...liquid(asked)];
}
