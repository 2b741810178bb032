import { usualMethod } from '../src/body/conditions';
import type { Part } from '../src/bowl/part';
import type { LandingPart, LandPartsRequest } from '../src/landing/landParts';
import type { Targets } from '../src/landing/targets';

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
    measures: 'us',
    method: usualMethod,
    servedAtC: 5,
    ...extra,
  };
}
