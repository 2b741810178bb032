import type { RawWay } from '../book/dip';
import type { ReadRow } from '../book/dipParts';
import { routesTo } from '../prep/prepare';
import {
  type Asked,
  type School,
  school,
  withIngredient,
  withRaw,
  withRows,
  wayOf,
} from './school';

interface WayOption {
  id: string;
  name: string;
  raw: RawWay | null;
  /** What it becomes, where that is another thing in the larder. */
  ingredientId?: string;
}

/** A question answered by how rows are made ready. */
function ways(
  asked: Asked,
  id: string,
  question: string,
  why: string,
  picks: (read: ReadRow) => boolean,
  options: readonly WayOption[],
): School[] {
  const rows = asked.rows.filter(picks);
  if (rows.length === 0) return [];
  const same = (read: ReadRow, { raw, ingredientId }: WayOption) => {
    const way = wayOf(read);
    return (
      (ingredientId ?? read.row.ingredientId) === read.row.ingredientId &&
      (way?.from ?? null) === (raw?.from ?? null) &&
      (way?.stalkShare ?? 0) === (raw?.stalkShare ?? 0)
    );
  };
  return [
    school(
      id,
      question,
      why,
      options.map((option) => ({
        id: option.id,
        name: option.name,
        now: rows.every((read) => same(read, option)),
        dip: withRows(asked, picks, (row, { massG }) => {
          const { ingredientId, raw } = option;
          const moved =
            ingredientId && ingredientId !== row.ingredientId
              ? withIngredient(row, ingredientId, massG)
              : row;
          return withRaw(moved, raw);
        }),
      })),
    ),
  ];
}

const has = (read: ReadRow, from: string) =>
  routesTo(read.row.ingredientId).some((route) => route.from === from);

const isAubergine = ({ row }: ReadRow) => /^aubergine-roasted/.test(row.ingredientId);

function drained(asked: Asked): School[] {
  const rows = asked.rows.filter(isAubergine);
  if (rows.length === 0) return [];
  const option = (id: string, name: string, ingredientId: string) => ({
    id,
    name,
    now: rows.every(({ row }) => row.ingredientId === ingredientId),
    dip: withRows(asked, isAubergine, (row, { massG }) =>
      row.ingredientId === ingredientId ? row : withIngredient(row, ingredientId, massG),
    ),
  });
  return [
    school(
      'aubergine-drained',
      'The juice of the aubergine?',
      'Drained always is usual: kept in, it is quicker to have, looser and more bitter; a spoon of it gives smoke.',
      [
        option('drained', 'drained in a sieve', 'aubergine-roasted-drained'),
        option('kept', 'kept in', 'aubergine-roasted'),
      ],
    ),
  ];
}

/** Questions about a dip's leaves, nuts, cucumber and aubergine. */
export function partSchools(asked: Asked): School[] {
  return [
    ...ways(
      asked,
      'leaves',
      'Leaves raw or blanched?',
      'Raw tender leaves taste freshest; blanched and iced they stay green, and fibrous ones want it.',
      (read) => has(read, 'blanched'),
      [
        { id: 'raw', name: 'raw, leaves only', raw: { from: 'bunch' } },
        {
          id: 'stalks',
          name: 'raw, tender stalks too',
          raw: { from: 'bunch', stalkShare: 0.2 },
        },
        { id: 'blanched', name: 'blanched and iced', raw: { from: 'blanched' } },
      ],
    ),
    ...ways(
      asked,
      'nuts',
      'The nuts?',
      'The oven is even; a pan is for few, watched; soaked and dried they are milder and blend finer.',
      (read) => has(read, 'pan') && has(read, 'soaked'),
      [
        { id: 'oven', name: 'toasted in the oven', raw: { from: 'raw' } },
        { id: 'pan', name: 'toasted in a pan', raw: { from: 'pan' } },
        { id: 'plain', name: 'as they are', raw: null },
        { id: 'soaked', name: 'soaked and dried', raw: { from: 'soaked' } },
      ],
    ),
    ...ways(
      asked,
      'cucumber',
      'The cucumber?',
      'As it is it weeps; salted and squeezed it holds, and about a third of the salt stays.',
      ({ row }) => /^cucumber-(grated|squeezed)$/.test(row.ingredientId),
      [
        {
          id: 'plain',
          name: 'as it is',
          ingredientId: 'cucumber-grated',
          raw: { from: 'cucumber' },
        },
        {
          id: 'squeezed',
          name: 'squeezed',
          ingredientId: 'cucumber-squeezed',
          raw: { from: 'cucumber-plain' },
        },
        {
          id: 'salted',
          name: 'salted and squeezed',
          ingredientId: 'cucumber-squeezed',
          raw: { from: 'cucumber', saltG: 12 },
        },
      ],
    ),
    ...ways(
      asked,
      'aubergine',
      'The aubergine?',
      'Charring gives the smoke; halves cut side down are quicker and cleaner.',
      isAubergine,
      [
        { id: 'char', name: 'charred, baked whole', raw: { from: 'aubergine' } },
        { id: 'halves', name: 'halves, cut side down', raw: { from: 'halves' } },
      ],
    ),
    ...drained(asked),
  ];
}
