import { describe, expect, test } from '@jest/globals';
import Joi from 'joi';
import { refusal } from '../../test/refusal';
import { checked } from './fieldError';

const told = (schema: Joi.Schema, value: unknown) =>
  refusal(() => checked(Joi.object({ massG: schema }), { massG: value })).message;

describe('what is wrong, in a cook’s words', () => {
  test.each<[string, Joi.Schema, unknown, string]>([
    ['a text for a number', Joi.number(), '3', '“massG” must be a number.'],
    ['a number for a text', Joi.string(), 3, '“massG” must be a text.'],
    ['a text for yes or no', Joi.boolean(), 'yes', '“massG” must be true or false.'],
    ['no list', Joi.array(), {}, '“massG” must be a list.'],
    ['too little', Joi.number().min(5), 4, '“massG” must be at least 5.'],
    ['too much', Joi.number().max(5), 6, '“massG” must be at most 5.'],
    ['nothing of it', Joi.number().positive(), 0, '“massG” must be more than 0.'],
    ['halves', Joi.number().integer(), 1.5, '“massG” must be a whole number.'],
    ['beyond all numbers', Joi.number(), 1e300, '“massG” is far too large.'],
    ['none of them', Joi.string().valid('a', 'b'), 'c', '“massG” must be one of “a”, “b”.'],
    ['too long', Joi.string().max(3), 'abcd', '“massG” is longer than 3 characters.'],
    ['nothing said', Joi.string(), '', '“massG” is empty.'],
    ['too many', Joi.array().max(1), [1, 2], '“massG” holds more than 1.'],
    ['too few', Joi.array().min(2), [1], '“massG” must hold 2 at least.'],
    ['no pattern', Joi.string().pattern(/x/, 'an x'), 'y', '“massG” must be an x.'],
  ])('%s', (_, schema, value, sentence) => expect(told(schema, value)).toBe(sentence));

  test('a field that is missing, or nobody knows', () => {
    const schema = Joi.object({ a: Joi.number().required() });
    expect(refusal(() => checked(schema, {})).message).toBe('“a” is missing.');
    expect(refusal(() => checked(schema, { a: 1, b: 2 })).message).toBe('“b” is not known here.');
  });
});
