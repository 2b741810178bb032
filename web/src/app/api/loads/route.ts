import { answerJson } from '../answerJson';

/** POST /api/loads: the same JSON as `cobbet loads` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerJson(request, async (body) => {
    const { loadsRequest } = await import('@cobbet/core/api/bowlRequests');
    return loadsRequest(body);
  });
}
