'use client';

import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { readGrams } from '@cobbet/core/amounts/toGrams';
import { pricesOf } from '@cobbet/core/book/price';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import { useMemo, useState } from 'react';
import { LabelledField } from '@/components/LabelledField';
import { money, usualCurrency } from '@/components/money';
import { Panel } from '@/components/Panel';
import { typedNumber } from '@/components/reading/readingText';
import { dropPrice, keepPrice } from '@/store/batchCommands';
import { useBook } from '@/store/bookStore';
import { newId } from '@/store/newId';
import { changeSettings } from '@/store/settingsCommands';
import { today } from '@/store/today';
import { useSettings } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const none = { price: '', pack: '', shop: '' };

/** What packs of a thing cost, the latest first: that counts. */
export function Prices({ ingredient }: { ingredient: Ingredient }) {
  const prices = useBook(({ book }) => book.prices);
  const { measures, currency = usualCurrency } = useSettings();
  const [form, setForm] = useState(none);
  const [tried, setTried] = useState(false);
  const kept = useMemo(() => pricesOf(prices.values(), ingredient.id), [prices, ingredient.id]);
  const price = typedNumber(form.price);
  const read = readGrams(form.pack, ingredient, measures);
  const forG = read.ok && read.value.massG > 0 ? read.value.massG : null;
  const faults = {
    price: price !== null && price >= 0 && price < 1e6 ? null : 'What you paid.',
    pack: forG !== null ? null : read.ok ? 'For how much of it.' : read.error.message,
  };
  const add = () => {
    setTried(true);
    if (faults.price !== null || faults.pack !== null || price === null || forG === null) return;
    void keepPrice({
      ...{ id: newId(), ingredientId: ingredient.id, price, forG, on: today() },
      ...{ forAmount: form.pack.trim().slice(0, 200), shop: form.shop.trim().slice(0, 200) },
    });
    setForm(none);
    setTried(false);
  };
  return (
    <Panel title="What it costs" sx={{ mt: 2 }}>
      {kept.length === 0 && (
        <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
          Nothing of your own: about {money(ingredient.costHintEurPerKg, usualCurrency)} a kilo is
          reckoned with.
        </Box>
      )}
      <Box component="ol" aria-label="Prices" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {kept.map((one, i) => (
          <Box
            component="li"
            key={one.id}
            sx={{ display: 'flex', alignItems: 'center', fontSize: typeScale.note, gap: 0.5 }}
          >
            <Box sx={{ flex: 1, minWidth: 0, color: i === 0 ? colour.ink : colour.muted }}>
              <Box component={i === 0 ? 'strong' : 'span'}>
                {money(one.price, currency)} for {one.forAmount}
              </Box>
              , {money((1000 * one.price) / one.forG, currency)} a kilo
              {one.shop === '' ? '' : `, ${one.shop}`} · {one.on}
            </Box>
            <IconButton
              size="small"
              aria-label={`Take out the price of ${one.on}`}
              onClick={() => void dropPrice(one)}
            >
              <Close fontSize="inherit" />
            </IconButton>
          </Box>
        ))}
      </Box>
      <Box
        component="form"
        aria-label="A new price"
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
        sx={{
          display: 'grid',
          gridTemplateColumns: '1fr 1.2fr 1.2fr',
          gap: 1,
          mt: 1,
          alignItems: 'start',
        }}
      >
        <LabelledField
          label={`Price, ${currency}`}
          size="small"
          value={form.price}
          error={tried && faults.price !== null}
          helperText={tried ? (faults.price ?? ' ') : ' '}
          htmlInput={{ inputMode: 'decimal' }}
          onChange={(event) => setForm({ ...form, price: event.target.value })}
        />
        <LabelledField
          label="For"
          size="small"
          placeholder="100 g"
          value={form.pack}
          error={tried && faults.pack !== null}
          helperText={
            tried
              ? (faults.pack ?? ' ')
              : forG === null
                ? ' '
                : `${forG.toFixed(0)} g as it goes in`
          }
          onChange={(event) => setForm({ ...form, pack: event.target.value })}
        />
        <LabelledField
          label="Where, if you like"
          size="small"
          value={form.shop}
          onChange={(event) => setForm({ ...form, shop: event.target.value })}
        />
        <Button
          type="submit"
          size="small"
          variant="outlined"
          sx={{ justifySelf: 'start', whiteSpace: 'nowrap' }}
        >
          Keep it
        </Button>
        <Box
          component="label"
          sx={{ fontSize: typeScale.small, color: colour.muted, gridColumn: 'span 2' }}
        >
          prices are in{' '}
          <Box
            component="input"
            defaultValue={currency}
            maxLength={8}
            aria-label="What prices are in"
            onBlur={(event) => {
              const next = event.target.value.trim();
              if (next !== '' && next !== currency)
                void changeSettings('What prices are in', { currency: next });
            }}
            sx={{
              width: 64,
              font: 'inherit',
              p: '2px 4px',
              color: colour.ink,
              bgcolor: colour.paper,
              border: `1px solid ${colour.muted}`,
            }}
          />
        </Box>
      </Box>
    </Panel>
  );
}
