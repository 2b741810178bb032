import type { Lightness } from '../src/picture/findRim';
import type { PicturePoint } from '../src/picture/picturePoint';
import { normal, seeded } from '../src/statistics/random';

/** A round thing lying on a board, mm. */
export interface DrawnDisc {
  x: number;
  y: number;
  diameterMm: number;
  light: number;
}

/** Where a camera stands: above a place of the board, that far from it, leaning that much, towards there. */
export interface DrawnCamera {
  overX: number;
  overY: number;
  distanceMm: number;
  tiltDeg: number;
  turnDeg: number;
  rollDeg: number;
  /** Pixels. */
  focal: number;
}

type V = [number, number, number];
const cross = (a: V, b: V): V => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
const unit = (a: V): V => a.map((one) => one / Math.hypot(...a)) as V;
const rad = (degrees: number) => (degrees * Math.PI) / 180;

/** A camera's axes in the kitchen's own frame, and its place: written apart from the code that is tested, by looking at a point. */
function axes({ overX, overY, distanceMm, tiltDeg, turnDeg, rollDeg }: DrawnCamera) {
  const lean: V = [
    Math.sin(rad(tiltDeg)) * Math.cos(rad(turnDeg)),
    Math.sin(rad(tiltDeg)) * Math.sin(rad(turnDeg)),
    Math.cos(rad(tiltDeg)),
  ];
  const place: V = [
    overX + distanceMm * lean[0],
    overY + distanceMm * lean[1],
    distanceMm * lean[2],
  ];
  const ahead = lean.map((one) => -one) as V;
  const right = unit(cross(ahead, [Math.cos(rad(rollDeg)), Math.sin(rad(rollDeg)), 0.2]));
  return { place, ahead, right, down: cross(ahead, right) };
}

/** Where a place of the board is on the picture. */
export function seenAt(
  camera: DrawnCamera,
  size: [number, number],
  x: number,
  y: number,
): PicturePoint {
  const { place, ahead, right, down } = axes(camera);
  const ray: V = [x - place[0], y - place[1], -place[2]];
  const along = (axis: V) => ray[0] * axis[0] + ray[1] * axis[1] + ray[2] * axis[2];
  return {
    xPx: size[0] / 2 + (camera.focal * along(right)) / along(ahead),
    yPx: size[1] / 2 + (camera.focal * along(down)) / along(ahead),
  };
}

/** A picture of discs on a pale board, soft at the edges and with a sensor's noise. */
export function drawnPicture(
  camera: DrawnCamera,
  [widthPx, heightPx]: [number, number],
  discs: readonly DrawnDisc[],
  noise = 3,
): Lightness {
  const { place, ahead, right, down } = axes(camera);
  const random = seeded(7);
  const light = new Uint8ClampedArray(widthPx * heightPx);
  const sub = 2;
  const [middleX, middleY] = [widthPx / 2, heightPx / 2];
  const part = (k: number) => (k + 0.5) / sub - 0.5;
  const lightOf = (u: number, v: number) => {
    const down_ = ahead[2] + u * right[2] + v * down[2];
    const reach = -place[2] / down_;
    const x = place[0] + reach * (ahead[0] + u * right[0] + v * down[0]);
    const y = place[1] + reach * (ahead[1] + u * right[1] + v * down[1]);
    for (const disc of discs) {
      const [dx, dy] = [x - disc.x, y - disc.y];
      if (dx * dx + dy * dy < (disc.diameterMm / 2) ** 2) return disc.light;
    }
    return 225;
  };
  for (let row = 0; row < heightPx; row += 1) {
    for (let column = 0; column < widthPx; column += 1) {
      let sum = 0;
      for (let i = 0; i < sub; i += 1) {
        for (let j = 0; j < sub; j += 1) {
          const u = (column + part(i) - middleX) / camera.focal;
          sum += lightOf(u, (row + part(j) - middleY) / camera.focal);
        }
      }
      light[row * widthPx + column] = sum / sub ** 2 + noise * normal(random);
    }
  }
  return { widthPx, heightPx, light };
}
