import { readingSchema } from '../readings/readingSchema';
import { ringFault } from '../readings/ringFault';
import { type Reading, takeReading } from '../readings/takeReading';
import { BadInput, checked } from '../book/fieldError';

/**
 * Reads a ring test, a press test or an eye reading given as plain JSON (docs/format.md).
 *
 * @param value the parsed request
 * @throws BadInput naming the field that is wrong
 */
export function readingRequest(value: unknown): Reading {
  const taken = checked(readingSchema.required(), value);
  const fault = 'ring' in taken ? ringFault(taken.ring) : null;
  if (fault) throw new BadInput(`ring.${fault.figure}`, fault.message);
  return takeReading(taken);
}
