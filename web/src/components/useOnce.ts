'use client';

import { useRef } from 'react';

/** Does something once: a second tap while it is under way does it no second time. */
export function useOnce(): (work: () => Promise<unknown>) => void {
  const running = useRef(false);
  return (work) => {
    if (running.current) return;
    running.current = true;
    void work().finally(() => {
      running.current = false;
    });
  };
}
