import type { LearnedShift } from '@cobbet/core/book/swapLearned';
import { type SwapHistory, swapVerdicts } from '@cobbet/core/book/keptSwap';

/** How a swap did here before: `here twice: again, not again`. */
export function historyText({ times, verdicts }: SwapHistory): string {
  const said = swapVerdicts.flatMap((verdict) => {
    const count = verdicts[verdict];
    if (count === 0) return [];
    return [count === 1 ? verdict : `${verdict} ${count} times`];
  });
  const often = times === 1 ? 'once' : times === 2 ? 'twice' : `${times} times`;
  return `here ${often}${said.length > 0 ? `: ${said.join(', ')}` : ''}`;
}

/** What was read of it against what was reckoned: `read 0.4 stiffer than reckoned (n = 2, believed 0.3)`. */
export function learnedText({ n, measured, believed }: LearnedShift): string {
  const by = Math.abs(measured);
  if (by < 0.05) return `read as reckoned (n = ${n})`;
  const sense = measured > 0 ? 'stiffer' : 'looser';
  return `read ${by.toFixed(1)} ${sense} than reckoned (n = ${n}, believed ${Math.abs(believed).toFixed(1)})`;
}
