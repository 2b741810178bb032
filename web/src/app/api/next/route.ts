import { answerPost } from '@/server/answerPost';

/** POST /api/next: the same JSON as `cobbet next` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerPost('next', request);
}
