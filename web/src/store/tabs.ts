/** How long a page that is going may hold on to its lock, ms. */
const goingMs = 800;

const lockOf = (tab: string) => `cobbet-tab:${tab}`;

/** Browsers without locks have one tab as far as can be known; what others left is then taken at once. */
const locks = () => (typeof navigator === 'undefined' ? undefined : navigator.locks);

/** Says that a tab is alive, until it is closed or dies. */
export function holdTab(tab: string): void {
  void locks()?.request(lockOf(tab), () => new Promise<never>(() => undefined));
}

/**
 * Does something for a tab once it is dead, and no other tab does it at the same time.
 *
 * @returns true when it was dead already and the work is done; else the work is done when it dies
 */
export async function onceDead(tab: string, work: () => Promise<void>): Promise<boolean> {
  const manager = locks();
  if (!manager) {
    await work();
    return true;
  }
  try {
    // a page that is just going lets go in a moment; what it left belongs to what is shown first
    await manager.request(lockOf(tab), { signal: AbortSignal.timeout(goingMs) }, work);
    return true;
  } catch (error) {
    if (!(error instanceof DOMException) || error.name !== 'TimeoutError') throw error;
    void manager.request(lockOf(tab), work).catch(() => undefined);
    return false;
  }
}
