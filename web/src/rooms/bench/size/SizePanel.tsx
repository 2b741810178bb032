'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import NativeSelect from '@mui/material/NativeSelect';
import { loadsOf, type Machine } from '@cobbet/core/kitchen/machines';
import {
  jarFill,
  proposeSize,
  type ResizedRow,
  resizedRows,
  scarcest,
  sizeFactor,
  type Sizing,
  sizings,
} from '@cobbet/core/batch/resize';
import { ruledBy, rulesOver } from '@cobbet/core/dip/rulesOf';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { useMemo, useState } from 'react';
import { MeasuredField } from '@/components/reading/MeasuredField';
import { typedNumber } from '@/components/reading/readingText';
import { namesIn } from '@/components/shortName';
import { useInHouse } from '@/store/useInHouse';
import { typeScale } from '@/theme/typeScale';
import { colour } from '@/theme/colour';
import { SidePanel } from '../SidePanel';
import { SizedRows } from './SizedRows';
import { SizeSummary } from './SizeSummary';
import type { Bench } from '../useBench';

const sizingWords: Record<Sizing, { name: string; unit: string }> = {
  times: { name: 'so many times', unit: '×' },
  portions: { name: 'portions', unit: '' },
  mass: { name: 'weight', unit: 'g' },
  volume: { name: 'volume', unit: 'ml' },
  jars: { name: 'jars', unit: 'jars' },
  fills: { name: 'fills of the machine', unit: 'fills' },
};

function figureOf(sizing: Sizing, bench: Bench, machine: Machine): string {
  const { massG, volumeMl } = bench.analysis;
  const now: Record<Sizing, number> = {
    times: 2,
    portions: Math.round(massG / bench.dip.portionG),
    mass: Math.round(massG),
    volume: Math.round(volumeMl),
    jars: 4,
    fills: loadsOf(machine, volumeMl),
  };
  return String(now[sizing]);
}

const shareWords = (share: number) =>
  Math.abs(share - 0.5) < 0.06
    ? 'half a'
    : Math.abs(share - 0.25) < 0.06
      ? 'a quarter of a'
      : `${share.toFixed(1)} of a`;

/** What rounding does most, and what is left begun. */
function Rounded({
  resized,
  nameOf,
}: {
  resized: readonly ResizedRow[];
  nameOf: (rowId: string) => string;
}) {
  const spares = resized.flatMap(({ spare, rowId }) =>
    spare ? [`${shareWords(spare.share)} ${spare.of === '' ? nameOf(rowId) : spare.of}`] : [],
  );
  const most = resized.reduce<ResizedRow | null>(
    (worst, one) => (Math.abs(one.off) > Math.abs(worst?.off ?? 0.01) ? one : worst),
    null,
  );
  return (
    <>
      {most && (
        <Box sx={{ mt: 1, fontSize: typeScale.note }}>
          Rounded to what can be measured; furthest off is {nameOf(most.rowId)}, by{' '}
          {Math.abs(most.off * 100).toFixed(0)} % {most.off > 0 ? 'more' : 'less'}.
        </Box>
      )}
      {spares.length > 0 && (
        <Box sx={{ mt: 1, fontSize: typeScale.note }}>
          Left begun: {spares.join(', ')}. Cover it, keep it in the fridge and use it within two or
          three days; what was in a can goes into a jar.
        </Box>
      )}
    </>
  );
}

/** Makes the dip in another size: every amount in its own measure, seen before it is taken. */
export function SizePanel({
  bench,
  machine,
  onTake,
  onOnce,
  onClose,
}: {
  bench: Bench;
  machine: Machine;
  onTake: (proposal: Proposal) => void;
  /** Makes it in that size, and leaves the dip as it is. */
  onOnce: (proposal: Proposal) => void;
  onClose: () => void;
}) {
  const { rows, analysis, dip, kitchen } = bench;
  const { measures, larder } = kitchen;
  const house = useInHouse();
  const [sizing, setSizing] = useState<Sizing>('portions');
  const [text, setText] = useState<string | null>(null);
  const [jar, setJar] = useState('200');
  const shown = text ?? figureOf(sizing, bench, machine);
  const value = typedNumber(shown);
  const jarMl = typedNumber(jar);
  const { massG, volumeMl } = analysis;
  const factor =
    value === null || value <= 0
      ? 0
      : sizeFactor(sizing, value, { massG, volumeMl, portionG: dip.portionG }, machine, jarMl ?? 0);
  const wrong = !(factor > 0) || factor > 1000 || factor < 0.001;
  const resized = useMemo(
    () => (wrong ? [] : resizedRows(rows, factor, measures, rulesOver(ruledBy(dip), bench.parts))),
    [rows, factor, measures, wrong, dip, bench.parts],
  );
  const least = scarcest(rows, new Map(house.map((one) => [one.ingredientId, one.massG])));
  const name = namesIn(larder);
  const nameOf = (rowId: string) =>
    name(rows.find(({ row }) => row.id === rowId)?.row.ingredientId ?? '');
  return (
    <SidePanel label={`Another size of ${dip.name}`} onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (!wrong) onTake(proposeSize(dip, kitchen, resized));
        }}
      >
        <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'flex-start', pt: 1 }}>
          <NativeSelect
            value={sizing}
            inputProps={{ 'aria-label': 'Sized by' }}
            onChange={(event) => {
              setSizing(event.target.value as Sizing);
              setText(null);
            }}
            sx={{ mt: 2 }}
          >
            {sizings.map((one) => (
              <option key={one} value={one}>
                {sizingWords[one].name}
              </option>
            ))}
          </NativeSelect>
          <Box sx={{ width: 150 }}>
            <MeasuredField
              label="How much"
              unit={sizingWords[sizing].unit}
              value={shown}
              problem={wrong ? 'More than nothing.' : null}
              onChange={setText}
            />
          </Box>
          {sizing === 'jars' && (
            <Box sx={{ width: 150 }}>
              <MeasuredField
                label="One jar holds"
                unit="ml"
                value={jar}
                problem={`filled to ${jarFill * 100} %`}
                wrong={!(jarMl !== null && jarMl > 0)}
                onChange={setJar}
              />
            </Box>
          )}
        </Box>
        {least && (
          <Button
            sx={{ ml: -1, mb: 1 }}
            onClick={() => {
              setSizing('times');
              setText(least.factor.toFixed(2));
            }}
          >
            As far as the {name(least.ingredientId)} goes
          </Button>
        )}
        {!wrong && (
          <>
            <SizeSummary
              bench={bench}
              machine={machine}
              factor={factor}
              resized={resized}
              onFactor={(next) => {
                setSizing('times');
                setText(String(Number(next.toFixed(3))));
              }}
            />
            <SizedRows resized={resized} rows={rows} nameOf={nameOf} />
            <Rounded resized={resized} nameOf={nameOf} />
          </>
        )}
        <Box
          sx={{
            ...{ position: 'sticky', bottom: 0, bgcolor: colour.board, py: 1, mt: 1 },
            ...{ display: 'flex', flexWrap: 'wrap', gap: 1, justifyContent: 'end' },
          }}
        >
          <Button disabled={wrong} onClick={() => onOnce(proposeSize(dip, kitchen, resized))}>
            Make it so once
          </Button>
          <Button type="submit" variant="contained" disabled={wrong}>
            Take this size
          </Button>
        </Box>
      </form>
    </SidePanel>
  );
}
