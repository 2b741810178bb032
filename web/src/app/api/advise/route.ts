import { answerJson } from '../answerJson';

/** POST /api/advise: the same JSON as `cobbet advise` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerJson(request, async (body) => {
    const { adviseRequest } = await import('@cobbet/core/api/bowlRequests');
    const { highsSolver } = await import('@cobbet/core/landing/highsSolver');
    return adviseRequest(body, await highsSolver());
  });
}
