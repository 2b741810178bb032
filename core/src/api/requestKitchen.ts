import { BadInput } from '../book/fieldError';
import { defaultKit } from '../kitchen/kit';
import { conditionsFor, type Kitchen } from '../kitchen/kitchen';
import { warmMethod } from '../dip/warmMethod';
import { type Machine, machines } from '../kitchen/machines';
import type { Larder } from '../larder/larder';
import { servedAs } from '../mix/bodyMoments';
import { type Conditions, workedIn } from '../mix/conditions';
import type { Part } from '../mix/part';
import { bowlEvidence, bowlFormula, type BowlReading } from '../readings/bowlReadings';
import { type Calibration, calibrate } from '../readings/calibrate';
import { ringFault } from '../readings/ringFault';
import type { ReadingTaken } from '../readings/takeReading';
import type { DipRequest } from './dipRequest';

/** A request's bowl with the kitchen it is evaluated in. */
export interface BowlInKitchen {
  kitchen: Kitchen;
  machine: Machine;
  conditions: Conditions;
}

/** Readings of a request, checked against its parts. */
function readingsOf({ readings, parts }: DipRequest): BowlReading[] {
  return readings.map(({ after, atC, ...taken }, index) => {
    if (after !== undefined && after > parts.length) {
      throw new BadInput(
        `readings[${index}].after`,
        `There are ${parts.length} parts, not ${after}.`,
      );
    }
    const fault = 'ring' in taken ? ringFault(taken.ring) : null;
    if (fault) throw new BadInput(`readings[${index}].ring.${fault.figure}`, fault.message);
    return {
      taken: taken as ReadingTaken,
      ...(after === undefined ? {} : { after }),
      ...(atC === undefined ? {} : { atC }),
    };
  });
}

function machineOf(id: string): Machine {
  const found = machines.find((one) => one.id === id);
  if (!found) throw new BadInput('kitchen.machine', `“${id}” is no machine here.`);
  return found;
}

/**
 * The kitchen of a request: its larder, measures and machine, and what the readings of its bowl have taught.
 *
 * @param parts of the request, resolved
 * @throws BadInput naming the reading or the machine that is wrong
 */
export function requestKitchen(
  request: DipRequest,
  larder: Larder,
  parts: readonly Part[],
): BowlInKitchen {
  const { method, measures } = request;
  const machine = machineOf(request.kitchen.machine);
  const warm = warmMethod(method, parts, machine);
  const worked = workedIn({ method: warm, machineId: machine.id });
  const evidence = bowlEvidence(parts, readingsOf(request), worked);
  const calibration: Calibration = calibrate(evidence);
  const kitchen: Kitchen = {
    larder,
    measures,
    kit: defaultKit,
    yields: [],
    calibrationOf: () => calibration,
  };
  const making = { dipId: bowlFormula, method: warm, machineId: machine.id, ...servedAs(request) };
  return { kitchen, machine, conditions: conditionsFor(making, kitchen) };
}
