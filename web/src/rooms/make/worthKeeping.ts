/** Less than this is no rest worth keeping, g. */
export const worthKeepingG = 5;
