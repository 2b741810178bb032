import { answerJson } from '../answerJson';

/** POST /api/reading: the same JSON as `cobbet reading` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerJson(request, async (body) => {
    const { readingRequest } = await import('@cobbet/core/api/readingRequest');
    return readingRequest(body);
  });
}
