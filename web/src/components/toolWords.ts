import type { Machine } from '@cobbet/core/kitchen/machines';

export type Tool = Pick<Machine, 'name' | 'stallBody'>;

/** What never stalls is worked by hand. */
export const isHandTool = ({ stallBody }: Tool) => stallBody === null;

/** Where a dip is made: `in the food processor`, `with the fork`. */
export function withTool(tool: Tool): string {
  return `${isHandTool(tool) ? 'with' : 'in'} the ${tool.name}`;
}

/** Where a reading is taken from: `from the machine`, and nowhere in particular by hand. */
export function fromTool(tool: Tool): string {
  return isHandTool(tool) ? 'as it is made' : 'from the machine';
}
