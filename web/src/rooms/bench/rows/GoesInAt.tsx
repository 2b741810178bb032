import Box from '@mui/material/Box';
import type { Row } from '@cobbet/core/dip/dip';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import { usualTemperature } from '@cobbet/core/mix/bowlHeat';
import { InlineSelect } from '@/components/InlineSelect';
import { typeScale } from '@/theme/typeScale';

const usual = 'usual';

/** How warm a thing may go in, °C, in a cook's words. */
const warmths: readonly { atC: number; name: string }[] = [
  { atC: -18, name: 'frozen, −18 °C' },
  { atC: 2, name: 'ice-cold, 2 °C' },
  { atC: 5, name: 'from the fridge, 5 °C' },
  { atC: 21, name: 'as the room is, 21 °C' },
  { atC: 45, name: 'warm, 45 °C' },
  { atC: 85, name: 'hot, 85 °C' },
  { atC: 100, name: 'boiling, 100 °C' },
];

/** How warm an addition goes in, where that is not from where it is kept. */
export function GoesInAt({
  row,
  ingredient,
  onChange,
}: {
  row: Row;
  ingredient: Ingredient;
  onChange: (label: string, edit: (row: Row) => Row) => void;
}) {
  const others = warmths.some(({ atC }) => atC === row.atC) || row.atC === undefined;
  const options = [
    { value: usual, name: `as it is kept, ${usualTemperature(ingredient)} °C`.replace('-', '−') },
    ...warmths.map(({ atC, name }) => ({ value: String(atC), name })),
    ...(others ? [] : [{ value: String(row.atC), name: `at ${row.atC} °C` }]),
  ];
  return (
    <Box sx={{ fontSize: typeScale.note }}>
      It goes in{' '}
      <InlineSelect
        label={`How warm ${ingredient.name} goes in`}
        value={row.atC === undefined ? usual : String(row.atC)}
        options={options}
        sx={{ fontSize: 'inherit' }}
        onChange={(picked) =>
          onChange(`How warm ${ingredient.name} goes in`, ({ atC: _before, ...one }) =>
            picked === usual ? one : { ...one, atC: Number(picked) },
          )
        }
      />
    </Box>
  );
}
