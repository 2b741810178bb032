import type { GarlicForm } from '../bowl/part';
import type { ReadRow } from '../book/dipParts';
import type { Larder } from '../larder/larder';
import { type Asked, type School, school, withIngredient, withRaw, withRows } from './school';

const garlics = [
  'garlic-raw',
  'garlic-roasted',
  'garlic-confit',
  'garlic-granulated',
  'garlic-jarred',
] as const;
const forms: readonly { id: GarlicForm; name: string }[] = [
  { id: 'crushed', name: 'raw, crushed' },
  { id: 'in-acid', name: 'raw, in acid' },
  { id: 'sliced', name: 'raw, sliced' },
];
const garlicNames: Record<string, string> = {
  'garlic-roasted': 'roasted',
  'garlic-confit': 'slow in oil',
  'garlic-granulated': 'granulated',
  'garlic-jarred': 'jarred',
};

/** Questions about a dip's garlic: its form, its germ. */
export function garlicSchools(asked: Asked, larder: Larder): School[] {
  const isGarlic = ({ row }: ReadRow) => (garlics as readonly string[]).includes(row.ingredientId);
  const rows = asked.rows.filter(isGarlic);
  if (rows.length === 0) return [];
  const raw = ({ row }: ReadRow) => row.ingredientId === 'garlic-raw';
  const strength = (id: string) => larder.get(id)?.garlicUnits ?? 1;
  const become = (id: string) =>
    withRows(asked, isGarlic, (row, { massG }) => {
      if (row.ingredientId === id) return row;
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
          const crushed = become('garlic-raw');
          return {
            id,
            name,
            now: rows.every((read) => raw(read) && (read.row.garlicForm ?? 'crushed') === id),
            dip: {
              ...crushed,
              rows: crushed.rows.map((row) =>
                row.ingredientId === 'garlic-raw' ? { ...row, garlicForm: id } : row,
              ),
            },
          };
        }),
        ...garlics.slice(1).map((id) => ({
          id,
          name: garlicNames[id] ?? id,
          now: rows.every(({ row }) => row.ingredientId === id),
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
