'use client';

import { useKeys } from '@/components/useKeys';
import type { ShownQuantity } from './line/shownQuantity';

/** What single letters do on the Bench, while nothing is being typed. */
export function useBenchKeys({
  land,
  nudge,
  show,
  why,
}: {
  land: () => void;
  nudge: () => void;
  show: (shown: ShownQuantity) => void;
  why: () => void;
}): void {
  useKeys({
    l: land,
    a(event) {
      event.preventDefault();
      document.querySelector<HTMLElement>('[data-add-row] input')?.focus();
    },
    n: nudge,
    w: why,
    b: () => show('body'),
    s: () => show('salt'),
    o: () => show('sour'),
    g: () => show('garlic'),
  });
}
