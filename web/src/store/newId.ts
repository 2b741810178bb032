/** A short id, unique enough for one cook's book. */
export function newId(): string {
  return crypto.randomUUID().slice(0, 13);
}
