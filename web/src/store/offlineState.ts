import { create } from 'zustand';

interface OfflineState {
  /** The server can't be reached; all of it works here all the same, once it has been kept. */
  offline: boolean;
  /** The whole application is kept on this device. */
  kept: boolean;
  /** A newer version that waits to be asked for. */
  newer: ServiceWorker | null;
}

export const useOffline = create<OfflineState>()(() => ({
  offline: false,
  kept: false,
  newer: null,
}));
