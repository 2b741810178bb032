/** How a reading is taken, in words to stand after *to*. */
export const readingWays = {
  eye: 'look at the spoon',
  ring: 'lift a ring',
  press: 'press a dab',
} as const;

/** When a reading is taken. */
export const readingWhen = {
  machine: 'as it leaves the machine',
  chilled: 'out of the fridge',
} as const;
