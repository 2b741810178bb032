'use client';

import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Role } from '@cobbet/core/larder/ingredient';
import type { Larder } from '@cobbet/core/larder/larder';
import type { DayNeeds } from '@cobbet/core/day/dayNeeds';
import { type ShoppingItem, shoppingList, shoppingText, spareG } from '@cobbet/core/day/shopping';
import { useMemo, useState } from 'react';
import { pricePerG } from '@cobbet/core/batch/cost';
import { latestPrices } from '@cobbet/core/book/price';
import { dipsUsing } from '@/components/dipsUsing';
import { money } from '@/components/money';
import { roleNames } from '@/components/roleNames';
import { csvCell } from '@/store/csvCell';
import { download, fileName } from '@/store/download';
import { stockUp } from '@/store/stockUp';
import { useBook } from '@/store/bookStore';
import { useSettings } from '@/store/useKitchen';
import { useInHouse } from '@/store/useInHouse';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** The list as CSV: shelf, thing, amount, grams. */
export function shoppingCsv(items: readonly ShoppingItem[]): string {
  const lines = items.map(({ shelf, what, amount, needG }) =>
    [shelf, what, amount, needG.toFixed(0)].map(csvCell).join(','),
  );
  return ['shelf,what,amount,grams', ...lines].join('\r\n');
}

/** Left over of a pack by less than this is not worth a word, g and as a share of it. */
const worthSaying = { g: 15, share: 0.15 } as const;

function Item({
  item,
  got,
  cost,
  alsoIn,
  own,
  onTick,
}: {
  item: ShoppingItem;
  got: boolean;
  /** What it costs in a shop, in words; empty where that is not known. */
  cost: string;
  /** Other dips that what is left over goes into. */
  alsoIn: readonly string[];
  /** What is made here and could go in for it; undefined for none. */
  own: string | undefined;
  onTick: () => void;
}) {
  const { what, amount, needG, boughtG } = item;
  const spare = spareG(item);
  const over = spare >= worthSaying.g && spare >= worthSaying.share * boughtG;
  const others = alsoIn.length > 0 ? `, for ${alsoIn.slice(0, 2).join(' or ')}` : '';
  return (
    <Box component="li" sx={{ borderTop: `1px solid ${colour.line}` }}>
      <Box
        component="label"
        sx={{
          display: 'grid',
          gridTemplateColumns: '30px 132px 1fr',
          minHeight: 38,
          alignItems: 'center',
          cursor: 'pointer',
          color: got ? colour.muted : colour.ink,
        }}
      >
        <Box
          component="input"
          type="checkbox"
          checked={got}
          aria-label={`${what} got`}
          onChange={onTick}
          sx={{ width: 22, height: 22, m: 0, accentColor: colour.accent }}
        />
        <Box sx={{ fontWeight: 700 }} title={`${needG.toFixed(0)} g`}>
          {amount}
        </Box>
        <Box sx={{ lineHeight: 1.25, py: 0.25, minWidth: 0 }}>
          {what}
          {(over || cost !== '') && (
            <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>
              {cost}
              {cost !== '' && over && ' · '}
              {over && `${spare.toFixed(0)} g over${others}`}
            </Box>
          )}
          {own !== undefined && (
            <Box sx={{ fontSize: typeScale.small, color: colour.accent }}>
              you make your own: {own}
            </Box>
          )}
        </Box>
      </Box>
    </Box>
  );
}

/** What is made here, by what it is used as. */
function useOwn(): ReadonlyMap<string, string> {
  const things = useBook(({ book }) => book.things);
  return useMemo(
    () =>
      new Map(
        [...things.values()]
          .flatMap(({ stays, off }) => (off ? [stays, off] : [stays]))
          .flatMap(({ like, name, share }) => (share > 0 ? [[like, name] as const] : [])),
      ),
    [things],
  );
}

