'use client';

import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import SwapHoriz from '@mui/icons-material/SwapHoriz';
import Input from '@mui/material/Input';
import Typography from '@mui/material/Typography';
import { daysUntil, type StockItem } from '@cobbet/core/book/stock';
import { readGrams } from '@cobbet/core/amounts/toGrams';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import { useMemo, useState } from 'react';
import { dipsUsing } from '@/components/dipsUsing';
import { later } from '@/components/later';
import { useInHouse } from '@/store/useInHouse';
import { useLeaving } from '@/components/useLeaving';
import { AddRow } from '@/components/AddRow';
import { InlineSelect } from '@/components/InlineSelect';
import { RoleMark } from '@/components/RoleMark';
import { shortName } from '@/components/shortName';
import { useBook } from '@/store/bookStore';
import { dropStock, keepStock } from '@/store/larderCommands';
import { useLarder, useSettings } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { inDays, today } from '@/store/today';

const StockSwap = later(() => import('./StockSwap').then(({ StockSwap }) => StockSwap));

const keeps = [
  { days: null, name: 'keeps' },
  { days: 0, name: 'use today' },
  { days: 1, name: 'by tomorrow' },
  { days: 2, name: 'in 2 days' },
  { days: 3, name: 'in 3 days' },
  { days: 5, name: 'in 5 days' },
  { days: 7, name: 'in a week' },
] as const;

function Item({ item, house }: { item: StockItem; house: ReadonlySet<string> }) {
  const larder = useLarder();
  const { measures } = useSettings();
  const ingredient = larder.get(item.id);
  const [text, setText] = useState<string | null>(null);
  const amount = text ?? item.amount;
  const read = ingredient && readGrams(amount, ingredient, measures);
  const name = shortName(ingredient?.name ?? item.id);
  const days = item.useBy === null ? null : daysUntil(item.useBy, today());
  const near =
    days === null
      ? null
      : (keeps.findLast((one) => one.days !== null && one.days <= Math.max(0, days))?.days ?? 0);
  const keep = () => {
    if (text === null || !read?.ok || text === item.amount) return;
    void keepStock({ ...item, amount: text }, name);
  };
  useLeaving(keep);
  const dips = useBook((state) => state.book.dips);
  const using = useMemo(() => dipsUsing(dips.values(), item.id), [dips, item.id]);
  const [swapping, setSwapping] = useState(false);
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: '22px minmax(0, 1fr) 96px auto',
        columnGap: 1,
        alignItems: 'center',
        borderTop: `1px solid ${colour.line}`,
        py: 0.5,
      }}
    >
      {ingredient ? <RoleMark role={ingredient.role} /> : <span />}
      <Box sx={{ minWidth: 0, lineHeight: 1.25 }}>
        <Box
          sx={{
            fontWeight: 600,
            overflow: 'hidden',
            textOverflow: 'ellipsis',
            whiteSpace: 'nowrap',
          }}
        >
          {name}
        </Box>
        <InlineSelect
          label={`${name}, how long it keeps`}
          value={String(near ?? '')}
          options={keeps.map(({ days: each, name: words }) => ({
            value: String(each ?? ''),
            name:
              each !== null && each === near && days !== null && days < 0 ? 'past its date' : words,
          }))}
          sx={{
            fontSize: typeScale.small,
            color: days !== null && days <= 1 ? colour.caution : colour.muted,
          }}
          onChange={(next) =>
            void keepStock({ ...item, useBy: next === '' ? null : inDays(Number(next)) }, name)
          }
        />
      </Box>
      <Box>
        <Input
          value={amount}
          error={!read?.ok}
          inputProps={{ 'aria-label': `${name} in the house`, maxLength: 200 }}
          onChange={(event) => setText(event.target.value)}
          onBlur={() => {
            keep();
            if (read?.ok) setText(null);
          }}
          sx={{ fontWeight: 700, fontSize: typeScale.text }}
        />
        <Box sx={{ fontSize: typeScale.small, color: read?.ok ? colour.muted : colour.caution }}>
          {!read?.ok
            ? 'can’t be read'
            : days !== null && days < 0
              ? 'left out'
              : printGrams(read.value.massG)}
        </Box>
      </Box>
      <Box sx={{ display: 'flex', justifyContent: 'flex-end' }}>
        {using.length > 0 && (
          <IconButton
            size="small"
            title="What could go in instead of it"
            aria-label={`Swap ${name}`}
            aria-expanded={swapping}
            onClick={() => setSwapping(!swapping)}
          >
            <SwapHoriz fontSize="small" />
          </IconButton>
        )}
        <Button
          size="small"
          sx={{ minWidth: 0 }}
          aria-label={`${name} is used up`}
          onClick={() => void dropStock(item.id, name)}
        >
          Gone
        </Button>
      </Box>
      {swapping && (
        <StockSwap
          ingredientId={item.id}
          name={name}
          dips={using}
          house={house}
          onClose={() => setSwapping(false)}
        />
      )}
    </Box>
  );
}

/** What there is, how much of it, and until when. */
export function Shelf() {
  const stock = useBook((state) => state.book.stock);
  const larder = useLarder();
  const { measures } = useSettings();
  const inHouse = useInHouse();
  const house = useMemo(() => new Set(inHouse.map(({ ingredientId }) => ingredientId)), [inHouse]);
  const items = [...stock.values()].sort((a, b) => (a.useBy ?? '9').localeCompare(b.useBy ?? '9'));
  return (
    <Panel title="In the house">
      <AddRow
        larder={larder}
        measures={measures}
        placeholder="2 cans chickpeas, 1 bunch parsley…"
        onAdd={(parts) =>
          parts.forEach(({ ingredient: id, amount, massG }) => {
            const some = massG > 0 && amount !== '' ? amount : '200 g';
            void keepStock({ id, amount: some, useBy: null }, larder.get(id)?.name ?? id);
          })
        }
      />
      {items.length === 0 && (
        <Typography sx={{ my: 2, color: 'text.secondary' }}>
          Nothing said yet. An opened tub, one can, a big bunch: any of it is a start.
        </Typography>
      )}
      <Box component="ul" aria-label="Stock" sx={{ m: 0, mt: 1, p: 0, listStyle: 'none' }}>
        {items.map((item) => (
          <Item key={item.id} item={item} house={house} />
        ))}
      </Box>
    </Panel>
  );
}
