import { answerPost } from '@/server/answerPost';

/** POST /api/batch: the same JSON as `cobbet batch` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerPost('batch', request);
}
