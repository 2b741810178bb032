/** A place on the map, px. */
export type Place = readonly [x: number, y: number];

/** The triangle a mixture of three is drawn in: all of the first at the top, of the second at the left, of the third at the right. */
export interface Triangle {
  width: number;
  height: number;
  /** Room around it, px. */
  edge: number;
}

/** Where shares of three stand once each one's least is taken off and what is left is one. */
export function placeOf(
  [a = 0, b = 0, c = 0]: readonly number[],
  { width, height, edge }: Triangle,
): Place {
  const side = width - 2 * edge;
  const tall = height - 2 * edge;
  return [edge + (side * (c + a / 2)) / (a + b + c || 1), edge + tall * (1 - a / (a + b + c || 1))];
}

/** The shares at a place, the nearest in the triangle. */
export function sharesAt([x, y]: Place, { width, height, edge }: Triangle): number[] {
  const side = width - 2 * edge;
  const tall = height - 2 * edge;
  const a = Math.min(1, Math.max(0, 1 - (y - edge) / tall));
  const c = Math.min(1 - a, Math.max(0, (x - edge) / side - a / 2));
  return [a, 1 - a - c, c];
}

/** A corner of a cell with its value. */
export interface Corner {
  place: Place;
  value: number;
}

/** One cell of the map. */
export type Cell = readonly [Corner, Corner, Corner];

/**
 * Cells of a triangle cut into so many steps a side.
 *
 * @param valueAt null where nothing can be said
 */
export function cellsOf(
  steps: number,
  triangle: Triangle,
  valueAt: (shares: readonly number[]) => number | null,
): Cell[] {
  const corner = (i: number, j: number): Corner | null => {
    const shares = [i / steps, j / steps, (steps - i - j) / steps];
    const value = valueAt(shares);
    return value === null ? null : { place: placeOf(shares, triangle), value };
  };
  const cells: Cell[] = [];
  const keep = (...corners: (Corner | null)[]) => {
    const [one, two, three] = corners;
    if (one && two && three) cells.push([one, two, three]);
  };
  for (let i = 0; i < steps; i += 1) {
    for (let j = 0; i + j < steps; j += 1) {
      keep(corner(i, j), corner(i + 1, j), corner(i, j + 1));
      if (i + j < steps - 1) keep(corner(i + 1, j), corner(i, j + 1), corner(i + 1, j + 1));
    }
  }
  return cells;
}

/** Where a level crosses the cells: pieces of line, straight within a cell. */
export function contourOf(cells: readonly Cell[], level: number): [Place, Place][] {
  return cells.flatMap((cell): [Place, Place][] => {
    const crossed = cell.flatMap((one, i): Place[] => {
      const other = cell[(i + 1) % 3] ?? one;
      if (one.value < level === other.value < level) return [];
      const share = (level - one.value) / (other.value - one.value);
      return [
        [
          one.place[0] + share * (other.place[0] - one.place[0]),
          one.place[1] + share * (other.place[1] - one.place[1]),
        ],
      ];
    });
    const [from, to] = crossed;
    return from && to ? [[from, to]] : [];
  });
}
