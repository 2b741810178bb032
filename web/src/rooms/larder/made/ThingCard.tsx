'use client';

import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { madeId, offId } from '@cobbet/core/larder/madeId';
import { isHeated, type Thing } from '@cobbet/core/book/thing';
import { keepingOf } from '@cobbet/core/safety/keeping';
import { cautionsFor } from '@cobbet/core/safety/cautions';
import { thingRows } from '@cobbet/core/book/thingBatch';
import { trialParts } from '@cobbet/core/book/trialParts';
import { useState } from 'react';
import { dipsUsing } from '@/components/dipsUsing';
import { LabelledField } from '@/components/LabelledField';
import { Panel } from '@/components/Panel';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedNumber } from '@/components/reading/readingText';
import { deleteThing, editThing } from '@/store/thingCommands';
import { useBook } from '@/store/bookStore';
import { useKitchen } from '@/store/useKitchen';
import { today } from '@/store/today';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { UsedIn } from '../UsedIn';
import { ThingGives } from './ThingGives';
import { ThingMade } from './ThingMade';
import { ThingRows } from './ThingRows';
import { ThingSteps } from './ThingSteps';

/** How long it keeps: as its maker says, and what in it leaves it fewer days. */
function Keeps({ thing }: { thing: Thing }) {
  const kitchen = useKitchen();
  const [text, setText] = useState<string | null>(null);
  const typed = typedNumber(text ?? '');
  const wrong = text !== null && !(typed !== null && typed >= 0 && typed <= 365);
  const parts = trialParts(thingRows(thing, kitchen), kitchen.larder);
  const keeping = keepingOf({
    ...{ family: 'pesto-dress', parts, madeOn: today(), makersDays: thing.keepDays },
    underOil: thing.off?.kind === 'oil',
  });
  const cold = { waterOutside: thing.off?.kind === 'oil' ? 0 : 1 };
  // hot in a closed machine is what burns
  const blendC = isHeated(thing) && thing.steps.some(({ on }) => on === 'machine') ? 60 : 20;
  const cautions = cautionsFor(parts, cold, { method: { grind: 'normal', overrunPct: 0, blendC } });
  return (
    <>
      <Box sx={{ width: 150 }}>
        <MeasuredField
          label="As its maker says"
          unit="days"
          value={text ?? String(thing.keepDays)}
          problem={wrong ? '0 to 365.' : null}
          onChange={(next) => {
            setText(next);
            const days = typedNumber(next);
            if (days !== null && days >= 0 && days <= 365)
              void editThing(
                thing.id,
                'How long it keeps',
                (one) => ({ ...one, keepDays: Math.round(days) }),
                `thing ${thing.id} days`,
              );
          }}
        />
      </Box>
      <Box sx={{ lineHeight: 1.4 }}>
        <strong>{keeping.because.words}</strong>, at 4 °C or below.
      </Box>
      {cautions.map(({ id, message, level }) => (
        <Box
          key={id}
          sx={{
            ...{ fontSize: typeScale.small, mt: 0.75 },
            ...{ color: level === 'know' ? colour.muted : colour.caution },
            fontWeight: level === 'danger' ? 700 : 400,
          }}
        >
          {message}
        </Box>
      ))}
      <Box sx={{ fontSize: typeScale.small, color: colour.muted, mt: 0.5 }}>
        Every dip it goes into keeps no longer than it does. Local codes come first.
      </Box>
    </>
  );
}

/** A thing made here: what goes in, what it gives, how, how long it keeps, what was made of it and where it goes. */
export function ThingCard({ thing, onClose }: { thing: Thing; onClose: () => void }) {
  const dips = useBook(({ book }) => book.dips);
  const using = dipsUsing(dips.values(), madeId(thing.id), offId(thing.id));
  return (
    <Box
      component="aside"
      aria-label={thing.name}
      sx={{
        ...{ width: { xs: '100%', md: 460 }, flexShrink: 0, bgcolor: colour.board },
        ...{ borderLeft: { md: `1px solid ${colour.line}` }, px: 2.25, py: 2 },
        ...{ position: { md: 'sticky' }, top: 0, alignSelf: 'flex-start' },
        ...{ height: { md: '100dvh' }, overflowY: 'auto', boxSizing: 'border-box' },
      }}
    >
      <Box sx={{ display: 'flex', alignItems: 'flex-start', gap: 1 }}>
        <LabelledField
          fullWidth
          size="small"
          label="Made here"
          value={thing.name}
          sx={{ flex: 1 }}
          onChange={({ target }) => {
            const name = target.value.slice(0, 200);
            if (name.trim() !== '')
              void editThing(
                thing.id,
                'Name',
                (one) => ({ ...one, name }),
                `thing ${thing.id} name`,
              );
          }}
        />
        <IconButton aria-label="Close" onClick={onClose} size="small">
          <Close fontSize="small" />
        </IconButton>
      </Box>
      <Box sx={{ display: 'grid', gap: 2.5, mt: 2 }}>
        <Panel title="What goes in">
          <ThingRows thing={thing} />
        </Panel>
        <Panel title="What it gives">
          <ThingGives thing={thing} />
        </Panel>
        <Panel title="Made now">
          <ThingMade thing={thing} />
        </Panel>
        <Panel title="How long it keeps">
          <Keeps thing={thing} />
        </Panel>
        <Panel title="How it is made">
          <ThingSteps thing={thing} />
        </Panel>
        <LabelledField
          multiline
          size="small"
          label="Note"
          value={thing.note}
          onChange={({ target }) =>
            void editThing(
              thing.id,
              'Note',
              (one) => ({ ...one, note: target.value.slice(0, 4000) }),
              `thing ${thing.id} note`,
            )
          }
        />
        <UsedIn ingredientIds={[madeId(thing.id), offId(thing.id)]} />
        <Box>
          <Button
            onClick={() => {
              void deleteThing(thing);
              onClose();
            }}
          >
            {using.length > 0
              ? `Made here no longer, though ${using.map(({ name }) => name).join(', ')} takes it`
              : 'Made here no longer'}
          </Button>
        </Box>
      </Box>
    </Box>
  );
}
