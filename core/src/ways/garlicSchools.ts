import { everyday, garlics } from '../larder/everyday';
import type { GarlicForm } from '../mix/part';
import type { ReadRow } from '../dip/readRow';
import { type Asked, type School, school, withIngredient, withRaw, withRows } from './school';

const forms: readonly { id: GarlicForm; name: string }[] = [
  { id: 'crushed', name: 'raw, crushed' },
  { id: 'in-acid', name: 'raw, in acid' },
  { id: 'sliced', name: 'raw, sliced' },
];
const kinds: ReadonlySet<string> = new Set(garlics.map(({ id }) => id));

/** Questions about a dip's garlic: its form, its germ. */
export function garlicSchools(asked: Asked): School[] {
  const { larder } = asked.kitchen;
  const isGarlic = ({ ingredient }: ReadRow) => kinds.has(ingredient?.kind ?? '');
  const rows = asked.rows.filter(isGarlic);
  if (rows.length === 0) return [];
  const raw = ({ ingredient }: ReadRow) => ingredient?.kind === everyday.garlic;
  const rawRows = new Set(rows.map(({ row }) => row.id));
  const strength = (id: string) => larder.get(id)?.garlicUnits ?? 1;
  const become = (id: string) =>
    withRows(asked, isGarlic, (row, { massG }) => {
      if (larder.get(row.ingredientId)?.kind === id) return row;
      const { garlicForm: _form, germOut: _germ, ...rest } = row;
      // as much garlic for the mouth, not for the scale
      return withIngredient(
        withRaw(rest, null),
        id,
        (massG * strength(row.ingredientId)) / strength(id),
      );
    });
  return [
    school(
      'garlic',
      'Garlic in which form?',
      'Raw grows over the first hours; acid tames it at once; roasted and slow in oil are sweet. Other forms are taken for the same strength.',
      [
        ...forms.map(({ id, name }) => {
          const crushed = become(everyday.garlic);
          return {
            id,
            name,
            now: rows.every((read) => raw(read) && (read.row.garlicForm ?? 'crushed') === id),
            dip: {
              ...crushed,
              rows: crushed.rows.map((row) =>
                rawRows.has(row.id) ? { ...row, garlicForm: id } : row,
              ),
            },
          };
        }),
        ...garlics.slice(1).map(({ id, name }) => ({
          id,
          name,
          now: rows.every(({ ingredient }) => ingredient?.kind === id),
          dip: become(id),
        })),
      ],
    ),
    ...(rows.some(raw)
      ? [
          school(
            'germ',
            'The germ of the garlic?',
            'In spring it is green and sharp; out, the clove is about a fifth milder.',
            [false, true].map((out) => ({
              id: out ? 'out' : 'in',
              name: out ? 'taken out' : 'left in',
              now: rows.filter(raw).every(({ row }) => (row.germOut ?? false) === out),
              dip: withRows(asked, raw, (row) => ({ ...row, germOut: out })),
            })),
          ),
        ]
      : []),
  ];
}
