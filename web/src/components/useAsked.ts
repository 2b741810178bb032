'use client';

import { useCallback, useEffect, useRef, useState } from 'react';

/** Where a question to a worker stands. */
export type Asked<T> =
  | { state: 'idle' }
  | { state: 'working'; share: number }
  | { state: 'answered'; answer: T }
  | { state: 'failed'; message: string };

const idle = { state: 'idle' } as const;

function failedWords(error: unknown): string {
  if (!(error instanceof Error)) return 'It stopped.';
  // a piece of the application that is not here and can't be fetched
  if (error.name === 'ChunkLoadError' || /^Failed to (load|fetch)/.test(error.message)) {
    return 'What works this out could not be fetched: the server can’t be reached. Try again.';
  }
  return error.message;
}

/**
 * A question to a worker about something that may change meanwhile: what is asked about is remembered, and an answer
 * to something else is no answer.
 *
 * @param about compared by identity
 */
export function useAsked<T>(
  about: unknown,
  ask: (signal: AbortSignal, onProgress: (share: number) => void) => Promise<T>,
) {
  const [asked, setAsked] = useState<{ of: unknown; is: Asked<T> }>({
    of: null,
    is: { state: 'idle' },
  });
  const running = useRef<AbortController | null>(null);

  useEffect(() => () => running.current?.abort(), []);

  const leave = useCallback(() => {
    running.current?.abort();
    running.current = null;
    setAsked({ of: null, is: { state: 'idle' } });
  }, []);

  const start = useCallback(async () => {
    running.current?.abort();
    const controller = new AbortController();
    running.current = controller;
    const show = (answer: Asked<T>) => {
      if (running.current === controller) setAsked({ of: about, is: answer });
    };
    show({ state: 'working', share: 0 });
    try {
      const answer = await ask(controller.signal, (share) => show({ state: 'working', share }));
      show({ state: 'answered', answer });
    } catch (error) {
      if (controller.signal.aborted) return;
      show({ state: 'failed', message: failedWords(error) });
    }
  }, [about, ask]);

  const asking: Asked<T> = asked.of === about ? asked.is : idle;
  return { asked: asking, start, leave };
}
