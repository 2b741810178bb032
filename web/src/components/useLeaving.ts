import { useEffect, useEffectEvent } from 'react';

/**
 * Does something when what is shown goes away, be it with the page or with a dialog that is closed: a field that is left
 * that way is not told so itself.
 *
 * @param leave what leaving the field would do; nothing where there is nothing to keep
 */
export function useLeaving(leave: () => void): void {
  const left = useEffectEvent(leave);
  useEffect(() => {
    const go = () => left();
    window.addEventListener('pagehide', go);
    return () => {
      window.removeEventListener('pagehide', go);
      go();
    };
  }, []);
}
