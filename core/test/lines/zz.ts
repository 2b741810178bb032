import lines from './lines.json';
import { judge, type JudgedLine } from './judge';
import { readLine } from '../../src/lines/readLine';
import { shippedLarder } from '../../src/larder/larder';
const filter = process.argv[2];
let n = { right: 0, asked: 0, wrong: 0 }; const faults: Record<string, number> = {};
const t0 = performance.now();
for (const line of lines as unknown as JudgedLine[]) {
  if (filter && !line.line.includes(filter)) continue;
  const reading = readLine(line.line, { larder: shippedLarder, measures: line.measures as never });
  const { verdict, faults: f } = judge(line, reading);
  n[verdict] += 1; for (const one of f) faults[one] = (faults[one] ?? 0) + 1;
  if (verdict === 'wrong' || filter) console.log(`${f.join(', ')} | ${line.line} | want ${line.want.map((w) => `${w.ingredient.join('/')||w.missing} ${w.g}${w.place ? ' ' + w.place : ''}${w.readyG ? ' ready ' + w.readyG : ''}`).join('; ')} ${line.mustAsk ? 'MUST' : line.mayAsk ? 'may' : ''} | got ${reading.parts.map((p) => `${p.ingredient} ${p.massG.toFixed(1)} "${p.amount}" ${p.place} ${p.raw ? 'raw ' + p.raw.massG.toFixed(0) : ''}`).join('; ')} ASK ${reading.ask.map((a) => `${a.kind}: ${a.why} [${a.candidates}] ${a.part ? a.part.massG.toFixed(1) : ''}`).join('; ')} ${reading.skipped ?? ''}`);
}
console.log(n, faults, ((performance.now() - t0) / lines.length).toFixed(2), 'ms');
