/** Containers a kitchen fills: jars, tubs, ramekins. */
export interface KeptContainer {
  id: string;
  name: string;
  /** To the rim, ml. */
  ml: number;
  /** Empty, with its lid, g; null where it was not weighed. */
  tareG: number | null;
  /** How many there are. */
  count: number;
}
