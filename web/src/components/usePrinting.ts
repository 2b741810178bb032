'use client';

import { useSyncExternalStore } from 'react';

const query = 'print';

function subscribe(changed: () => void) {
  const paper = window.matchMedia(query);
  paper.addEventListener('change', changed);
  return () => paper.removeEventListener('change', changed);
}

/** Whether the page is being laid out for paper; read at once, so that what stands only there is there in time. */
export function usePrinting(): boolean {
  return useSyncExternalStore(
    subscribe,
    () => window.matchMedia(query).matches,
    () => false,
  );
}
