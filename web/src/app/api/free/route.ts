import { answerPost } from '@/server/answerPost';

/** POST /api/free: the same JSON as `cobbet free` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerPost('free', request);
}
