import { type Machine, machines } from './machines';

/** What stands in the cook's kitchen. */
export interface Kit {
  /** Own machines, and shipped ones with what was corrected, by the same id. */
  machines: Machine[];
  /** The ring that is lifted, mm. */
  ring: { ringMm: number; ringHeightMm: number };
  /** The press: the upper plate with its weight, g, and the paste under it, ml. */
  press: { loadG: number; volumeMl: number };
}

export const defaultKit: Kit = {
  machines: [],
  ring: { ringMm: 50, ringHeightMm: 50 },
  press: { loadG: 500, volumeMl: 5 },
};

/** Shipped machines with the cook's corrections in their places, then the cook's own. */
export function kitMachines(kit: Kit): Machine[] {
  const own = new Map(kit.machines.map((machine) => [machine.id, machine]));
  const shipped = new Set(machines.map(({ id }) => id));
  return [
    ...machines.map((machine) => own.get(machine.id) ?? machine),
    ...kit.machines.filter(({ id }) => !shipped.has(id)),
  ];
}

/** The machine with an id in this kitchen; the first one for an id that is not known. */
export function kitMachine(kit: Kit, id: string): Machine {
  const all = kitMachines(kit);
  const found = all.find((machine) => machine.id === id) ?? all[0];
  if (!found) throw new Error('there is no machine');
  return found;
}
