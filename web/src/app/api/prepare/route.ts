import { answerJson } from '../answerJson';

/** POST /api/prepare: the same JSON as `cobbet prepare` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerJson(request, async (body) => {
    const { prepareRequest } = await import('@cobbet/core/api/prepRequests');
    return prepareRequest(body);
  });
}
