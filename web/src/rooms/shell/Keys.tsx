'use client';

import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useHotkeys } from 'react-hotkeys-hook';
import { useBook } from '@/store/bookStore';
import { showKeys, useKeysSheet } from './keysSheet';

const KeysSheet = dynamic(() => import('./KeysSheet').then((module) => module.KeysSheet));

const rooms = ['/', '/bench', '/make', '/trials'];

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
  useHotkeys('alt+1, alt+2, alt+3, alt+4', (event, handler) => {
    event.preventDefault();
    const dip = new URLSearchParams(window.location.search).get('dip');
    const room = rooms[Number(handler.keys?.[0] ?? 1) - 1] ?? '/';
    router.push(room !== '/' && dip ? `${room}?dip=${encodeURIComponent(dip)}` : room);
  });
  return open ? <KeysSheet onClose={() => showKeys(false)} /> : null;
}
