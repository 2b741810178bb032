import { sameValue } from '../../book/mergeRecords';
import type { Tasting } from '../../taste/tasting';
import { readTastingCsv } from '../../taste/tastingCsv';
import { csvTable } from '../csvTable';
import { tableFields } from '../tableColumns';
import { cannot, type Line, type Outcome, type Taking } from './taking';

/** What the table has and a tasting's own file has not, or calls otherwise. */
const fields = tableFields.tastings.map(({ name }) => name).filter((name) => name !== 'tasting');
const heads = fields.map((name) => (name === 'pot' ? 'code' : name));

/** Marks by whose and of what they are: one that is made anew stands behind the others. */
const marksOf = ({ marks }: Tasting) =>
  [...marks].sort((a, b) => `${a.seatId} ${a.code}`.localeCompare(`${b.seatId} ${b.code}`));

/** Takes a line of marks, by the reader of its tasting's own file. */
export function tastingLine(line: Line, taking: Taking): Outcome {
  const name = line['tasting'] ?? '';
  const found = [...taking.book.tastings.values()].filter((one) => one.name === name);
  const [tasting] = found;
  if (!tasting) return cannot(`There is no tasting “${name}”.`);
  if (found.length > 1) return cannot(`Several tastings are called “${name}”.`);
  const own = csvTable(heads, [fields.map((field) => line[field] ?? '')]);
  // a closed one takes no marks and does not say so
  const open = { ...tasting, closedAt: null };
  const { tasting: marked, faults } = readTastingCsv(open, own);
  const [fault] = faults;
  if (fault) return cannot(fault.says);
  if (sameValue(marksOf(marked), marksOf(open))) return 'same';
  if (tasting.closedAt !== null)
    return cannot(`“${name}” is closed: open it again to change marks.`);
  return taking.take('tastings', marked);
}
