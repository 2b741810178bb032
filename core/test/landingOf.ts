import { conditionsOf } from './kitchenOf';
import type { Part } from '../src/mix/part';
import type { LandingPart, LandPartsRequest } from '../src/landing/landParts';
import type { Targets } from '../src/mix/targets';

/** A part with its grams as its amount, free to move. */
export function landing(one: Part, extra: Partial<LandingPart> = {}): LandingPart {
  return { ...one, hold: false, amountText: `${one.massG} g`, ...extra };
}

/** A request to land parts in grams. */
export function landRequestOf(
  parts: readonly LandingPart[],
  targets: Targets,
  extra: Partial<LandPartsRequest> = {},
): LandPartsRequest {
  return {
    parts,
    targets,
    kitchenMeasures: false,
    conditions: conditionsOf(),
    ...extra,
  };
}
