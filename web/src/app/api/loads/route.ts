import { answerPost } from '@/server/answerPost';

/** POST /api/loads: the same JSON as `cobbet loads` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerPost('loads', request);
}
