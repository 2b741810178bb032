import { expose } from 'comlink';
import { type FileBook, readBookHere } from '@/store/readBookHere';

/** A book, or what is wrong with its file. */
interface ReadAnswer {
  read: FileBook | null;
  says: string;
}

const api = {
  /** Reads and checks a book file; what is wrong with it comes as a sentence. */
  async read(file: Blob, tell: (share: number) => void): Promise<ReadAnswer> {
    try {
      return { read: await readBookHere(file, tell), says: '' };
    } catch (error) {
      return { read: null, says: error instanceof Error ? error.message : String(error) };
    }
  },
};

export type BookFileWorker = typeof api;

expose(api);
