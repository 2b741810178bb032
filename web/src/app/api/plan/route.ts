import { answerPost } from '@/server/answerPost';

/** POST /api/plan: the same JSON as `cobbet plan` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerPost('plan', request);
}
