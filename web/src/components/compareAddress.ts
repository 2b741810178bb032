/** The address of trials, or dips as they are written, side by side. */
export function compareAddress(ids: readonly string[]): string {
  return `/trials?compare=${ids.map(encodeURIComponent).join(',')}`;
}
