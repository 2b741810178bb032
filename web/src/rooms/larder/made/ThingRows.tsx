'use client';

import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import Input from '@mui/material/Input';
import { madeHere, withoutCircles } from '@cobbet/core/book/madeHere';
import { madeId, offId } from '@cobbet/core/larder/madeId';
import type { Thing } from '@cobbet/core/book/thing';
import { plainRow, type Row } from '@cobbet/core/dip/dip';
import { readRow } from '@cobbet/core/dip/readRow';
import type { Larder } from '@cobbet/core/larder/larder';
import { useMemo } from 'react';
import { AddRow } from '@/components/AddRow';
import { RoleMark } from '@/components/RoleMark';
import { shortName } from '@/components/shortName';
import { useBook } from '@/store/bookStore';
import { newId } from '@/store/newId';
import { editThing } from '@/store/thingCommands';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const withAmount = (rows: readonly Row[], id: string, amount: string): Row[] =>
  rows.map((row) => (row.id === id ? { ...row, amount } : row));

/** The larder without what would make the thing of itself. */
function useLarderFor(thing: Thing): Larder {
  const { larder } = useKitchen();
  const things = useBook(({ book }) => book.things);
  const dips = useBook(({ book }) => book.dips);
  return useMemo(
    () => withoutCircles(larder, madeHere({ things, dips }), [madeId(thing.id), offId(thing.id)]),
    [larder, things, dips, thing.id],
  );
}

/** What goes into a thing, kept at every key. */
export function ThingRows({ thing }: { thing: Thing }) {
  const kitchen = useKitchen();
  const larder = useLarderFor(thing);
  const rowsTo = (label: string, edit: (rows: readonly Row[]) => Row[], mergeKey?: string) =>
    void editThing(thing.id, label, (one) => ({ ...one, rows: edit(one.rows) }), mergeKey);
  return (
    <>
      <Box component="ul" aria-label="What goes in" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {thing.rows.map((row) => {
          const read = readRow(row, kitchen);
          const name = shortName(read.ingredient?.name ?? row.ingredientId);
          return (
            <Box
              component="li"
              key={row.id}
              sx={{
                ...{ display: 'grid', gridTemplateColumns: '22px minmax(0, 1fr) 104px 34px' },
                ...{ columnGap: 1, alignItems: 'center', borderTop: `1px solid ${colour.line}` },
                minHeight: 44,
              }}
            >
              {read.ingredient ? <RoleMark role={read.ingredient.role} /> : <span />}
              <Box sx={{ minWidth: 0, lineHeight: 1.25, overflowWrap: 'anywhere' }}>{name}</Box>
              <Box>
                <Input
                  value={row.amount}
                  error={read.error !== null}
                  inputProps={{ 'aria-label': `Amount of ${name}`, maxLength: 200 }}
                  onChange={({ target }) =>
                    rowsTo(
                      `Amount ${target.value}`,
                      (rows) => withAmount(rows, row.id, target.value),
                      `thing ${thing.id} ${row.id}`,
                    )
                  }
                  sx={{ fontWeight: 700, fontSize: typeScale.text }}
                />
                {read.error !== null && (
                  <Box sx={{ fontSize: typeScale.small, color: colour.caution }}>{read.error}</Box>
                )}
              </Box>
              <IconButton
                size="small"
                aria-label={`Take ${name} out`}
                onClick={() =>
                  rowsTo(`${name} out`, (rows) => rows.filter(({ id }) => id !== row.id))
                }
              >
                <Close fontSize="small" />
              </IconButton>
            </Box>
          );
        })}
      </Box>
      <AddRow
        larder={larder}
        measures={kitchen.measures}
        placeholder="60 g garlic, 240 g olive oil…"
        onAdd={(parts) =>
          rowsTo(`${parts.length} in`, (rows) => [
            ...rows,
            ...parts.map(({ ingredient, amount }) => plainRow(newId(), ingredient, amount)),
          ])
        }
      />
    </>
  );
}
