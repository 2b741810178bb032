import { answerJson } from '../answerJson';

/** POST /api/land: the same JSON as `cobbet land` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerJson(request, async (body) => {
    const { landRequest } = await import('@cobbet/core/api/headless');
    const { highsSolver } = await import('@cobbet/core/landing/highsSolver');
    return landRequest(body, await highsSolver());
  });
}
