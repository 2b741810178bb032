import Joi from 'joi';
import type { LineageFile, Stamp } from './stamp';

const copy = /^[\w-]{1,80}$/;
const clockTime = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z-[\da-f]{4}$|^0$/;

/** Where a book comes from, and who changed what; a file may do without. */
export const lineageSchema = Joi.object<LineageFile>({
  identity: Joi.string().pattern(copy, 'letters, figures and hyphens').required(),
  stamps: Joi.array()
    .items(
      Joi.object<Stamp>({
        id: Joi.string()
          .pattern(/^[a-z]+\/./, 'a table and an id, dips/hummus')
          .max(100)
          .required(),
        seen: Joi.object()
          .pattern(
            copy,
            Joi.string().pattern(clockTime, 'a moment such as 2026-06-10T09:00:00.000Z-0000'),
          )
          .required(),
        gone: Joi.boolean().valid(true),
      }),
    )
    .max(400_000)
    .required(),
});
