import { describe, expect, test } from '@jest/globals';
import Joi from 'joi';
import { refusal } from '../../test/refusal';
import { checked } from './fieldError';
import { parseJson } from './parseJson';

const schema = Joi.object({
  parts: Joi.array().items(Joi.object({ amount: Joi.string().required() })),
  count: Joi.number().default(2),
}).required();

describe('checking', () => {
  test('fills defaults in and leaves the value otherwise as it is', () => {
    expect(checked(schema, { parts: [{ amount: 'x' }] })).toEqual({
      parts: [{ amount: 'x' }],
      count: 2,
    });
  });

  test('converts nothing: a number written as text is no number', () => {
    expect(refusal(() => checked(schema, { count: '3' })).field).toBe('count');
  });

  test('names the place inside lists', () => {
    const { field } = refusal(() => checked(schema, { parts: [{ amount: 'x' }, { amount: 4 }] }));
    expect(field).toBe('parts[1].amount');
  });
});

describe('JSON', () => {
  test('is parsed as JSON is', () => {
    expect(parseJson('{"a":[1,2]}')).toEqual({ a: [1, 2] });
    expect(parseJson('\uFEFF7')).toBe(7);
  });

  test.each([
    ['{"a":1,\n\n oops}', 3],
    ['{"a":}', 1],
    ['{"a":1}\n}', 2],
    ['{"a":1,}', 1],
    ['// no\n{}', 1],
  ])('%j is at fault on line %i', (text, line) => {
    const { field, message } = refusal(() => parseJson(text));
    expect(field).toBe('');
    expect(message).toContain(`on line ${line}`);
  });

  test('that ends too early, is nested without end or saved in another way is told as such', () => {
    const told = (text: string) => refusal(() => parseJson(text)).message;
    expect(told('')).toBe('This is not JSON: it is empty.');
    expect(told('{"dips":[{"id":"a","name":"Edamame and mint","rows":[')).toBe(
      'This is not JSON: it ends too early, in the dip Edamame and mint.',
    );
    expect(told('['.repeat(200_000))).toContain('nested more than 64 deep');
    expect(parseJson(JSON.stringify({ text: '['.repeat(500) }))).toBeTruthy();
    expect(told('\u0000{\u0000"\u0000')).toContain('save it as UTF-8');
  });
});
