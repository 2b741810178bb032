/** What a raw thing really gave once. */
export interface YieldResult {
  id: string;
  /** What it was made into. */
  ingredientId: string;
  /** What it was made from, as its route says. */
  from: string;
  rawG: number;
  readyG: number;
  /** ISO 8601 */
  at: string;
}
