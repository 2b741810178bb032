import { BadInput } from '@cobbet/core/book/fieldError';
import { parseJson } from '@cobbet/core/book/parseJson';
import { requestLimitBytes } from '@cobbet/core/api/headless';

const refused = (status: number, field: string, message: string) =>
  Response.json({ error: { field, message } }, { status });

/** The body's text, or null when it is over the limit; reading stops there. */
async function limitedText(request: Request): Promise<string | null> {
  if (Number(request.headers.get('content-length') ?? 0) > requestLimitBytes) return null;
  const reader = request.body?.getReader();
  if (!reader) return '';
  const chunks: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.length;
    if (size > requestLimitBytes) {
      await reader.cancel();
      return null;
    }
    chunks.push(value);
  }
  return Buffer.concat(chunks).toString('utf8');
}

/**
 * Answers a request whose body is JSON: 200 with the answer, 400 with the field that is wrong, 413 over 1 MB.
 *
 * @param work what to do with the parsed body; may throw BadInput
 */
export async function answerJson(
  request: Request,
  work: (body: unknown) => Promise<unknown>,
): Promise<Response> {
  try {
    const text = await limitedText(request);
    if (text === null) return refused(413, '', 'The input is over 1 MB.');
    return Response.json(await work(parseJson(text)));
  } catch (error) {
    if (error instanceof BadInput) return refused(400, error.field, error.message);
    return refused(500, '', 'Something went wrong inside Cobbet with this input.');
  }
}
