import { answerJson } from '../answerJson';

/** POST /api/soak: the same JSON as `cobbet soak` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerJson(request, async (body) => {
    const { soakRequest } = await import('@cobbet/core/api/prepRequests');
    return soakRequest(body);
  });
}
