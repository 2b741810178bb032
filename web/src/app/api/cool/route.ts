import { answerJson } from '../answerJson';

/** POST /api/cool: the same JSON as `cobbet cool` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerJson(request, async (body) => {
    const { coolRequest } = await import('@cobbet/core/api/prepRequests');
    return coolRequest(body);
  });
}
