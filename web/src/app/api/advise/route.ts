import { answerPost } from '@/server/answerPost';

/** POST /api/advise: the same JSON as `cobbet advise` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerPost('advise', request);
}
