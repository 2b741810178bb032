import Joi from 'joi';

/** Years a kitchen plans and keeps records in. */
const firstYear = 1970;
const lastYear = 2199;

/** Whether there is such a day and time: no 30 February, no 25 o'clock. */
export function isReal(text: string): boolean {
  const [, year, month, day, hour = '0', minute = '0'] =
    /^(\d{4})-(\d\d)-(\d\d)(?:T(\d\d):(\d\d))?/.exec(text) ?? [];
  if (year === undefined) return false;
  const at = new Date(Date.UTC(Number(year), Number(month) - 1, Number(day)));
  return (
    at.getUTCMonth() === Number(month) - 1 &&
    at.getUTCDate() === Number(day) &&
    Number(year) >= firstYear &&
    Number(year) <= lastYear &&
    Number(hour) < 24 &&
    Number(minute) < 60
  );
}

const real = (what: string) => (text: string, helpers: Joi.CustomHelpers) =>
  isReal(text)
    ? text
    : helpers.message({ custom: `“${text.slice(0, 40)}” is no ${what} there is.` });

/** A moment as ISO 8601 with its zone, and a real one. */
export const moment = Joi.string().isoDate().custom(real('time'));

/** A time on the kitchen's clock, `2027-06-12T12:30`, and a real one. */
export const localTime = Joi.string()
  .pattern(/^\d{4}-\d\d-\d\dT\d\d:\d\d$/, 'a local time such as 2027-06-12T12:30')
  .custom(real('time'));

/** A day, `2027-06-12`, and a real one. */
export const localDate = Joi.string()
  .pattern(/^\d{4}-\d\d-\d\d$/, 'a day such as 2027-06-12')
  .custom(real('day'));
