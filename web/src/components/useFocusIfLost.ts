import { useEffect, useRef } from 'react';

/**
 * For what takes the place of something that had the keyboard's focus: the keys go on there and not at the top of the page.
 *
 * @returns the ref of what gets the focus when nothing has it; it needs a `tabIndex` of −1
 */
export function useFocusIfLost<T extends HTMLElement>() {
  const ref = useRef<T>(null);
  useEffect(() => {
    if (document.activeElement === document.body) ref.current?.focus();
  }, []);
  return ref;
}
