import { answerPost } from '@/server/answerPost';

/** POST /api/taste: the same JSON as `cobbet taste` (docs/format.md). */
export function POST(request: Request): Promise<Response> {
  return answerPost('taste', request);
}
