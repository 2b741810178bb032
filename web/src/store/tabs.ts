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
  const done = await manager.request(lockOf(tab), { ifAvailable: true }, async (lock) => {
    if (!lock) return false;
    await work();
    return true;
  });
  if (!done) void manager.request(lockOf(tab), work).catch(() => undefined);
  return done;
}
