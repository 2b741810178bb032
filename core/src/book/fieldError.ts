import type Joi from 'joi';
import { faultSentence } from './faultWords';

/** What is wrong with a file or a request, and where: `parts[1].amount`. */
export interface FieldError {
  field: string;
  message: string;
}

/** Thrown where a file or request can't be used; carries the place for the user. */
export class BadInput extends Error {
  readonly field: string;
  /** The same place, step by step, where it is known. */
  readonly path: readonly (string | number)[];

  constructor(field: string, message: string, path: readonly (string | number)[] = []) {
    super(message);
    this.name = 'BadInput';
    this.field = field;
    this.path = path;
  }

  toJSON(): FieldError {
    return { field: this.field, message: this.message };
  }
}

function pathText(path: readonly (string | number)[]): string {
  return path.reduce<string>(
    (text, step) =>
      typeof step === 'number' ? `${text}[${step}]` : text === '' ? step : `${text}.${step}`,
    '',
  );
}

/**
 * Checks a value against a schema.
 *
 * @param schema unknown keys are errors; nothing is converted from one type to another
 * @param value anything
 * @returns the value with defaults filled in
 * @throws BadInput naming the first field that is wrong
 */
export function checked<T>(schema: Joi.Schema<T>, value: unknown): T {
  const result = schema.validate(value, {
    convert: false,
    errors: { label: 'key' },
  });
  if (!result.error) return result.value;
  const [detail] = result.error.details;
  throw new BadInput(pathText(detail?.path ?? []), faultSentence(detail), detail?.path);
}
