import { justRight } from './panel';
import type { JarName, Tasting } from './tasting';

/** Too little of it, just right, too much. */
export type Side = 'low' | 'right' | 'high';

/** What several people say of one thing in one pot. */
export interface Agreement {
  name: JarName;
  /** What most of them say; null where no side has more than half. */
  side: Side | null;
  /** How many say it, and of how many who were asked. */
  n: number;
  of: number;
}

/** The side of a mark of five. */
export const sideOf = (mark: number): Side =>
  mark < justRight ? 'low' : mark > justRight ? 'high' : 'right';

/** What those who have tasted a pot agree on, in the order it is asked; what nobody has marked is left out. */
export function agreements({ asks, marks }: Tasting, code: string): Agreement[] {
  return asks.jar.flatMap((name): Agreement[] => {
    const sides = marks.flatMap((mark) => {
      const given = mark.code === code ? mark.jar?.[name] : undefined;
      return given === undefined ? [] : [sideOf(given)];
    });
    if (sides.length === 0) return [];
    const count = (side: Side) => sides.filter((one) => one === side).length;
    const most = (['low', 'right', 'high'] as const).reduce((best, side) =>
      count(side) > count(best) ? side : best,
    );
    const n = count(most);
    return [{ name, side: 2 * n > sides.length ? most : null, n, of: sides.length }];
  });
}
