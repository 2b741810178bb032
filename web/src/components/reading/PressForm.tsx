'use client';

import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import type { Kit } from '@cobbet/core/kitchen/kit';
import { useState } from 'react';
import { MeasuredField } from './MeasuredField';
import { type PicturesOf, usePictured } from './PicturedWidths';
import { type TakeTest, TestForm, useTwoWays } from './TestForm';

/** The press test: how wide a measured dab spread between two plates. */
export function PressForm({
  press,
  pictured,
  onTake,
}: {
  press: Kit['press'];
  pictured: PicturesOf;
  onTake: TakeTest;
}) {
  const { one, setOne, other, setOther, mean: diameterMm } = useTwoWays();
  const { fromPicture, widths } = usePictured('press', pictured, one, setOne);
  const [coarse, setCoarse] = useState(false);
  const possible = diameterMm !== null && diameterMm >= 10 && diameterMm <= 300;
  return (
    <TestForm
      test="press"
      how={
        <>
          Put {press.volumeMl} ml between two flat plates with baking paper on both, set{' '}
          {press.loadG} g on top, wait 60 seconds. Measure the round two ways.
        </>
      }
      columns={3}
      figures={
        <>
          <MeasuredField
            label="Across"
            unit="mm"
            value={one}
            problem={diameterMm !== null && !possible ? 'Between 10 and 300 mm.' : null}
            onChange={setOne}
          />
          <MeasuredField label="The other way" unit="mm" value={other} onChange={setOther} />
        </>
      }
      more={
        <>
          {widths}
          <FormControlLabel
            control={
              <Checkbox checked={coarse} onChange={(event) => setCoarse(event.target.checked)} />
            }
            label="There are coarse pieces in it"
          />
        </>
      }
      taken={possible ? { press: { ...press, coarse, diameterMm, ...fromPicture } } : null}
      onTake={onTake}
    />
  );
}
