'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Batch } from '@cobbet/core/book/batch';
import { seenCauses, type SeenCause } from '@cobbet/core/book/newBatch';
import type { LossCause } from '@cobbet/core/batch/losses';
import { useState } from 'react';
import { Panel } from '@/components/Panel';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedNumber } from '@/components/reading/readingText';
import { seenToGo, weighBatch } from '@/store/batchCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const causeWords: Record<LossCause, string> = {
  film: 'film on bowl and blade',
  tasted: 'tasted',
  evaporated: 'boiled away',
  drained: 'drained',
  spilled: 'spilled',
  other: 'not accounted for',
};

const seenLabels: Record<SeenCause, string> = {
  spilled: 'Spilled',
  drained: 'Drained off',
  evaporated: 'Boiled away',
};

/** One way some of it was seen to go, kept at every key. */
function SeenToGo({ batch, cause }: { batch: Batch; cause: SeenCause }) {
  const there = batch.losses.find((one) => one.cause === cause)?.g ?? 0;
  const [text, setText] = useState(there > 0 ? there.toFixed(0) : '');
  const value = text.trim() === '' ? 0 : typedNumber(text);
  const wrong = value === null || value < 0 || value > batch.inG;
  return (
    <MeasuredField
      label={seenLabels[cause]}
      unit="g"
      value={text}
      problem={wrong ? `0 to ${batch.inG.toFixed(0)}.` : null}
      onChange={(next) => {
        setText(next);
        const g = next.trim() === '' ? 0 : typedNumber(next);
        if (g !== null && g >= 0 && g <= batch.inG) void seenToGo(batch.id, cause, g);
      }}
    />
  );
}

/** What went in, where it went and what is left of it; weighed where the cook says. */
export function BatchYield({ batch }: { batch: Batch }) {
  const { inG, yieldG, weighed, losses, uses } = batch;
  const [text, setText] = useState<string | null>(null);
  const value = typedNumber(text ?? '');
  const wrong =
    text !== null && text.trim() !== '' && !(value !== null && value > 0 && value <= 10 * inG);
  const weigh = () => {
    if (wrong || value === null || value <= 0) return;
    void weighBatch(batch.id, Math.round(value * 10) / 10);
    setText(null);
  };
  const share = (g: number) => `${Math.min(100, Math.max(0, (100 * g) / Math.max(1, inG)))}%`;
  return (
    <Panel title="It made" label="What it made">
      <Box sx={{ lineHeight: 1.4 }}>
        <Box component="span" sx={{ fontSize: typeScale.figure, fontWeight: 700 }}>
          {yieldG.toFixed(0)} g
        </Box>{' '}
        {weighed ? 'weighed' : 'estimated'}, of {inG.toFixed(0)} g that went in
      </Box>
      <Box
        aria-hidden
        sx={{
          ...{ display: 'flex', height: 14, borderRadius: 1, overflow: 'hidden', my: 0.75 },
          border: `1px solid ${colour.line}`,
        }}
      >
        <Box sx={{ width: share(yieldG), bgcolor: colour.accent }} />
        {losses.map(({ cause, g }) => (
          <Box key={cause} sx={{ width: share(g), bgcolor: colour.line, ml: '1px' }} />
        ))}
      </Box>
      <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
        {losses
          .map(({ cause, g }) =>
            cause === 'other' && g < 0
              ? `${(-g).toFixed(0)} g more on the scale than went in`
              : `${g.toFixed(0)} g ${causeWords[cause]}`,
          )
          .join(' · ')}
      </Box>
      {uses.length > 0 && (
        <Box sx={{ fontSize: typeScale.note, mt: 0.5 }}>
          {uses.map(({ name, code, madeOn }) => `${name} of ${madeOn}, ${code}`).join(' · ')} went
          in.
        </Box>
      )}
      {batch.thing === undefined && (
        <Box
          component="form"
          onSubmit={(event) => {
            event.preventDefault();
            weigh();
          }}
          sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-start', mt: 1 }}
        >
          <Box sx={{ width: 150 }}>
            <MeasuredField
              label={weighed ? 'Weighed anew' : 'Weighed out'}
              unit="g"
              value={text ?? ''}
              problem={wrong ? 'A weight in g.' : null}
              onChange={setText}
            />
          </Box>
          <Button type="submit" sx={{ mt: 1.5 }} disabled={wrong || value === null}>
            That is it
          </Button>
        </Box>
      )}
      {batch.thing === undefined && (
        <Box
          role="group"
          aria-label="Seen to go"
          sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, minmax(0, 130px))', gap: 1.5 }}
        >
          {seenCauses.map((cause) => (
            <SeenToGo key={cause} batch={batch} cause={cause} />
          ))}
        </Box>
      )}
    </Panel>
  );
}
