import { answerPost } from '@/server/answerPost';

/** POST /api/taste-plan: the same JSON as `cobbet taste-plan` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerPost('taste-plan', request);
}
