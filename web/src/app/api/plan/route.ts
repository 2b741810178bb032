import { answerJson } from '../answerJson';

/** POST /api/plan: the same JSON as `cobbet plan` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerJson(request, async (body) => {
    const { planRequest } = await import('@cobbet/core/api/planRequest');
    return planRequest(body, () => performance.now());
  });
}
