/** Whole numbers a cook writes out. “A few” is three, “a couple” two. */
export const wholeWords: Record<string, number> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  fifteen: 15,
  twenty: 20,
  dozen: 12,
  couple: 2,
  few: 3,
};

/** Fractions a cook writes out. */
export const fractionWords: Record<string, number> = {
  half: 1 / 2,
  halves: 1 / 2,
  third: 1 / 3,
  thirds: 1 / 3,
  quarter: 1 / 4,
  quarters: 1 / 4,
  eighth: 1 / 8,
  eighths: 1 / 8,
};
