import type Joi from 'joi';

const list = (values: unknown) =>
  (Array.isArray(values) ? values : [])
    .filter((one): one is string | number => typeof one === 'string' || typeof one === 'number')
    .map((one) => `“${one}”`)
    .join(', ');

const kinds: Record<string, string> = {
  string: 'a text',
  number: 'a number',
  boolean: 'true or false',
  array: 'a list',
  object: 'an object',
};

/** Where a limit is another field's, its name; else the number. */
const limitOf = (limit: unknown): string =>
  typeof limit === 'object' && limit !== null && 'key' in limit
    ? `“${String((limit as { key: unknown }).key)}”`
    : String(limit);

/**
 * What is wrong with a field, as a sentence a cook can act on.
 *
 * @param detail of the validator's error; its own wording never reaches anyone but where a check of ours wrote it
 */
export function faultSentence(detail: Joi.ValidationErrorItem | undefined): string {
  if (!detail) return 'It is not as it should be.';
  const { type, context, message } = detail;
  const name = context?.label ? `“${context.label}”` : 'It';
  const limit = limitOf(context?.['limit']);
  const [kind = '', rule = ''] = type.split('.');
  switch (type) {
    case 'custom':
      return message;
    case 'any.required':
      return `${name} is missing.`;
    case 'object.unknown':
      return `${name} is not known here.`;
    case 'any.only':
      return `${name} must be one of ${list(context?.['valids'])}.`;
    case 'string.empty':
      return `${name} is empty.`;
    case 'string.pattern.name':
      return `${name} must be ${String(context?.['name'])}.`;
    case 'string.isoDate':
      return `${name} must be a date and time, such as 2027-06-12T10:30:00Z.`;
    case 'number.unsafe':
    case 'number.infinity':
      return `${name} is far too large.`;
    case 'number.integer':
      return `${name} must be a whole number.`;
    case 'number.positive':
      return `${name} must be more than 0.`;
    case 'array.unique':
      return `${name} is there twice.`;
    case 'array.includesRequiredUnknowns':
    case 'array.includes':
      return `${name} holds something that does not belong there.`;
    default:
  }
  if (rule === 'base' && kinds[kind]) return `${name} must be ${kinds[kind]}.`;
  if (kind === 'number' && (rule === 'min' || rule === 'greater')) {
    return `${name} must be ${rule === 'greater' ? 'more than' : 'at least'} ${limit}.`;
  }
  if (kind === 'number' && (rule === 'max' || rule === 'less')) {
    return `${name} must be ${rule === 'less' ? 'less than' : 'at most'} ${limit}.`;
  }
  if (kind === 'string' && rule === 'max') return `${name} is longer than ${limit} characters.`;
  if (kind === 'string' && rule === 'min') return `${name} is too short.`;
  if (kind === 'array' && rule === 'max') return `${name} holds more than ${limit}.`;
  if (kind === 'array' && rule === 'min') return `${name} must hold ${limit} at least.`;
  return `${name} is not as it should be.`;
}
