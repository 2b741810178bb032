import { refusedText, requestLimitBytes, type Verb } from '@cobbet/core/api/answered';
import { cpus } from 'node:os';
import { Worker } from 'node:worker_threads';
import { limitedText } from './limitedText';
import { RequestPool } from './requestPool';

const usualDeadlineMs = 2800;
const deadlineMs = Number(process.env['COBBET_DEADLINE_MS']) || usualDeadlineMs;

/** One for the life of the server. */
const pool = new RequestPool(
  () =>
    new Worker(new URL('./requests.worker.ts', import.meta.url), {
      resourceLimits: { maxOldGenerationSizeMb: 512 },
    }),
  // one core is left to the pages
  { threads: Math.max(1, cpus().length - 1), deadlineMs, waiting: 100 },
);

const send = (status: number, body: string) =>
  new Response(body, { status, headers: { 'content-type': 'application/json' } });

/**
 * Answers a POST whose body is JSON: 200 with the answer, 400 with the field that is wrong, 413 over 1 MB, 415 for what does
 * not say that it is JSON, 503 for what took too long. Whose page it came from has been seen to by the proxy.
 */
export async function answerPost(verb: Verb, request: Request): Promise<Response> {
  const type = request.headers.get('content-type') ?? '';
  if (!/^application\/json\b/i.test(type)) {
    return send(415, refusedText(400, '', 'Send it as application/json.').body);
  }
  const text = await limitedText(request, requestLimitBytes);
  if (text === null) return send(413, refusedText(400, '', 'The input is over 1 MB.').body);
  const { status, body } = await pool.ask({ verb, text });
  return send(status, body);
}
