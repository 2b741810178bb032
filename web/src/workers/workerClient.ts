import { proxy, type Remote, wrap } from 'comlink';

interface Running<Api> {
  worker: Worker;
  api: Remote<Api>;
  /** Rejects once there will be no answer: with what is said of it, or `replaced`. */
  failed: Promise<never>;
  fail(reason: unknown): void;
}

/** What is said when a worker can't answer. */
interface WorkerWords {
  died: string;
  tooLong: string;
}

/** Why a question is asked again: its worker had to go because of another one. */
const replaced = Symbol('replaced');

/** How long work that nobody waits for any more may go on before its worker is ended, ms. */
const graceMs = 250;

/**
 * A worker that is started when first asked, kept, and ended and replaced when it dies or hangs. A question that is taken
 * back is left to end by itself, so that asking anew does not load everything again; where it takes its time, its worker is
 * ended, and what else was asked of it goes to a new one.
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
    let fail: (reason: unknown) => void = () => undefined;
    const failed = new Promise<never>((_, reject) => (fail = reject));
    failed.catch(() => undefined);
    const running = { worker, api: wrap<Api>(worker), failed, fail };
    worker.onerror = () => this.stop(running, new Error(this.words.died));
    return running;
  }

  /** Ends the worker; the next question starts a new one. */
  private stop(running: Running<Api>, reason: unknown): void {
    running.worker.terminate();
    running.fail(reason);
    if (this.running === running) this.running = null;
  }

  /**
   * Asks the worker something.
   *
   * Progress comes by a port of its own and may arrive after the answer; such a word is dropped. Work that tells of
   * progress does not hang: the time limit starts anew.
   *
   * @param ask what to call, with what the work tells its progress to
   * @param signal takes the question back
   * @param onProgress told the share of the work done, 0–1, until there is an answer
   * @throws Error with a sentence for the cook; AbortError when taken back
   */
  async ask<T>(
    ask: (api: Remote<Api>, tell: (share: number) => void) => Promise<T>,
    signal: AbortSignal,
    onProgress: (share: number) => void = () => undefined,
  ): Promise<T> {
    for (;;) {
      if (signal.aborted) throw new DOMException('cancelled', 'AbortError');
      this.running ??= this.run();
      try {
        return await this.askOnce(this.running, ask, signal, onProgress);
      } catch (reason) {
        if (reason !== replaced) throw reason;
      }
    }
  }

  private askOnce<T>(
    running: Running<Api>,
    ask: (api: Remote<Api>, tell: (share: number) => void) => Promise<T>,
    signal: AbortSignal,
    onProgress: (share: number) => void,
  ): Promise<T> {
    return new Promise<T>((resolve, reject) => {
      let waiting = true;
      let timer: ReturnType<typeof setTimeout> | undefined;
      const settle = (finish: () => void) => {
        if (!waiting) return;
        waiting = false;
        clearTimeout(timer);
        signal.removeEventListener('abort', takenBack);
        finish();
      };
      const wait = () => {
        clearTimeout(timer);
        timer = setTimeout(() => {
          settle(() => reject(new Error(this.words.tooLong)));
          this.stop(running, replaced);
        }, this.timeLimitMs);
      };
      const takenBack = () => {
        settle(() => reject(new DOMException('cancelled', 'AbortError')));
        timer = setTimeout(() => this.stop(running, replaced), graceMs);
      };
      signal.addEventListener('abort', takenBack);
      wait();
      running.failed.catch((reason: unknown) => {
        clearTimeout(timer);
        settle(() => reject(reason as Error));
      });
      const tell = proxy((share: number) => {
        if (!waiting) return;
        wait();
        onProgress(share);
      });
      ask(running.api, tell).then(
        (answer) => {
          clearTimeout(timer);
          settle(() => resolve(answer));
        },
        (cause: unknown) => {
          clearTimeout(timer);
          // what the work itself says is no sentence for a cook
          settle(() => reject(new Error(this.words.died, { cause })));
          this.stop(running, replaced);
        },
      );
    });
  }
}
