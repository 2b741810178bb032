'use client';

import Box from '@mui/material/Box';
import NativeSelect from '@mui/material/NativeSelect';
import type { OffKind } from '@cobbet/core/batch/splitMass';
import { isMade, madeId, offId } from '@cobbet/core/larder/madeId';
import type { Thing, ThingProduct } from '@cobbet/core/book/thing';
import { firstOff } from '@cobbet/core/book/thingKinds';
import { expectedYield } from '@cobbet/core/book/thingBatch';
import { useState } from 'react';
import { LabelledField } from '@/components/LabelledField';
import { InlineSelect } from '@/components/InlineSelect';
import { money } from '@/components/money';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedNumber } from '@/components/reading/readingText';
import { editThing } from '@/store/thingCommands';
import { useKitchen, useSettings } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { CompositionBar } from '../CompositionBar';

type Which = 'stays' | 'off';

const kinds: readonly { value: OffKind | ''; name: string }[] = [
  { value: '', name: 'nothing runs off: it is all one thing' },
  { value: 'oil', name: 'the oil runs off' },
  { value: 'water', name: 'a liquid runs off' },
];

/** A thing with something running off, or nothing; never more than went in. */
function withOff(thing: Thing, kind: OffKind | ''): Thing {
  if (kind === '') return { ...thing, off: null };
  const off = thing.off ? { ...thing.off, kind } : firstOff[kind];
  const room = Math.max(0, 1 - off.share);
  return { ...thing, off, stays: { ...thing.stays, share: Math.min(thing.stays.share, room) } };
}

/** One of what it gives: what it is called, what it is used as, and how much of it there is. */
function Product({
  thing,
  which,
  product,
  inG,
}: {
  thing: Thing;
  which: Which;
  product: ThingProduct;
  /** g that go in as written. */
  inG: number;
}) {
  const { larder } = useKitchen();
  const { currency } = useSettings();
  const [text, setText] = useState<string | null>(null);
  const other = which === 'stays' ? (thing.off?.share ?? 0) : thing.stays.share;
  const most = inG * (1 - other);
  const typed = typedNumber(text ?? '');
  const wrong = text !== null && !(typed !== null && typed >= 0 && typed <= most + 0.5);
  const made = larder.get(which === 'stays' ? madeId(thing.id) : offId(thing.id));
  const edit = (change: Partial<ThingProduct>, mergeKey?: string) =>
    void editThing(
      thing.id,
      'What it gives',
      (one) =>
        which === 'stays'
          ? { ...one, stays: { ...one.stays, ...change } }
          : { ...one, off: one.off && { ...one.off, ...change } },
      mergeKey,
    );
  return (
    <Box
      role="group"
      aria-label={which === 'stays' ? 'What stays' : 'What runs off'}
      sx={{ borderTop: `1px solid ${colour.line}`, pt: 1.25, pb: 0.5 }}
    >
      <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) 96px', columnGap: 1.5 }}>
        <LabelledField
          size="small"
          label={which === 'stays' ? 'What stays is called' : 'What runs off is called'}
          value={product.name}
          onChange={({ target }) => {
            const name = target.value.slice(0, 200);
            if (name.trim() !== '') edit({ name }, `thing ${thing.id} ${which}`);
          }}
        />
        <MeasuredField
          label="Weighs"
          unit="g"
          value={text ?? (product.share * inG).toFixed(0)}
          problem={wrong ? `0 to ${most.toFixed(0)}` : null}
          onChange={(next) => {
            setText(next);
            const g = typedNumber(next);
            if (inG > 0 && g !== null && g >= 0 && g <= most + 0.5)
              edit({ share: Math.min(1 - other, g / inG) }, `thing ${thing.id} ${which} g`);
          }}
        />
      </Box>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline', fontSize: typeScale.note }}>
        used as
        <NativeSelect
          value={product.like}
          inputProps={{ 'aria-label': `${product.name} is used as` }}
          onChange={({ target }) => edit({ like: target.value })}
          sx={{ minWidth: 0, flex: 1, fontSize: typeScale.note }}
        >
          {[...larder.values()]
            .filter(({ id }) => !isMade(id))
            .map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
        </NativeSelect>
      </Box>
      {made && (
        <Box sx={{ mt: 0.75, fontSize: typeScale.small, color: colour.muted }}>
          <CompositionBar ingredient={made} />
          {money(made.costHintEurPerKg / 10, currency)} in 100 g
          {made.allergens.length > 0 && ` · ${made.allergens.join(', ')}`}
        </Box>
      )}
    </Box>
  );
}

/** What a thing gives, and what is lost of it. */
export function ThingGives({ thing }: { thing: Thing }) {
  const kitchen = useKitchen();
  const { inG, staysG, offG } = expectedYield(thing, kitchen);
  const lostG = inG - staysG - offG;
  return (
    <>
      <Box sx={{ fontSize: typeScale.note, mb: 0.75 }}>
        Of {inG.toFixed(0)} g that go in,{' '}
        <InlineSelect
          label="What runs off"
          value={thing.off?.kind ?? ''}
          options={kinds}
          onChange={(kind) =>
            void editThing(thing.id, 'What runs off', (one) => withOff(one, kind))
          }
        />
      </Box>
      <Product thing={thing} which="stays" product={thing.stays} inG={inG} />
      {thing.off && <Product thing={thing} which="off" product={thing.off} inG={inG} />}
      <Box sx={{ fontSize: typeScale.small, color: colour.muted, mt: 0.5 }}>
        {lostG > 0.5 ? `${lostG.toFixed(0)} g boil away or stay behind. ` : ''}
        Figures by mass balance: an estimate until it is weighed.
      </Box>
    </>
  );
}
