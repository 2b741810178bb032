/** A place on a picture, px from its upper left. */
export interface PicturePoint {
  xPx: number;
  yPx: number;
}

/** Places on the rims of what is known and of a spread. */
export interface Rims {
  known: readonly PicturePoint[];
  spread: readonly PicturePoint[];
}

/** How large a picture is. */
export interface PictureSize {
  widthPx: number;
  heightPx: number;
}
