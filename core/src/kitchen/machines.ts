/** A machine or hand tool as the path over it needs it. */
export interface Machine {
  id: string;
  name: string;
  /** Above this body the mix stalls it, or rides up the sides; null when it never stalls. */
  stallBody: number | null;
  /** Least and most it can work, ml. */
  leastMl: number;
  mostMl: number;
  /** Whether oil can be streamed while it runs. */
  streams: boolean;
  /** Whether it works mixes that are still crumbs. */
  worksCrumbs: boolean;
}

export const machines: readonly Machine[] = [
  {
    id: 'food-processor',
    name: 'food processor',
    stallBody: 11.5,
    leastMl: 250,
    mostMl: 1500,
    streams: true,
    worksCrumbs: true,
  },
  {
    id: 'jug-blender',
    name: 'jug blender',
    stallBody: 8.5,
    leastMl: 300,
    mostMl: 1500,
    streams: true,
    worksCrumbs: false,
  },
  {
    id: 'stick-blender',
    name: 'stick blender',
    stallBody: 9.5,
    leastMl: 150,
    mostMl: 1000,
    streams: false,
    worksCrumbs: false,
  },
  {
    id: 'mortar',
    name: 'mortar',
    stallBody: null,
    leastMl: 20,
    mostMl: 500,
    streams: true,
    worksCrumbs: true,
  },
  {
    id: 'knife',
    name: 'knife',
    stallBody: null,
    leastMl: 0,
    mostMl: 600,
    streams: false,
    worksCrumbs: true,
  },
  {
    id: 'fork',
    name: 'fork',
    stallBody: null,
    leastMl: 0,
    mostMl: 2000,
    streams: true,
    worksCrumbs: true,
  },
  {
    id: 'whisk',
    name: 'whisk and bowl',
    stallBody: null,
    leastMl: 100,
    mostMl: 4000,
    streams: true,
    worksCrumbs: false,
  },
];

/** How many times a machine is filled for so much, at least once. */
export function loadsOf(machine: Pick<Machine, 'mostMl'>, volumeMl: number): number {
  return Math.max(1, Math.ceil(volumeMl / Math.max(1, machine.mostMl)));
}

/**
 * Whether a machine stalls on a mix, or the mix rides up its sides.
 *
 * @param body fresh body, null where there is none
 * @param crumbs not yet a paste
 */
export function stallsOn(machine: Machine, body: number | null, crumbs: boolean): boolean {
  if (crumbs) return !machine.worksCrumbs;
  return machine.stallBody !== null && body !== null && body > machine.stallBody;
}
