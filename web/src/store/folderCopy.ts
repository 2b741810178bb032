import { create } from 'zustand';
import { bookFile, wroteFile } from './bookFiles';
import { useBook } from './bookStore';
import { copiesToDrop, copyName } from './datedCopies';
import { today } from './today';

/** How the copy in a folder stands. */
interface FolderState {
  /** `none` where the browser can't or nobody chose one; `asks` where it wants a tap before it may write again. */
  status: 'none' | 'kept' | 'asks' | 'failed';
  /** What the folder is called. */
  name: string;
  /** When the book was last written to a file of any kind; null where it never was. */
  writtenAt: string | null;
}

/** Where the book is kept on the disk as well. */
export const useFolder = create<FolderState>()(() => ({
  status: 'none',
  name: '',
  writtenAt: null,
}));

interface PermittedHandle extends FileSystemDirectoryHandle {
  queryPermission?(options: { mode: 'readwrite' }): Promise<PermissionState>;
  requestPermission?(options: { mode: 'readwrite' }): Promise<PermissionState>;
  keys(): AsyncIterableIterator<string>;
}

type Picker = (options: { mode: 'readwrite'; id: string }) => Promise<FileSystemDirectoryHandle>;

const picker = (): Picker | undefined =>
  (globalThis as { showDirectoryPicker?: Picker }).showDirectoryPicker;

/** Whether this browser can keep the book in a folder. */
export const canKeepFolder = (): boolean => picker() !== undefined;

/** Changes rest this long before they are written out. */
const restMs = 4000;
const lockName = 'cobbet-folder';

/** The browser puts a file in place of the one before once all of it is written, so that a tab that dies spoils none. */
async function write(handle: FileSystemDirectoryHandle, name: string, content: Blob) {
  const file = await handle.getFileHandle(name, { create: true });
  const writable = await file.createWritable();
  await writable.write(content);
  await writable.close();
}

async function writeCopies(handle: PermittedHandle): Promise<void> {
  const { name, content } = await bookFile();
  const ending = name.endsWith('.zip') ? 'zip' : 'json';
  await write(handle, `cobbet-book.${ending}`, content);
  await write(handle, copyName(today(), ending), content);
  const names: string[] = [];
  for await (const one of handle.keys()) names.push(one);
  for (const old of copiesToDrop(names, today())) await handle.removeEntry(old);
  await wroteFile();
}

/** Writes the book into its folder, in one tab at a time. */
async function keep(): Promise<void> {
  const kept = await useBook.getState().folder()?.folder();
  const handle = kept?.handle as PermittedHandle | null | undefined;
  if (!handle) return;
  const may = (await handle.queryPermission?.({ mode: 'readwrite' })) ?? 'granted';
  if (may !== 'granted') {
    useFolder.setState({ status: 'asks', name: handle.name });
    return;
  }
  try {
    await navigator.locks.request(lockName, () => writeCopies(handle));
    const writtenAt = new Date().toISOString();
    useFolder.setState({ status: 'kept', name: handle.name, writtenAt });
  } catch {
    // the folder may be gone, or the disk full: the book itself is where it was
    useFolder.setState({ status: 'failed', name: handle.name });
  }
}

/** Chooses a folder and keeps the book in it from then on; nothing where the cook chose none. */
export async function chooseFolder(): Promise<void> {
  const pick = picker();
  const keeper = useBook.getState().folder();
  if (!pick || !keeper) return;
  let handle: FileSystemDirectoryHandle;
  try {
    handle = await pick({ mode: 'readwrite', id: 'cobbet-book' });
  } catch {
    return;
  }
  await keeper.putFolder({ ...(await keeper.folder()), handle });
  await keep();
}

/** Asks the browser once more for the folder, by a tap. */
export async function allowFolder(): Promise<void> {
  const kept = await useBook.getState().folder()?.folder();
  const handle = kept?.handle as PermittedHandle | null | undefined;
  if ((await handle?.requestPermission?.({ mode: 'readwrite' })) !== 'denied') await keep();
}

/** Keeps the book in no folder any more; what is in it stays there. */
export async function leaveFolder(): Promise<void> {
  const keeper = useBook.getState().folder();
  if (!keeper) return;
  await keeper.putFolder({ ...(await keeper.folder()), handle: null });
  useFolder.setState({ status: 'none', name: '' });
}

let following = false;

/** Follows the book from now on: whatever is saved is written into the folder once the hands rest. */
export async function followFolder(): Promise<void> {
  const kept = await useBook.getState().folder()?.folder();
  if (!kept) return;
  useFolder.setState({ writtenAt: kept.writtenAt, name: kept.handle?.name ?? '' });
  if (following) return;
  following = true;
  if (kept.handle) void keep();
  let rest: ReturnType<typeof setTimeout> | undefined;
  useBook.subscribe((state, before) => {
    if (state.book === before.book || useFolder.getState().status === 'none') return;
    clearTimeout(rest);
    rest = setTimeout(() => void keep().catch(() => undefined), restMs);
  });
}
