/** Coefficients of variation by the way a thing was measured (J). */
export const measuringCv = {
  weighed: 0.01,
  spoon: 0.08,
  cupOfLiquid: 0.04,
  cupOfPieces: 0.1,
  packedLeaves: 0.2,
  piece: 0.25,
  fuzzy: 0.4,
} as const;
