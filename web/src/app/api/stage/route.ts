import { answerJson } from '../answerJson';

/** POST /api/stage: the same JSON as `cobbet stage` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerJson(request, async (body) => {
    const { stageRequest } = await import('@cobbet/core/api/bowlRequests');
    return stageRequest(body);
  });
}
