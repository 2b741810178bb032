import { answerPost } from '@/server/answerPost';

/** POST /api/stage: the same JSON as `cobbet stage` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerPost('stage', request);
}
