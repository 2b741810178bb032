'use client';

import { later } from '@/components/later';
import { useRouter } from 'next/navigation';
import { useHotkeys } from 'react-hotkeys-hook';
import { useBook } from '@/store/bookStore';
import { showKeys, useKeysSheet } from './keysSheet';
import { rooms } from './rooms';

const KeysSheet = later(() => import('./KeysSheet').then(({ KeysSheet }) => KeysSheet));

/** Keys that work in every room. */
export function Keys() {
  const open = useKeysSheet((state) => state.open);
  const router = useRouter();
  const { undo, redo } = useBook.getState();
  useHotkeys('mod+z', (event) => {
    event.preventDefault();
    void undo();
  });
  useHotkeys(['mod+shift+z', 'mod+y'], (event) => {
    event.preventDefault();
    void redo();
  });
  useHotkeys('?', () => showKeys(true), { useKey: true });
  useHotkeys('alt+1, alt+2, alt+3, alt+4, alt+5, alt+6, alt+7', (event, handler) => {
    event.preventDefault();
    const dip = new URLSearchParams(window.location.search).get('dip');
    const room = rooms[Number(handler.keys?.[0] ?? 1) - 1];
    if (!room) return;
    const to = room.withDip && dip ? `${room.path}?dip=${encodeURIComponent(dip)}` : room.path;
    router.push(to);
  });
  return open ? <KeysSheet onClose={() => showKeys(false)} /> : null;
}
