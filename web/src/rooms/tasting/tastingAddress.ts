/**
 * Where a tasting stands, or what one of its tasters sees.
 *
 * @param seatId a taster's own screen
 * @param at the pot in the taster's order, counted from naught; after the last one the end; left out it is handed over first
 */
export function tastingAddress(id: string, seatId?: string, at?: number): string {
  const seat = seatId === undefined ? '' : `&seat=${encodeURIComponent(seatId)}`;
  return `/tasting?id=${encodeURIComponent(id)}${seat}${at === undefined ? '' : `&at=${at}`}`;
}
