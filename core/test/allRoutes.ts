import { shippedLarder } from '../src/larder/larder';
import { routesTo } from '../src/prepare/prepare';
import { type PulseMethod, usualPulseMethod } from '../src/prepare/pulseMethod';
import { kitchenRawYields } from '../src/prepare/rawYields/kitchenRawYields';
import type { Route } from '../src/prepare/route';

/** Every way to make anything of the shipped larder ready. */
export function allRoutes(method: PulseMethod = usualPulseMethod): Route[] {
  return [...shippedLarder.values()].flatMap((one) => routesTo(one, method));
}

/** Every way to make anything but pulses ready. */
export function kitchenRoutes(): Route[] {
  const made = new Set(kitchenRawYields.map(({ to }) => to));
  return allRoutes().filter(({ to }) => made.has(to));
}
