import type { Range } from '../statistics/range';

/** What must be known of a thing to turn an amount of it into grams; every ingredient of the larder is one. */
export interface Measurable {
  name: string;
  role: string;
  structure: string;
  /** Bulk density as measured in a cup, g/ml. */
  densityGPerMl: number;
  /** What one piece is called, and what it weighs, g; null where it isn't counted. */
  pieceName: string | null;
  pieceG: number | null;
  /** Net content of one package as this cook buys it, g; the usual size when left out. */
  packageG?: number;
  /** Trimmed leaf from one usual bunch, g. */
  bunchG: Range | null;
  /** Share of a can's net content that is this. */
  canShare: Range | null;
  /** Grains or lumps, though its structure counts as a liquid. */
  grains: boolean;
  /** Its density is of a packed cup. */
  measuredPacked: boolean;
  /** g of one by further words it is counted in. */
  morePieces: Readonly<Record<string, number>>;
}
