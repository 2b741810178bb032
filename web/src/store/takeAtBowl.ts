import { withAdditions } from '@cobbet/core/book/runEdits';
import type { Addition } from '@cobbet/core/proposal/edit';
import { newId } from './newId';
import { editRun } from './runCommands';

/** Logs additions to a bowl as one step of undo, in place of a planned one where that is named. */
export function takeAtBowl(
  runId: string,
  additions: readonly Addition[],
  instead?: string,
): Promise<boolean> {
  const ids = additions.map(newId);
  const at = new Date().toISOString();
  const names = additions.map(({ amount }) => amount).join(', ');
  return editRun(runId, `Add ${names}`, (run) => withAdditions(run, additions, ids, at, instead));
}
