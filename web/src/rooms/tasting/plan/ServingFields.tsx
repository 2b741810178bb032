'use client';

import Box from '@mui/material/Box';
import type { TastingSample } from '@cobbet/core/taste/tasting';
import { CheckLine } from '@/components/CheckLine';
import { InlineSelect } from '@/components/InlineSelect';
import { LabelledField } from '@/components/LabelledField';
import { Panel } from '@/components/Panel';
import { typeScale } from '@/theme/typeScale';

/** How it is served, as it is set up. */
export interface Serving {
  name: string;
  blind: boolean;
  /** The sample that stands in two pots; empty for none. */
  twice: string;
  eatenWith: string;
  /** °C as typed. */
  warm: string;
  /** How many pots each taster gets; empty for all of them. */
  each: string;
  /** Guests of a kind; empty for the house. */
  guests: string;
}

/** How pots are served: blind, one of them twice, with what, how warm, and what the tasting is called. */
export function ServingFields({
  serving,
  today,
  samples,
  twiceToo,
  fewerToo,
  warmWrong,
  onChange,
}: {
  serving: Serving;
  today: string;
  samples: readonly TastingSample[];
  /** One of them may be served twice. */
  twiceToo: boolean;
  /** There are enough of them that a taster may get fewer. */
  fewerToo: boolean;
  warmWrong: boolean;
  onChange: (serving: Serving) => void;
}) {
  const set = (change: Partial<Serving>) => onChange({ ...serving, ...change });
  return (
    <Panel title="How">
      <CheckLine checked={serving.blind} onToggle={() => set({ blind: !serving.blind })}>
        blind: a code of three digits on each pot; what is in it stays hidden until you close it
      </CheckLine>
      {twiceToo && serving.each === '' && samples.length > 0 && (
        <Box sx={{ fontSize: typeScale.note, minHeight: 32 }}>
          served twice, to see who can tell:{' '}
          <InlineSelect
            label="Served twice"
            value={samples.some(({ id }) => id === serving.twice) ? serving.twice : ''}
            options={[
              { value: '', name: 'none' },
              ...samples.map(({ id, name: called }) => ({ value: id, name: called })),
            ]}
            onChange={(twice) => set({ twice })}
          />
        </Box>
      )}
      {fewerToo && (
        <Box sx={{ fontSize: typeScale.note, minHeight: 32 }}>
          each taster gets{' '}
          <InlineSelect
            label="Each taster gets"
            value={serving.each}
            options={[
              { value: '', name: `all ${samples.length}` },
              ...samples.slice(2).map((_, i) => ({
                value: String(i + 2),
                name: `${i + 2} of ${samples.length}`,
              })),
            ]}
            onChange={(each) => set({ each })}
          />
          {serving.each !== '' && ', every pot as often as the others'}
        </Box>
      )}
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 130px', gap: 1.5, mt: 1.5 }}>
        <LabelledField
          size="small"
          label="Eaten with"
          placeholder="flatbread"
          value={serving.eatenWith}
          onChange={(event) => set({ eatenWith: event.target.value })}
          htmlInput={{ maxLength: 200 }}
        />
        <LabelledField
          size="small"
          label="How warm, °C"
          value={serving.warm}
          error={warmWrong}
          onChange={(event) => set({ warm: event.target.value })}
          htmlInput={{ inputMode: 'decimal', maxLength: 8 }}
        />
      </Box>
      <LabelledField
        fullWidth
        size="small"
        label="Guests of a kind, such as children"
        placeholder="none: the house"
        value={serving.guests}
        onChange={(event) => set({ guests: event.target.value })}
        sx={{ mt: 1.5 }}
        htmlInput={{ maxLength: 60 }}
      />
      <LabelledField
        fullWidth
        size="small"
        label="What it is called"
        placeholder={`Tasting, ${today}`}
        value={serving.name}
        onChange={(event) => set({ name: event.target.value })}
        sx={{ mt: 1.5 }}
        htmlInput={{ maxLength: 200 }}
      />
    </Panel>
  );
}
