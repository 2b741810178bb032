import { answerPost } from '@/server/answerPost';

/** POST /api/design: the same JSON as `cobbet design` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerPost('design', request);
}
