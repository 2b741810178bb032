import { answerPost } from '@/server/answerPost';

/** POST /api/analyse: the same JSON as `cobbet analyse` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerPost('analyse', request);
}
