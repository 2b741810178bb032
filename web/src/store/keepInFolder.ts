import { useBook } from './bookStore';

/** The rooms stand first. */
const afterMs = 3000;

/** Goes on keeping the book in its folder, where it has one: only then is what does that fetched. */
export function keepInFolder(): () => void {
  const start = setTimeout(() => {
    const follow = async () => {
      const kept = await useBook.getState().folder()?.folder();
      if (kept?.handle) await (await import('./folderCopy')).followFolder();
    };
    void follow().catch(() => undefined);
  }, afterMs);
  return () => clearTimeout(start);
}
