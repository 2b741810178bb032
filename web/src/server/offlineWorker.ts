/** An event of a service worker that waits for work. */
interface Extendable {
  waitUntil(work: Promise<unknown>): void;
}

interface Fetched extends Extendable {
  request: Request;
  respondWith(answer: Response | Promise<Response>): void;
}

/** What a service worker's global scope lends, as far as it is used. */
export interface WorkerScope {
  addEventListener(type: 'install' | 'activate', heard: (event: Extendable) => void): void;
  addEventListener(type: 'fetch', heard: (event: Fetched) => void): void;
  addEventListener(type: 'message', heard: (event: { data: unknown }) => void): void;
  caches: Pick<CacheStorage, 'open' | 'keys' | 'delete'>;
  clients: { claim(): Promise<void> };
  skipWaiting(): Promise<void>;
  fetch(request: Request): Promise<Response>;
  location: { origin: string };
}

/**
 * The service worker, sent to the browser as its own source, so it may use nothing from outside itself. It keeps one version
 * of the whole application, rooms and all they load, and answers from that; a newer version is fetched whole beside it and
 * waits until the cook asks for it.
 *
 * @param version names the cache; another build has another one
 * @param pages addresses of the rooms, without what they are asked about
 * @param files everything else
 */
export function offlineWorker(
  scope: WorkerScope,
  version: string,
  pages: readonly string[],
  files: readonly string[],
): void {
  const cacheName = `cobbet-${version}`;

  /** The same answer without what hangs on its address: a thread's script would lose the part after its #. */
  const bare = (kept: Response) =>
    new Response(kept.body, { status: kept.status, headers: kept.headers });

  const answer = async (request: Request): Promise<Response> => {
    const cache = await scope.caches.open(cacheName);
    const { pathname } = new URL(request.url);
    const kept = await cache.match(pathname);
    if (kept) {
      const thread = request.destination === 'worker' || pathname.includes('/turbopack-worker-');
      return thread ? bare(kept) : kept;
    }
    return scope.fetch(request);
  };

  scope.addEventListener('install', (event) => {
    event.waitUntil(
      scope.caches.open(cacheName).then((cache) => cache.addAll([...pages, ...files])),
    );
  });

  scope.addEventListener('activate', (event) => {
    event.waitUntil(
      scope.caches
        .keys()
        .then((names) =>
          Promise.all(
            names
              .filter((name) => name.startsWith('cobbet-') && name !== cacheName)
              .map((name) => scope.caches.delete(name)),
          ),
        )
        .then(() => scope.clients.claim()),
    );
  });

  scope.addEventListener('message', ({ data }) => {
    if (data === 'take over') void scope.skipWaiting();
  });

  scope.addEventListener('fetch', (event) => {
    const { request } = event;
    const { origin, pathname, searchParams } = new URL(request.url);
    if (request.method !== 'GET' || origin !== scope.location.origin) return;
    // what is computed on the server, and what the framework asks between rooms, is never answered from here
    if (pathname.startsWith('/api/') || searchParams.has('_rsc') || request.headers.has('rsc'))
      return;
    if (pages.includes(pathname) ? request.mode !== 'navigate' : !files.includes(pathname)) return;
    event.respondWith(answer(request));
  });
}
