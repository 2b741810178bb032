import { answerPost } from '@/server/answerPost';

/** POST /api/land: the same JSON as `cobbet land` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerPost('land', request);
}
