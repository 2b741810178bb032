import type Joi from 'joi';
import { parse, type ParseError, printParseErrorCode } from 'jsonc-parser';

/** What is wrong with a file or a request, and where: `parts[1].amount`. */
export interface FieldError {
  field: string;
  message: string;
}

/** Thrown where a file or request can't be used; carries the place for the user. */
export class BadInput extends Error {
  readonly field: string;

  constructor(field: string, message: string) {
    super(message);
    this.name = 'BadInput';
    this.field = field;
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
    errors: { wrap: { label: '“”' }, label: 'key' },
  });
  if (!result.error) return result.value;
  const [detail] = result.error.details;
  throw new BadInput(pathText(detail?.path ?? []), detail?.message ?? 'is not valid');
}

/**
 * Parses JSON text.
 *
 * @throws BadInput with the line of the fault, its field empty: the whole text is at fault
 */
export function parseJson(text: string): unknown {
  const plain = text.replace(/^\uFEFF/, '');
  try {
    return JSON.parse(plain) as unknown;
  } catch {
    // engines word and place the fault differently, so the place is found apart
    const faults: ParseError[] = [];
    parse(plain, faults, { disallowComments: true, allowTrailingComma: false });
    const [fault] = faults;
    const line = plain.slice(0, fault?.offset ?? 0).split('\n').length;
    const what = fault ? printParseErrorCode(fault.error) : 'InvalidSymbol';
    const words = what
      .replace(/([A-Z])/g, ' $1')
      .toLowerCase()
      .trim();
    throw new BadInput('', `This is not JSON: ${words} on line ${line}.`);
  }
}
