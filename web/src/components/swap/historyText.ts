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
