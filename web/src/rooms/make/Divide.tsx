'use client';

import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { LabelledField } from '@/components/LabelledField';
import type { Dip } from '@cobbet/core/dip/dip';
import type { Run } from '@cobbet/core/book/run';
import { useState } from 'react';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedNumber } from '@/components/reading/readingText';
import { divideRun } from '@/store/splitCommands';
import { colour } from '@/theme/colour';
import { type Aim, asTheDip, targetsOfAim } from '@cobbet/core/book/aim';
import { AimSelect } from './AimSelect';

interface Line {
  name: string;
  grams: string;
  aim: Aim;
}

/** Divides the base in the bowl by weight: each part goes on by itself with its own additions. */
export function Divide({ run, dip, massG }: { run: Run; dip: Dip; massG: number }) {
  const half = String(Math.floor(massG / 2));
  const [lines, setLines] = useState<Line[] | null>(null);
  if (!lines) {
    return (
      <Button
        sx={{ justifySelf: 'start', minHeight: 48 }}
        disabled={massG <= 0}
        onClick={() =>
          setLines([
            { name: '', grams: half, aim: asTheDip },
            { name: '', grams: half, aim: asTheDip },
          ])
        }
      >
        Divide it into two or more
      </Button>
    );
  }
  const read = lines.map(({ name, grams, aim }) => ({
    name: name.trim(),
    massG: typedNumber(grams),
    targets: targetsOfAim(dip, aim),
  }));
  const sum = read.reduce((total, one) => total + (one.massG ?? 0), 0);
  const tooMuch = sum > massG * 1.0001;
  const fine =
    !tooMuch && read.every((one) => one.name !== '' && one.massG !== null && one.massG > 0);
  const change = (at: number, line: Partial<Line>) =>
    setLines(lines.map((one, i) => (i === at ? { ...one, ...line } : one)));
  return (
    <Panel title="Divide the base" sx={{ display: 'grid', gap: 1, width: '100%' }}>
      {lines.map((line, i) => (
        <Box
          key={i}
          sx={{ display: 'grid', gridTemplateColumns: '1fr 130px', gap: 2, alignItems: 'center' }}
        >
          <LabelledField
            label={`Part ${i + 1} is called`}
            value={line.name}
            onChange={(event) => change(i, { name: event.target.value.slice(0, 200) })}
          />
          <MeasuredField
            label={`Part ${i + 1}`}
            unit="g"
            value={line.grams}
            onChange={(grams) => change(i, { grams })}
          />
          <Box sx={{ gridColumn: '1 / -1', mb: 1 }}>
            <AimSelect
              label={`Part ${i + 1}`}
              value={line.aim}
              onChange={(aim) => change(i, { aim })}
            />
          </Box>
        </Box>
      ))}
      <Box role="status" sx={{ color: tooMuch ? colour.caution : colour.muted }}>
        {tooMuch
          ? `That is ${(sum - massG).toFixed(0)} g more than the ${massG.toFixed(0)} g in the bowl.`
          : `${(massG - sum).toFixed(0)} g of ${massG.toFixed(0)} g stay as the base, kept as a trial.`}
      </Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button
          variant="contained"
          disabled={!fine}
          sx={{ minHeight: 48 }}
          onClick={() =>
            void divideRun(
              run,
              read.map(({ name, massG: grams, targets }) => ({
                name,
                massG: grams ?? 0,
                ...(targets ? { targets } : {}),
              })),
            )
          }
        >
          Divide it
        </Button>
        <Button
          sx={{ minHeight: 48 }}
          disabled={lines.length >= 6}
          onClick={() => setLines([...lines, { name: '', grams: '', aim: asTheDip }])}
        >
          One part more
        </Button>
        <Button sx={{ minHeight: 48 }} onClick={() => setLines(null)}>
          Leave it whole
        </Button>
      </Box>
    </Panel>
  );
}
