import type { Taste, Verdict } from './tastes';

/** A taste marked with so many additions in, or its mark taken away. */
interface Tasted {
  taste: Taste;
  verdict: Verdict | null;
  after: number;
}

/** How many times running each taste was marked as it was last, counting once for as long as nothing went in. */
export function timesRunning(marks: readonly Tasted[]): Partial<Record<Taste, number>> {
  const found = new Map<Taste, { verdict: Verdict; after: number; times: number }>();
  for (const { taste, verdict, after } of marks) {
    const before = found.get(taste);
    if (verdict === null) found.delete(taste);
    else if (before?.verdict !== verdict) found.set(taste, { verdict, after, times: 1 });
    else if (after > before.after) found.set(taste, { verdict, after, times: before.times + 1 });
  }
  return Object.fromEntries([...found].map(([taste, { times }]) => [taste, times]));
}
