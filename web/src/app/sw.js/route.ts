import { offlineFiles, offlinePages } from '@/server/offlineFiles';
import { offlineWorker } from '@/server/offlineWorker';

// what is built is known only once it is served
export const dynamic = 'force-dynamic';

/** GET /sw.js: the service worker of this build. */
export function GET(): Response {
  const { version, files } = offlineFiles();
  const given = [version, offlinePages, files].map((one) => JSON.stringify(one)).join(', ');
  return new Response(`(${offlineWorker.toString()})(self, ${given});\n`, {
    headers: { 'content-type': 'text/javascript; charset=utf-8', 'cache-control': 'no-cache' },
  });
}
