'use client';

import { useCallback, useEffect, useState } from 'react';

const prefix = 'cobbet-draft:';

function kept(key: string): string {
  try {
    return localStorage.getItem(prefix + key) ?? '';
  } catch {
    return '';
  }
}

function keep(key: string, text: string): void {
  try {
    if (text === '') localStorage.removeItem(prefix + key);
    else localStorage.setItem(prefix + key, text);
  } catch {
    // a browser that keeps no site data loses it with the page
  }
}

/**
 * Words typed but not taken yet, kept when the page or the tab is left. A new key wants a new component.
 *
 * @param key what they are for; null keeps nothing
 */
export function useDraft(key: string | null) {
  const [text, setText] = useState(() => (key === null ? '' : kept(key)));
  useEffect(() => {
    if (key !== null) keep(key, text);
  }, [key, text]);
  // before a room is left an effect would come too late
  const forget = useCallback(() => {
    if (key !== null) keep(key, '');
  }, [key]);
  return { text, setText, forget };
}
