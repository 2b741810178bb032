/** @jest-environment node */
import { describe, expect, jest, test } from '@jest/globals';
import { offlineWorker, type WorkerScope } from './offlineWorker';

const origin = 'http://localhost:3000';

/** What a cache of the browser is, as far as it is used: by path. */
class TestCache {
  readonly kept = new Map<string, string>();
  async addAll(paths: string[]): Promise<void> {
    for (const path of paths) this.kept.set(path, `kept ${path}`);
  }
  async match(path: string): Promise<Response | undefined> {
    const text = this.kept.get(path);
    return text === undefined ? undefined : new Response(text);
  }
}

interface Heard {
  waitUntil(work: Promise<unknown>): void;
  respondWith(answer: Promise<Response>): void;
  request?: object;
  data?: unknown;
}

function worker(version = 'one', stores = new Map<string, TestCache>()) {
  const heard = new Map<string, (event: Heard) => void>();
  const scope = {
    addEventListener: (type: string, listener: (event: Heard) => void) => heard.set(type, listener),
    caches: {
      open: async (name: string) => {
        const store = stores.get(name) ?? new TestCache();
        stores.set(name, store);
        return store;
      },
      keys: async () => [...stores.keys()],
      delete: async (name: string) => stores.delete(name),
    },
    clients: { claim: jest.fn(async () => undefined) },
    skipWaiting: jest.fn(async () => undefined),
    fetch: jest.fn(async () => new Response('from the server')),
    location: { origin },
  };
  offlineWorker(scope as unknown as WorkerScope, version, ['/', '/bench'], ['/a.js', '/icon.svg']);
  const tell = async (type: string, more: object = {}) => {
    const waits: Promise<unknown>[] = [];
    let answer: Promise<Response> | null = null;
    heard.get(type)?.({
      waitUntil: (work) => waits.push(work),
      respondWith: (given) => (answer = given),
      ...more,
    });
    await Promise.all(waits);
    return answer as Promise<Response> | null;
  };
  const ask = (path: string, more: object = {}) =>
    tell('fetch', {
      request: {
        url: `${origin}${path}`,
        method: 'GET',
        mode: 'navigate',
        destination: 'document',
        headers: new Headers(),
        ...more,
      },
    });
  return { scope, stores, tell, ask };
}

const textOf = async (answer: Response | null) => answer?.text() ?? null;

describe('the service worker', () => {
  test('keeps everything of its build, and answers rooms and files from there', async () => {
    const { tell, ask, scope } = worker();
    await tell('install');
    expect(await textOf(await ask('/bench?dip=a'))).toBe('kept /bench');
    expect(await textOf(await ask('/a.js', { mode: 'no-cors', destination: 'script' }))).toBe(
      'kept /a.js',
    );
    expect(scope.fetch).not.toHaveBeenCalled();
  });

  test('leaves alone what is computed, what goes between rooms, what is not its own, what is sent', async () => {
    const { tell, ask } = worker();
    await tell('install');
    expect(await ask('/api/analyse')).toBeNull();
    expect(await ask('/bench?_rsc=abc', { mode: 'cors' })).toBeNull();
    expect(await ask('/bench', { headers: new Headers({ rsc: '1' }) })).toBeNull();
    expect(await ask('/bench', { mode: 'cors' })).toBeNull();
    expect(await ask('/', { method: 'POST' })).toBeNull();
    expect(await ask('/not-there')).toBeNull();
    expect(await ask('', { url: 'http://elsewhere.example/a.js' })).toBeNull();
  });

  test('asks the server for what it has lost', async () => {
    const { tell, ask, stores, scope } = worker();
    await tell('install');
    stores.get('cobbet-one')?.kept.clear();
    expect(await textOf(await ask('/bench'))).toBe('from the server');
    expect(scope.fetch).toHaveBeenCalledTimes(1);
  });

  test('of a newer build stands beside the older one until it takes over, which it does when asked', async () => {
    const first = worker('one');
    await first.tell('install');
    first.stores.set('another-site', new TestCache());
    const second = worker('two', first.stores);
    await second.tell('install');
    expect([...first.stores.keys()]).toEqual(['cobbet-one', 'another-site', 'cobbet-two']);
    expect(second.scope.skipWaiting).not.toHaveBeenCalled();
    await second.tell('message', { data: 'something else' });
    expect(second.scope.skipWaiting).not.toHaveBeenCalled();
    await second.tell('message', { data: 'take over' });
    expect(second.scope.skipWaiting).toHaveBeenCalledTimes(1);
    await second.tell('activate');
    expect([...first.stores.keys()]).toEqual(['another-site', 'cobbet-two']);
    expect(second.scope.clients.claim).toHaveBeenCalledTimes(1);
  });

  test('uses nothing from outside itself, since it is sent as its own source', () => {
    const alone = new Function(`return (${offlineWorker.toString()})`)() as typeof offlineWorker;
    const listened: string[] = [];
    const addEventListener = (type: string) => listened.push(type);
    const scope = { addEventListener } as unknown as WorkerScope;
    alone(scope, 'one', [], []);
    expect(listened).toEqual(['install', 'activate', 'message', 'fetch']);
  });
});
