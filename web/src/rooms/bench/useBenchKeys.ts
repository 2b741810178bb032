'use client';

import { useHotkeys } from 'react-hotkeys-hook';
import { shownQuantities, type ShownQuantity } from './line/shownQuantity';

/** What single letters do on the Bench, while nothing is being typed. */
export function useBenchKeys({
  land,
  nudge,
  show,
}: {
  land: () => void;
  nudge: () => void;
  show: (shown: ShownQuantity) => void;
}): void {
  useHotkeys('l', land);
  useHotkeys('a', (event) => {
    event.preventDefault();
    document.querySelector<HTMLElement>('[data-add-row] input')?.focus();
  });
  useHotkeys('n', nudge);
  useHotkeys('b, s, o, g', (_, handler) => {
    const next = shownQuantities['bsog'.indexOf(handler.keys?.[0] ?? 'b')];
    if (next) show(next);
  });
}
