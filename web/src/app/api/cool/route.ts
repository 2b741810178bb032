import { answerPost } from '@/server/answerPost';

/** POST /api/cool: the same JSON as `cobbet cool` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerPost('cool', request);
}
