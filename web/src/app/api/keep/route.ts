import { answerPost } from '@/server/answerPost';

/** POST /api/keep: the same JSON as `cobbet keep` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerPost('keep', request);
}
