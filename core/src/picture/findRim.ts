import type { PicturePoint, PictureSize } from './picturePoint';

/** How light each pixel of a picture is, row by row, 0–255. */
export interface Lightness extends PictureSize {
  light: Uint8Array | Uint8ClampedArray;
}

/** Looked for so far on either side of where a rim was laid, of the picture's longer side. */
const reachShare = 0.015;
/** A step of lightness this small over a few pixels is no edge. */
const leastStep = 4;
/** So many of the places around must show an edge. */
const leastFound = 0.6;
/** Pixels of an edge's own width, one standard deviation. */
const blur = 1.5;
const step = 0.5;

/** Weights of a smoothed slope over places half a pixel apart. */
const slopeWeights = (() => {
  const half = Math.ceil((3 * blur) / step);
  return Array.from({ length: 2 * half + 1 }, (_, i) => {
    const at = (i - half) * step;
    return (at / blur ** 2) * Math.exp(-(at * at) / (2 * blur * blur)) * step;
  });
})();

function lightAt({ widthPx, heightPx, light }: Lightness, x: number, y: number): number {
  const [cx, cy] = [
    Math.min(Math.max(x, 0), widthPx - 1.001),
    Math.min(Math.max(y, 0), heightPx - 1.001),
  ];
  const [left, top] = [Math.floor(cx), Math.floor(cy)];
  const [u, v] = [cx - left, cy - top];
  const at = (dx: number, dy: number) => light[(top + dy) * widthPx + left + dx] ?? 0;
  return (at(0, 0) * (1 - u) + at(1, 0) * u) * (1 - v) + (at(0, 1) * (1 - u) + at(1, 1) * u) * v;
}

/** Smoothed slopes of lightness from the inside out, at places around where the rim was laid. */
function slopesAcross(picture: Lightness, at: PicturePoint, out: PicturePoint, reach: number) {
  const half = (slopeWeights.length - 1) / 2;
  const count = Math.round((2 * reach) / step) + 1;
  const lights = Array.from({ length: count + 2 * half }, (_, i) => {
    const off = (i - half) * step - reach;
    return lightAt(picture, at.xPx + off * out.xPx, at.yPx + off * out.yPx);
  });
  return Array.from({ length: count }, (_, i) =>
    slopeWeights.reduce((sum, weight, k) => sum + weight * (lights[i + k] ?? 0), 0),
  );
}

const middle = (values: readonly number[]) =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

/**
 * Where a rim really is: around an outline laid by hand, the strongest step of lightness near it, by the side most of the rim is lighter on,
 * to a part of a pixel. Places far off what their neighbours say are left out.
 *
 * @param outline around, in order, as `measureSpread` gives it
 * @returns places on the rim; null where too little of it can be told from what is beside it
 */
export function findRim(
  picture: Lightness,
  outline: readonly PicturePoint[],
): PicturePoint[] | null {
  const n = outline.length;
  const reach = reachShare * Math.max(picture.widthPx, picture.heightPx);
  const normals = outline.map((_, i) => {
    const [before, after] = [outline[(i + n - 1) % n], outline[(i + 1) % n]];
    const [dx, dy] = [
      (after?.xPx ?? 0) - (before?.xPx ?? 0),
      (after?.yPx ?? 0) - (before?.yPx ?? 0),
    ];
    const length = Math.hypot(dx, dy) || 1;
    return { xPx: dy / length, yPx: -dx / length };
  });
  const profiles = outline.map((at, i) =>
    slopesAcross(picture, at, normals[i] ?? { xPx: 1, yPx: 0 }, reach),
  );
  const strength = (sign: number) =>
    profiles.reduce((sum, slopes) => sum + Math.max(...slopes.map((one) => sign * one)), 0);
  const sign = strength(1) > strength(-1) ? 1 : -1;
  const offs = profiles.map((slopes) => {
    const along = slopes.map((one) => sign * one);
    const most = Math.max(...along);
    const i = along.indexOf(most);
    const [a = 0, b = 0, c = 0] = [along[i - 1], along[i], along[i + 1]];
    if (most < leastStep || i === 0 || i === along.length - 1) return null;
    const part = a - 2 * b + c === 0 ? 0 : (0.5 * (a - c)) / (a - 2 * b + c);
    return (i + part) * step - reach;
  });
  // an edge of something else runs off from its neighbours'
  const near = offs.map((off, i) => {
    if (off === null) return null;
    const around = [-4, -3, -2, -1, 1, 2, 3, 4].flatMap((k) => offs[(i + k + n) % n] ?? []);
    return around.length >= 4 && Math.abs(off - middle(around)) < 2 + reach / 12 ? off : null;
  });
  const found = near.flatMap((off, i) => {
    const [at, out] = [outline[i], normals[i]];
    return off === null || !at || !out
      ? []
      : [{ xPx: at.xPx + off * out.xPx, yPx: at.yPx + off * out.yPx }];
  });
  return found.length >= leastFound * n ? found : null;
}
