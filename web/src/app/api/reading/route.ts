import { answerPost } from '@/server/answerPost';

/** POST /api/reading: the same JSON as `cobbet reading` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerPost('reading', request);
}
