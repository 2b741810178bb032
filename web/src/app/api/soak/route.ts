import { answerPost } from '@/server/answerPost';

/** POST /api/soak: the same JSON as `cobbet soak` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerPost('soak', request);
}
