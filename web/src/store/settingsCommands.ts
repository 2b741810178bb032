import { settingsOf, type Settings } from '@cobbet/core/book/book';
import { put } from '@cobbet/core/book/change';
import { useBook } from './bookStore';

export function changeSettings(label: string, change: Partial<Settings>): Promise<boolean> {
  return useBook
    .getState()
    .act(label, (book) => [put('settings', { ...settingsOf(book), ...change })]);
}

/** Remembers what the cook meant by the words of a food. */
export function rememberPick(words: string, ingredientId: string): Promise<boolean> {
  return useBook.getState().act(`“${words}” is that`, (book) => {
    const settings = settingsOf(book);
    return [
      put('settings', { ...settings, picked: { ...settings.picked, [words]: ingredientId } }),
    ];
  });
}

/** Forgets what words were said to mean, so that they are asked about again. */
export function forgetPick(words: string): Promise<boolean> {
  return useBook.getState().act(`Ask again about “${words}”`, (book) => {
    const settings = settingsOf(book);
    const { [words]: _gone, ...picked } = settings.picked ?? {};
    return [put('settings', { ...settings, picked })];
  });
}
