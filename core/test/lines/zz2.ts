import { readFileSync } from 'node:fs';
import { readLine } from '../../src/lines/readLine';
import { shippedLarder } from '../../src/larder/larder';
for (const line of readFileSync(process.argv[2] ?? '/tmp/mine.txt', 'utf8').trim().split('\n')) {
  const r = readLine(line, { larder: shippedLarder, measures: (process.argv[3] ?? 'metric') as never });
  console.log(`${line}  →  ${r.parts.map((p) => `${p.ingredient} ${p.massG.toFixed(1)} "${p.amount}"${p.place !== 'bowl' ? ' ' + p.place : ''}${p.raw ? ' raw ' + p.raw.massG.toFixed(0) : ''}${p.optional ? ' opt' : ''}`).join('; ')}${r.ask.map((a) => ` ASK ${a.kind}: ${a.why} [${a.candidates}] ${a.part ? `${a.part.amount} ${a.part.massG.toFixed(1)} ${a.part.place}` : ''}`).join('; ')} ${r.skipped ? `(${r.skipped})` : ''}`);
}
