import { useOffline } from './offlineState';

const lookEveryMs = 5 * 60_000;

/** Whether the server answers: asking for a newer version is the one thing never answered from what is kept. */
async function look(registration: ServiceWorkerRegistration): Promise<void> {
  try {
    await registration.update();
    useOffline.setState({ offline: !navigator.onLine });
  } catch {
    useOffline.setState({ offline: true });
  }
}

function watchForNewer(registration: ServiceWorkerRegistration): void {
  const waits = () => {
    // the first one ever has nothing to take over from
    if (registration.waiting && navigator.serviceWorker.controller) {
      useOffline.setState({ newer: registration.waiting });
    }
  };
  waits();
  registration.addEventListener('updatefound', () => {
    registration.installing?.addEventListener('statechange', waits);
  });
}

/**
 * Keeps the whole application on this device, so that every room works without the server; says when it is offline and when
 * a newer version waits. Nothing where the browser can't.
 *
 * @returns stops looking
 */
export function keepOffline(): () => void {
  if (!('serviceWorker' in navigator) || process.env.NODE_ENV !== 'production')
    return () => undefined;
  let timer: ReturnType<typeof setInterval> | undefined;
  let registered: ServiceWorkerRegistration | null = null;
  const lookNow = () => {
    if (registered && document.visibilityState === 'visible') void look(registered);
  };
  const begin = async () => {
    try {
      registered = await navigator.serviceWorker.register('/sw.js', {
        scope: '/',
        updateViaCache: 'none',
      });
      watchForNewer(registered);
      await navigator.serviceWorker.ready;
      useOffline.setState({ kept: true });
      lookNow();
      timer = setInterval(lookNow, lookEveryMs);
    } catch {
      // without it everything works as long as the server does
      useOffline.setState({ offline: !navigator.onLine });
    }
  };
  // first the room, then what keeps it
  const later = setTimeout(() => void begin(), 1500);
  const gone = () => useOffline.setState({ offline: true });
  window.addEventListener('online', lookNow);
  window.addEventListener('offline', gone);
  document.addEventListener('visibilitychange', lookNow);
  return () => {
    clearTimeout(later);
    clearInterval(timer);
    window.removeEventListener('online', lookNow);
    window.removeEventListener('offline', gone);
    document.removeEventListener('visibilitychange', lookNow);
  };
}

/** Lets the newer version take over, and loads it. */
export function takeNewer(newer: ServiceWorker): void {
  navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), {
    once: true,
  });
  newer.postMessage('take over');
}