/** What to buy, by shelf, ticked off in the shop. */
export function ShoppingList({
  needs,
  larder,
  name,
}: {
  needs: DayNeeds;
  larder: Larder;
  name: string;
}) {
  const madeHere = useOwn();
  const house = useInHouse();
  const items = useMemo(() => {
    const there = new Map(house.map(({ ingredientId, massG }) => [ingredientId, massG]));
    return shoppingList(needs, larder, there);
  }, [needs, larder, house]);
  const shelves = useMemo(() => {
    const found = new Map<Role, ShoppingItem[]>();
    for (const item of items) found.set(item.shelf, [...(found.get(item.shelf) ?? []), item]);
    return found;
  }, [items]);
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const tick = (key: string) =>
    setTicked(
      (now) => new Set(now.has(key) ? [...now].filter((one) => one !== key) : [...now, key]),
    );
  const dips = useBook(({ book }) => book.dips);
  const prices = useBook(({ book }) => book.prices);
  const { currency } = useSettings();
  const latest = useMemo(() => latestPrices(prices.values()), [prices]);
  const priceOf = ({ ingredientId, boughtG, stock }: ShoppingItem) => {
    const thing = larder.get(ingredientId);
    // a price is of what goes in; what is made ready first is bought as something else
    const price = thing && stock !== null ? pricePerG(thing, latest) : null;
    return price ? { sum: price.perG * boughtG, own: price.source === 'own' } : null;
  };
  const known = items.flatMap((item) => priceOf(item) ?? []);
  const total = known.reduce((sum, one) => sum + one.sum, 0);
  const today = new Set(needs.dips.map(({ dip }) => dip.id));
  const alsoIn = (id: string) =>
    dipsUsing(dips.values(), id).flatMap((dip) => (today.has(dip.id) ? [] : [dip.name]));
  const keyOf = ({ ingredientId, what }: ShoppingItem) => `${ingredientId} ${what}`;
  const stocked = items.filter((item) => item.stock !== null && ticked.has(keyOf(item)));
  const intoHouse = () => {
    void stockUp(
      stocked.map(({ ingredientId, stock }) => ({ id: ingredientId, amount: stock ?? '' })),
    );
    setTicked(new Set());
  };
  const file = fileName(name);
  if (items.length === 0) {
    return (
      <Typography sx={{ my: 3 }}>
        Nothing to buy: put a dip on the day, or it is all in the house.
      </Typography>
    );
  }
  return (
    <Panel
      title="To buy"
      label="Shopping"
      {...(house.length > 0 ? { aside: 'beside what is in the house' } : {})}
      sx={{ maxWidth: 900, mt: 1 }}
      actions={
        <Box sx={{ '@media print': { display: 'none' } }}>
          <Button
            size="small"
            onClick={() => download(`${file}-shopping.txt`, shoppingText(items), 'text/plain')}
          >
            As text
          </Button>
          <Button
            size="small"
            onClick={() => download(`${file}-shopping.csv`, shoppingCsv(items), 'text/csv')}
          >
            As CSV
          </Button>
        </Box>
      }
    >
      <Box sx={{ columnCount: { xs: 1, sm: 2 }, columnGap: 5 }}>
        {[...shelves].map(([shelf, own]) => (
          <Box key={shelf} sx={{ breakInside: 'avoid', mb: 1.5 }}>
            <Box sx={{ color: colour.muted, fontSize: typeScale.note }}>{roleNames[shelf]}</Box>
            <Box
              component="ul"
              aria-label={roleNames[shelf]}
              sx={{ m: 0, p: 0, listStyle: 'none' }}
            >
              {own.map((item) => {
                const key = keyOf(item);
                const price = priceOf(item);
                return (
                  <Item
                    key={key}
                    item={item}
                    got={ticked.has(key)}
                    cost={price?.own === true ? money(price.sum, currency) : ''}
                    alsoIn={alsoIn(item.ingredientId)}
                    own={madeHere.get(item.ingredientId)}
                    onTick={() => tick(key)}
                  />
                );
              })}
            </Box>
          </Box>
        ))}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center' }}>
        <Box sx={{ fontSize: typeScale.note }}>
          About {money(total, currency)}
          {known.length < items.length && `, ${items.length - known.length} without a price`}
        </Box>
        {stocked.length > 0 && (
          <Button
            variant="outlined"
            size="small"
            onClick={intoHouse}
            sx={{ '@media print': { display: 'none' } }}
          >
            Put the {stocked.length} ticked into the house
          </Button>
        )}
      </Box>
    </Panel>
  );
}
