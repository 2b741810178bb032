import { answerJson } from '../answerJson';

/** POST /api/analyse: the same JSON as `cobbet analyse` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerJson(request, async (body) => {
    const { analyseRequest } = await import('@cobbet/core/api/headless');
    return analyseRequest(body);
  });
}
