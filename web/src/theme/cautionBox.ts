import { colour } from './colour';

/** The look of what must be minded. */
export const cautionBox = {
  p: 1.25,
  bgcolor: colour.cautionWash,
  borderLeft: `4px solid ${colour.caution}`,
} as const;
