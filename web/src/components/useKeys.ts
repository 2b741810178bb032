'use client';

import { useEffect, useRef } from 'react';
import { tinykeys } from 'tinykeys';

const ofRole = (role: string) => `[role="${role}"]`;
/** Where a key is the field's own: what is typed in, and what arrows and letters move in. */
const own = [
  'input, textarea, select, [contenteditable=""], [contenteditable="true"]',
  ...['searchbox', 'slider', 'spinbutton', 'textbox', 'option', 'radio'].map(ofRole),
  ...['menuitem', 'menuitemcheckbox', 'menuitemradio'].map(ofRole),
].join(', ');

/**
 * What keys do while the screen that asks for them is shown and nothing is being typed.
 *
 * @param keys by name or by place on the keyboard, with what is held before them: `l`, `ArrowLeft`, `Alt+Digit1`;
 *   `$mod` is Control, or Command where it is the usual one
 */
export function useKeys(
  keys: Readonly<Record<string, (event: KeyboardEvent) => void>>,
  enabled = true,
): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  const names = Object.keys(keys).join('\n');
  useEffect(() => {
    if (!enabled) return;
    const handlers = names.split('\n').map((name) => {
      const handle = (event: KeyboardEvent) => {
        if (event.target instanceof Element && event.target.matches(own)) return;
        latest.current[name]?.(event);
      };
      return [name, handle] as const;
    });
    return tinykeys(window, Object.fromEntries(handlers));
  }, [names, enabled]);
}
