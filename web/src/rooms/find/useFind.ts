'use client';

import { bookDocuments } from '@cobbet/core/find/bookDocuments';
import { readQuery } from '@cobbet/core/find/readQuery';
import type { SearchDocument } from '@cobbet/core/find/searchDocument';
import type { Found } from '@cobbet/core/find/searchIndex';
import { useEffect, useMemo, useState } from 'react';
import { dipSummary } from '@/components/dipSummary';
import { useBook } from '@/store/bookStore';
import { today } from '@/store/today';
import { useKitchen } from '@/store/useKitchen';
import { findInWorker } from '@/workers/findClient';

/** A thing that was found, with what matched in it. */
export interface FoundThing extends Found {
  document: SearchDocument;
}

/** What a typed search finds in the book as it is now: what it was understood as, and what there is. */
export function useFind(text: string) {
  const book = useBook((state) => state.book);
  const kitchen = useKitchen();
  const documents = useMemo(
    () =>
      bookDocuments(book, {
        larder: kitchen.larder,
        bodyOf: (dip) => dipSummary(dip, kitchen).word,
      }),
    [book, kitchen],
  );
  const query = useMemo(() => readQuery(text, today()), [text]);
  const [found, setFound] = useState<{ text: string; things: FoundThing[] } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => {
    if (text.trim() === '') return;
    const controller = new AbortController();
    const byKey = new Map(documents.map((one) => [one.key, one]));
    findInWorker(
      documents,
      query.words,
      query.filters.map(({ filter }) => filter),
      controller.signal,
    ).then(
      (answer) => {
        setProblem(null);
        setFound({
          text,
          things: answer.flatMap((one) => {
            const document = byKey.get(one.key);
            return document ? [{ ...one, document }] : [];
          }),
        });
      },
      (error: unknown) => {
        if (controller.signal.aborted) return;
        setProblem(error instanceof Error ? error.message : 'It stopped. Try again.');
      },
    );
    return () => controller.abort();
  }, [documents, query, text]);
  return { query, found: text.trim() === '' ? null : found, problem };
}
