import { answerPost } from '@/server/answerPost';

/** POST /api/prepare: the same JSON as `cobbet prepare` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerPost('prepare', request);
}
