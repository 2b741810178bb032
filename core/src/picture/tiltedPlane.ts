import type { PlanePoint } from './circleFit';
import type { PicturePoint, PictureSize } from './picturePoint';

type Vector = readonly [number, number, number];

/** A flat board as a camera sees it that looks at it aslant. */
export interface TiltedPlane {
  /** A place of the picture as one of the board, in units of the camera's distance from it. */
  onPlane(point: PicturePoint): PlanePoint;
  /** The other way round. */
  onPicture(point: PlanePoint): PicturePoint;
  /** Pixels for a unit of the board at a place of the picture, across the tilt. */
  pixelsAt(point: PicturePoint): number;
}

const dot = (a: Vector, b: Vector) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const cross = (a: Vector, b: Vector): Vector => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];

/**
 * A board seen by a pinhole camera whose middle ray goes through the middle of the picture.
 *
 * @param tiltRad between that ray and a plumb line on the board, 0 from straight above
 * @param turnRad towards where on the picture it is tilted
 * @param focalShare focal length over the longer side of the picture; about 0.75 of a phone's main camera
 */
export function tiltedPlane(
  { widthPx, heightPx }: PictureSize,
  { tiltRad, turnRad, focalShare }: { tiltRad: number; turnRad: number; focalShare: number },
): TiltedPlane {
  const focal = focalShare * Math.max(widthPx, heightPx);
  const n: Vector = [
    Math.sin(tiltRad) * Math.cos(turnRad),
    Math.sin(tiltRad) * Math.sin(turnRad),
    Math.cos(tiltRad),
  ];
  // two directions on the board: down the tilt and across it
  const across: Vector = [-Math.sin(turnRad), Math.cos(turnRad), 0];
  const down = cross(across, n);
  const rayOf = ({ xPx, yPx }: PicturePoint): Vector => [
    (xPx - widthPx / 2) / focal,
    (yPx - heightPx / 2) / focal,
    1,
  ];
  return {
    onPlane(point) {
      const ray = rayOf(point);
      const reach = 1 / dot(n, ray);
      const place: Vector = [ray[0] * reach, ray[1] * reach, reach];
      return [dot(place, down), dot(place, across)];
    },
    onPicture([x, y]) {
      const place = [0, 1, 2].map(
        (i) => (n[i] ?? 0) + x * (down[i] ?? 0) + y * (across[i] ?? 0),
      ) as unknown as Vector;
      return {
        xPx: widthPx / 2 + (focal * place[0]) / place[2],
        yPx: heightPx / 2 + (focal * place[1]) / place[2],
      };
    },
    pixelsAt: (point) => focal * dot(n, rayOf(point)),
  };
}
