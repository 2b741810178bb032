'use client';

import type { Guess } from '@cobbet/core/practice/practice';
import { useDraft } from '@/components/useDraft';

/** What is chosen and guessed before it goes in. */
export interface Guessed extends Guess {
  thing?: string;
  amount?: string;
}

/** Nothing where what was kept can't be read. */
function read(text: string): Guessed {
  try {
    return text === '' ? {} : (JSON.parse(text) as Guessed);
  } catch {
    return {};
  }
}

/** A choice and a guess that outlive their tab until they are taken. A new key wants a new component. */
export function useGuessed(key: string) {
  const { text, setText, forget } = useDraft(key);
  const guessed = read(text);
  const say = (change: { [K in keyof Guessed]?: Guessed[K] | undefined }) =>
    setText(JSON.stringify({ ...guessed, ...change }));
  return { guessed, say, forget };
}
