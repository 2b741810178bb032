import type Joi from 'joi';

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
  try {
    return JSON.parse(text.replace(/^\uFEFF/, '')) as unknown;
  } catch (error) {
    const reason = error instanceof Error ? error.message : String(error);
    const position = /position (\d+)/.exec(reason)?.[1];
    const line =
      position === undefined ? '' : ` (line ${text.slice(0, Number(position)).split('\n').length})`;
    throw new BadInput('', `This is not JSON${line}: ${reason}`);
  }
}
