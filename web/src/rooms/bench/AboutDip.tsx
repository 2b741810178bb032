'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { LabelledField } from '@/components/LabelledField';
import { madeId } from '@cobbet/core/larder/madeId';
import type { Dip } from '@cobbet/core/dip/dip';
import { useState } from 'react';
import { CheckLine } from '@/components/CheckLine';
import { dipsUsing } from '@/components/dipsUsing';
import { useLeaving } from '@/components/useLeaving';
import { useBook } from '@/store/bookStore';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { BenchEdits } from './useBenchEdits';

interface Figure {
  name: string;
  least: number;
  most: number;
  of: (dip: Dip) => number | undefined;
  with: (dip: Dip, value: number) => Dip;
  /** The dip with nothing said of it; where it may be left open. */
  without?: (dip: Dip) => Dip;
}

const figures: readonly Figure[] = [
  {
    name: 'A portion, g',
    least: 1,
    most: 10_000,
    of: (dip) => dip.portionG,
    with: (dip, portionG) => ({ ...dip, portionG }),
  },
  {
    name: 'Blended at, °C',
    least: -10,
    most: 100,
    of: (dip) => dip.method.blendC,
    with: (dip, blendC) => ({ ...dip, method: { ...dip.method, blendC } }),
    without: ({ method: { blendC: _said, ...method }, ...dip }) => ({ ...dip, method }),
  },
  {
    name: 'Air whipped in, %',
    least: 0,
    most: 300,
    of: (dip) => dip.method.overrunPct,
    with: (dip, overrunPct) => ({ ...dip, method: { ...dip.method, overrunPct } }),
  },
];

type EditDip = BenchEdits['edit'];

/** A number that is taken when it makes sense and says what would when it does not. */
function FigureField({
  figure,
  dip,
  open,
  onEdit,
}: {
  figure: Figure;
  dip: Dip;
  /** What is said where it is left open. */
  open: string;
  onEdit: EditDip;
}) {
  const now = figure.of(dip);
  const [text, setText] = useState(now === undefined ? '' : String(now));
  const value = Number(text.replace(',', '.'));
  const { without } = figure;
  const empty = text.trim() === '';
  const fits = empty
    ? without !== undefined
    : Number.isFinite(value) && value >= figure.least && value <= figure.most;
  const keep = () => {
    if (!fits || (empty ? now === undefined : value === now)) return;
    onEdit(figure.name, (one) => (empty ? (without?.(one) ?? one) : figure.with(one, value)));
  };
  useLeaving(keep);
  return (
    <LabelledField
      size="small"
      label={figure.name}
      value={text}
      error={!fits}
      helperText={
        fits ? (without && empty ? open : ' ') : `a number from ${figure.least} to ${figure.most}`
      }
      onChange={(event) => setText(event.target.value)}
      onBlur={keep}
      htmlInput={{ inputMode: 'decimal' }}
    />
  );
}

/** Words of the cook's own, kept at every key. */
function WordsField({
  label,
  first,
  most,
  multiline = false,
  onWords,
}: {
  label: string;
  /** What stands there when it is opened. */
  first: string;
  /** Letters at most. */
  most: number;
  multiline?: boolean;
  onWords: (words: string) => void;
}) {
  const [words, setWords] = useState(first);
  return (
    <LabelledField
      size="small"
      multiline={multiline}
      label={label}
      value={words}
      onChange={(event) => {
        const next = event.target.value.slice(0, most);
        setWords(next);
        onWords(next);
      }}
    />
  );
}

/** Whether a dip goes into others; it stays so while one takes it. */
function GoesIn({ dip, onEdit }: { dip: Dip; onEdit: EditDip }) {
  const dips = useBook(({ book }) => book.dips);
  const using = dipsUsing(dips.values(), madeId(dip.id));
  return (
    <Box>
      <CheckLine
        checked={dip.goesIn === true}
        onToggle={() => {
          if (dip.goesIn && using.length > 0) return;
          onEdit('Goes into other dips', ({ goesIn, ...one }) =>
            goesIn ? one : { ...one, goesIn: true },
          );
        }}
      >
        It goes into other dips, under its name
      </CheckLine>
      {using.length > 0 && (
        <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>
          It is in {using.map(({ name }) => name).join(', ')}.
        </Box>
      )}
    </Box>
  );
}

/** What a dip is, how it is worked, and what to do with it next. */
export function AboutDip({
  dip,
  blendC,
  onEdit,
  onClose,
}: {
  dip: Dip;
  /** How warm it gets in the machine, °C. */
  blendC: number;
  onEdit: EditDip;
  onClose: () => void;
}) {
  const [name, setName] = useState(dip.name);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="about-title">
      <DialogTitle id="about-title">About {dip.name}</DialogTitle>
      <DialogContent>
        <Box sx={{ display: 'grid', gap: 2, pt: 1 }}>
          <LabelledField
            size="small"
            label="Name"
            value={name}
            error={name.trim() === ''}
            helperText={name.trim() === '' ? 'A dip needs a name.' : ' '}
            onChange={(event) => {
              const next = event.target.value.slice(0, 200);
              setName(next);
              const kept = next.trim();
              if (kept !== '') onEdit('Name', (one) => ({ ...one, name: kept }), `name ${dip.id}`);
            }}
          />
          <WordsField
            label="Note"
            multiline
            most={4000}
            first={dip.note}
            onWords={(note) => onEdit('Note', (one) => ({ ...one, note }), `note ${dip.id}`)}
          />
          <WordsField
            label="Where it comes from, and whose it is"
            most={1000}
            first={dip.source ?? ''}
            onWords={(source) =>
              onEdit(
                'Source',
                ({ source: _old, ...one }) => (source.trim() === '' ? one : { ...one, source }),
                `source ${dip.id}`,
              )
            }
          />
          <WordsField
            label="What to do next"
            most={1000}
            first={dip.nextThing}
            onWords={(nextThing) =>
              onEdit('What to do next', (one) => ({ ...one, nextThing }), `next ${dip.id}`)
            }
          />
          <GoesIn dip={dip} onEdit={onEdit} />
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', columnGap: 2 }}>
            {figures.map((figure) => (
              <FigureField
                key={figure.name}
                figure={figure}
                dip={dip}
                open={`worked out: ${Math.round(blendC)}`}
                onEdit={onEdit}
              />
            ))}
          </Box>
        </Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Done</Button>
      </DialogActions>
    </Dialog>
  );
}
