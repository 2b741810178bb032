import { defaultKit } from '../src/kitchen/kit';
import type { Kitchen } from '../src/kitchen/kitchen';
import { shippedLarder } from '../src/larder/larder';
import { type ServedAs, servedMoment } from '../src/mix/bodyMoments';
import type { Conditions } from '../src/mix/conditions';
import { priorCorrection } from '../src/mix/correction';
import { type Figures, figuresOf } from '../src/mix/figures';
import { usualBlending } from '../src/mix/blending';
import { type Method, usualBlendC, usualMethod } from '../src/mix/method';
import { mixOf } from '../src/mix/mix';
import type { Part } from '../src/mix/part';
import { calibrate } from '../src/readings/calibrate';

/** Everyday conditions in a kitchen that has read nothing yet. */
export function conditionsOf({
  method = usualMethod,
  servedAtC = 5,
  servedAfterMin,
  ...extra
}: Partial<Omit<Conditions, 'method'> & ServedAs> & { method?: Method } = {}): Conditions {
  return {
    method: { blendC: usualBlendC, ...method },
    blending: usualBlending,
    served: servedMoment({
      servedAtC,
      ...(servedAfterMin === undefined ? {} : { servedAfterMin }),
    }),
    measures: 'us',
    correction: priorCorrection,
    ...extra,
  };
}

/** A kitchen with the shipped larder that has read nothing yet. */
export function kitchenOf(extra: Partial<Kitchen> = {}): Kitchen {
  return {
    larder: shippedLarder,
    measures: 'us',
    kit: defaultKit,
    yields: [],
    calibrationOf: () => calibrate([]),
    ...extra,
  };
}

/** Where parts end, under everyday conditions unless others are given. */
export function endOf(parts: readonly Part[], conditions: Conditions = conditionsOf()): Figures {
  return figuresOf(mixOf(parts), conditions);
}
