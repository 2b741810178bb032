'use client';

import { useEffect, useState } from 'react';

/** Whether a finger or a button is down anywhere on the page. */
function usePressed(): boolean {
  const [pressed, setPressed] = useState(false);
  useEffect(() => {
    const down = () => setPressed(true);
    // the tap itself comes after what is pressed is let go
    const up = () => setTimeout(() => setPressed(false));
    // let go outside the window, nobody says so
    const moved = ({ buttons }: PointerEvent) => buttons === 0 && setPressed(false);
    window.addEventListener('pointerdown', down, true);
    window.addEventListener('pointerup', up, true);
    window.addEventListener('pointercancel', up, true);
    window.addEventListener('pointermove', moved, true);
    return () => {
      window.removeEventListener('pointerdown', down, true);
      window.removeEventListener('pointerup', up, true);
      window.removeEventListener('pointercancel', up, true);
      window.removeEventListener('pointermove', moved, true);
    };
  }, []);
  return pressed;
}

/**
 * What comes late and moves what stands under it waits until a press is let go: moved between press and release, a tap would
 * be lost.
 *
 * @param value compared by identity
 */
export function useHeldWhilePressed<T>(value: T): T {
  const pressed = usePressed();
  const [held, setHeld] = useState(() => ({ value }));
  if (!pressed && held.value !== value) setHeld({ value });
  return pressed ? held.value : value;
}
