import type { PicturePoint } from './picturePoint';

/** How wide something spread, measured on a picture against something of a known width. */
export interface MeasuredSpread {
  /** Which test it was. */
  test: 'ring' | 'press';
  /** Width of what is known, mm. */
  knownMm: number;
  diameterMm: number;
  /** One standard deviation of it, mm. */
  sdMm: number;
  /** Where the rims were tapped. */
  known: PicturePoint[];
  spread: PicturePoint[];
}
