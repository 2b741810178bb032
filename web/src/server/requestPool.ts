import { type AnswerText, refusedText, tooLongText } from '@cobbet/core/api/answered';
import type { Asked } from './requests.worker';

/** What the pool needs of a thread. */
export interface RequestThread {
  postMessage(asked: Asked): void;
  on(event: 'message', heard: (answer: AnswerText) => void): unknown;
  on(event: 'error' | 'exit', heard: () => void): unknown;
  terminate(): unknown;
}

/** What a pool may use. */
interface PoolLimits {
  /** Threads at once. */
  threads: number;
  /** How long one request may take, ms. */
  deadlineMs: number;
  /** Requests that may wait for a thread. */
  waiting: number;
}

interface Waiting {
  asked: Asked;
  answer: (answer: AnswerText) => void;
}

interface Running {
  thread: RequestThread;
  busy: ((answer: AnswerText) => void) | null;
}

/**
 * Threads that answer requests, so that the one that serves pages never waits for an answer: each request has a deadline and
 * is ended there in a sentence, its thread with it.
 *
 * @param start makes a thread
 */
export class RequestPool {
  private readonly running = new Set<Running>();
  private readonly queue: Waiting[] = [];

  constructor(
    private readonly start: () => RequestThread,
    private readonly limits: PoolLimits,
  ) {}

  /** Answers a request; whatever happens, there is a sentence. */
  ask(asked: Asked): Promise<AnswerText> {
    return new Promise((answer) => {
      if (this.queue.length >= this.limits.waiting) {
        answer(
          refusedText(503, '', 'Cobbet has too much to answer just now. Ask again in a moment.'),
        );
        return;
      }
      this.queue.push({ asked, answer });
      this.next();
    });
  }

  /** Ends all threads. */
  close(): void {
    for (const one of this.running) this.end(one);
  }

  private next(): void {
    const [first] = this.queue;
    if (!first) return;
    const free = [...this.running].find(({ busy }) => busy === null);
    if (!free && this.running.size >= this.limits.threads) return;
    this.queue.shift();
    this.give(free ?? this.begin(), first);
  }

  private begin(): Running {
    const one: Running = { thread: this.start(), busy: null };
    one.thread.on('message', (answer) => one.busy?.(answer));
    const gone = () => {
      this.end(one);
      one.busy?.(
        refusedText(503, '', 'This took more memory than there is. Ask for less at once.'),
      );
    };
    one.thread.on('error', gone);
    one.thread.on('exit', gone);
    this.running.add(one);
    return one;
  }

  private end(one: Running): void {
    this.running.delete(one);
    void one.thread.terminate();
  }

  private give(one: Running, { asked, answer }: Waiting): void {
    const { deadlineMs } = this.limits;
    const timer = setTimeout(() => {
      this.end(one);
      one.busy?.(tooLongText(deadlineMs));
    }, deadlineMs);
    one.busy = (text) => {
      clearTimeout(timer);
      one.busy = null;
      answer(text);
      this.next();
    };
    one.thread.postMessage(asked);
  }
}
