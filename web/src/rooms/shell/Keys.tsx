'use client';

import { later } from '@/components/later';
import { useKeys } from '@/components/useKeys';
import { useRouter } from 'next/navigation';
import { useBook } from '@/store/bookStore';
import { showKeys, useKeysSheet } from './keysSheet';
import { rooms } from './rooms';

const KeysSheet = later(() => import('./KeysSheet').then(({ KeysSheet }) => KeysSheet));

/** Keys that work in every room. */
export function Keys() {
  const open = useKeysSheet((state) => state.open);
  const router = useRouter();
  const { undo, redo } = useBook.getState();
  const go = (event: KeyboardEvent, number: number) => {
    event.preventDefault();
    const dip = new URLSearchParams(window.location.search).get('dip');
    const room = rooms[number - 1];
    if (!room) return;
    const to = room.withDip && dip ? `${room.path}?dip=${encodeURIComponent(dip)}` : room.path;
    router.push(to);
  };
  const redone = (event: KeyboardEvent) => {
    event.preventDefault();
    void redo();
  };
  const find = (event: KeyboardEvent) => {
    event.preventDefault();
    router.push('/find');
  };
  useKeys({
    '$mod+KeyZ': (event) => {
      event.preventDefault();
      void undo();
    },
    '$mod+Shift+KeyZ': redone,
    '$mod+KeyY': redone,
    // where it stands on the keyboard differs, and whether Shift is held for it
    '/': find,
    'Shift+/': find,
    '$mod+KeyK': find,
    '?': () => showKeys(true),
    'Shift+?': () => showKeys(true),
    ...Object.fromEntries(
      rooms.map((_, i) => [`Alt+Digit${i + 1}`, (event: KeyboardEvent) => go(event, i + 1)]),
    ),
  });
  return open ? <KeysSheet onClose={() => showKeys(false)} /> : null;
}
