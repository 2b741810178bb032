import { create } from 'zustand';

export const leastCompared = 2;
export const mostCompared = 6;

/** Trials picked to be set side by side, across dips, in the order they were picked. */
export const usePicked = create<{ ids: readonly string[] }>()(() => ({ ids: [] }));

/** Picks a trial, or lets it go; a seventh is not taken. */
export function pick(id: string): void {
  usePicked.setState(({ ids }) => {
    if (ids.includes(id)) return { ids: ids.filter((one) => one !== id) };
    return ids.length < mostCompared ? { ids: [...ids, id] } : { ids };
  });
}

/** Lets all go. */
export function pickNone(): void {
  usePicked.setState({ ids: [] });
}
