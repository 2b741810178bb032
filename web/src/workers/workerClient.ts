import { proxy, type Remote, wrap } from 'comlink';

interface Running<Api> {
  worker: Worker;
  api: Remote<Api>;
  failed: Promise<never>;
  /** Tells all who wait that there will be no answer. */
  fail(error: Error): void;
}

/** What is said when a worker can't answer. */
interface WorkerWords {
  died: string;
  tooLong: string;
}

/**
 * A worker that is started when first asked, kept, and ended and replaced when it dies, hangs or is stopped.
 *
 * @param start makes the worker
 * @param words sentences for the cook
 */
export class WorkerClient<Api> {
  private running: Running<Api> | null = null;

  constructor(
    private readonly start: () => Worker,
    private readonly words: WorkerWords,
    private readonly timeLimitMs = 20_000,
  ) {}

  private run(): Running<Api> {
    const worker = this.start();
    let fail: (error: Error) => void = () => undefined;
    const failed = new Promise<never>((_, reject) => {
      fail = reject;
      worker.onerror = () => reject(new Error(this.words.died));
    });
    failed.catch(() => undefined);
    return { worker, api: wrap<Api>(worker), failed, fail };
  }

  /** Ends the worker; the next question starts a new one. */
  private stop(running: Running<Api>): void {
    running.worker.terminate();
    // what else was asked of it is told, and does not wait for an answer that can't come
    running.fail(new Error(this.words.died));
    if (this.running === running) this.running = null;
  }

  /**
   * Asks the worker something.
   *
   * Progress comes by a port of its own and may arrive after the answer; such a word is dropped. Work that tells of
   * progress does not hang: the time limit starts anew.
   *
   * @param ask what to call, with what the work tells its progress to
   * @param signal ends the work when the cook cancels
   * @param onProgress told the share of the work done, 0–1, until there is an answer
   * @throws Error with a sentence for the cook; AbortError when cancelled
   */
  async ask<T>(
    ask: (api: Remote<Api>, tell: (share: number) => void) => Promise<T>,
    signal: AbortSignal,
    onProgress: (share: number) => void = () => undefined,
  ): Promise<T> {
    this.running ??= this.run();
    const running = this.running;
    const { api, failed } = running;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let over = false;
    let tooLong: () => void = () => undefined;
    const wait = () => {
      clearTimeout(timer);
      timer = setTimeout(() => tooLong(), this.timeLimitMs);
    };
    const givenUp = new Promise<never>((_, reject) => {
      tooLong = () => reject(new Error(this.words.tooLong));
      // at once, so that a question asked right after does not go to a worker that is about to end
      const abort = () => {
        reject(new DOMException('cancelled', 'AbortError'));
        if (!over) this.stop(running);
      };
      if (signal.aborted) abort();
      else signal.addEventListener('abort', abort, { once: true });
    });
    givenUp.catch(() => undefined);
    wait();
    const tell = proxy((share: number) => {
      if (over) return;
      wait();
      onProgress(share);
    });
    try {
      const answered = ask(api, tell).catch((error: unknown) => {
        // what the work itself says is no sentence for a cook
        throw new Error(this.words.died, { cause: error });
      });
      return await Promise.race([givenUp, answered, failed]);
    } catch (error) {
      this.stop(running);
      throw error;
    } finally {
      over = true;
      clearTimeout(timer);
    }
  }
}
