import type { Verdict } from '@cobbet/core/readings/tastes';

/** Each verdict's mark, beside its word. */
export const verdictMarks: Record<Verdict, string> = { short: '▾', right: '●', over: '▴' };
