'use client';

import type { Kit } from '@cobbet/core/kitchen/kit';
import { ringFault } from '@cobbet/core/readings/ringFault';
import { useState } from 'react';
import { MeasuredField } from './MeasuredField';
import { type PicturesOf, usePictured } from './PicturedWidths';
import { typedNumber } from './readingText';
import { type TakeTest, TestForm, useTwoWays } from './TestForm';

/** The ring test: what the paste did on the plate, in millimetres. */
export function RingForm({
  ring,
  densityGPerMl,
  pictured,
  onTake,
}: {
  ring: Kit['ring'];
  densityGPerMl: number;
  pictured: PicturesOf;
  onTake: TakeTest;
}) {
  const { one, setOne, other, setOther, mean: diameterMm } = useTwoWays();
  const { fromPicture, widths } = usePictured('ring', pictured, one, setOne);
  const [height, setHeight] = useState('');
  const heightMm = typedNumber(height);
  const test = diameterMm !== null && {
    ...ring,
    densityGPerMl,
    diameterMm,
    ...(heightMm === null ? {} : { heightMm }),
    ...fromPicture,
  };
  const fault = test ? ringFault(test) : null;
  return (
    <TestForm
      test="ring"
      how={
        <>
          Fill the {ring.ringMm} mm ring level on a flat plate, lift it straight up, wait 30
          seconds. Measure the spread two ways and, if it stands, its height.
        </>
      }
      columns={4}
      figures={
        <>
          <MeasuredField
            label="Spread"
            unit="mm"
            value={one}
            problem={fault?.figure === 'diameterMm' ? fault.message : null}
            onChange={setOne}
          />
          <MeasuredField label="The other way" unit="mm" value={other} onChange={setOther} />
          <MeasuredField
            label="Height left"
            unit="mm"
            value={height}
            problem={fault?.figure === 'heightMm' ? fault.message : null}
            onChange={setHeight}
          />
        </>
      }
      more={widths}
      taken={test && !fault ? { ring: test } : null}
      onTake={onTake}
    />
  );
}
