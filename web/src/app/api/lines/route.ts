import { answerPost } from '@/server/answerPost';

/** POST /api/lines: the same JSON as `cobbet lines` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerPost('lines', request);
}
