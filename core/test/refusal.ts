import { BadInput, type FieldError } from '../src/book/fieldError';

/** The field and message that something is refused with; fails when it is taken, or fails otherwise. */
export function refusal(work: () => unknown): FieldError {
  try {
    work();
  } catch (error) {
    if (error instanceof BadInput) return error.toJSON();
    throw error;
  }
  throw new Error('it was taken');
}
