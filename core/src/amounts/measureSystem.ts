/** Which country's cup and spoon a cook has in the drawer. */
export const measureSystems = ['us', 'metric', 'australian', 'british'] as const;
export type MeasureSystem = (typeof measureSystems)[number];

interface SystemVolumesMl {
  cup: number;
  tbsp: number;
  dsp: number;
  tsp: number;
  floz: number;
  pint: number;
  quart: number;
}

/** Volumes in ml. Cups and spoons by system; fluid ounce, pint and quart are US customary or imperial. */
export const systemVolumesMl: Record<MeasureSystem, SystemVolumesMl> = {
  us: {
    cup: 236.588,
    tbsp: 14.787,
    dsp: 9.858,
    tsp: 4.929,
    floz: 29.5735,
    pint: 473.176,
    quart: 946.353,
  },
  metric: {
    cup: 250,
    tbsp: 15,
    dsp: 10,
    tsp: 5,
    floz: 28.4131,
    pint: 568.261,
    quart: 1136.52,
  },
  australian: {
    cup: 250,
    tbsp: 20,
    dsp: 10,
    tsp: 5,
    floz: 28.4131,
    pint: 568.261,
    quart: 1136.52,
  },
  british: {
    cup: 284,
    tbsp: 17.8,
    dsp: 11.8,
    tsp: 5.9,
    floz: 28.4131,
    pint: 568.261,
    quart: 1136.52,
  },
};

/** Net mass of a can nobody gave a size for, g. */
export function unsizedCanG(system: MeasureSystem): number {
  return system === 'us' ? 425 : 400;
}
