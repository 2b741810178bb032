import { aubergines, cucumbers } from '../larder/everyday';
import type { RawWay } from '../prepare/rawWay';
import type { ReadRow } from '../dip/readRow';
import { routesTo } from '../prepare/prepare';
import {
  type Asked,
  type School,
  school,
  withIngredient,
  withRaw,
  withRows,
  wayOf,
} from './school';

const isKind =
  (...kinds: readonly string[]) =>
  ({ ingredient }: ReadRow) =>
    kinds.includes(ingredient?.kind ?? '');

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
      (ingredientId === undefined || isKind(ingredientId)(read)) &&
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
        dip: withRows(asked, picks, (row, read) => {
          const { ingredientId, raw } = option;
          const { massG } = read;
          const moved =
            ingredientId && !isKind(ingredientId)(read)
              ? withIngredient(row, ingredientId, massG)
              : row;
          return withRaw(moved, raw);
        }),
      })),
    ),
  ];
}

const has = ({ ingredient }: ReadRow, from: string) =>
  ingredient !== null && routesTo(ingredient).some((route) => route.from === from);

const isAubergine = isKind(...Object.values(aubergines));

function drained(asked: Asked): School[] {
  const rows = asked.rows.filter(isAubergine);
  if (rows.length === 0) return [];
  const option = (id: string, name: string, ingredientId: string) => ({
    id,
    name,
    now: rows.every(isKind(ingredientId)),
    dip: withRows(asked, isAubergine, (row, { massG, ingredient }) =>
      ingredient?.kind === ingredientId ? row : withIngredient(row, ingredientId, massG),
    ),
  });
  return [
    school(
      'aubergine-drained',
      'The juice of the aubergine?',
      'Drained always is usual: kept in, it is quicker to have, looser and more bitter; a spoon of it gives smoke.',
      [
        option('drained', 'drained in a sieve', aubergines.drained),
        option('kept', 'kept in', aubergines.undrained),
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
      isKind(...Object.values(cucumbers)),
      [
        {
          id: 'plain',
          name: 'as it is',
          ingredientId: cucumbers.grated,
          raw: { from: 'cucumber' },
        },
        {
          id: 'squeezed',
          name: 'squeezed',
          ingredientId: cucumbers.squeezed,
          raw: { from: 'cucumber-plain' },
        },
        {
          id: 'salted',
          name: 'salted and squeezed',
          ingredientId: cucumbers.squeezed,
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
