import { answerPost } from '@/server/answerPost';

/** POST /api/swap: the same JSON as `cobbet swap` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerPost('swap', request);
}
