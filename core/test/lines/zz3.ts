import recipes from './recipes.json';
import { judge } from './judge';
import { readRecipe } from '../../src/lines/readRecipe';
import { shippedLarder } from '../../src/larder/larder';
for (const r of recipes as any[]) {
  const got = readRecipe(r.text, { larder: shippedLarder, measures: r.measures });
  console.log('##', got.title, '|', got.makes);
  for (const l of got.lines) {
    const want = r.want.find((w: any) => w.line === l.text);
    const v = want ? judge(want, l) : null;
    if (want ? v!.verdict === 'wrong' : l.parts.length + l.ask.length > 0) console.log(' WRONG', v?.faults, JSON.stringify(l));
    else if (process.argv[2]) console.log(' ', v?.verdict ?? l.skipped, l.text, '→', l.parts.map((p) => `${p.ingredient} ${p.massG.toFixed(0)} ${p.place}`).join('; '), l.ask.map((a) => `ASK ${a.why}`).join('; '));
  }
  for (const w of r.want) if (!got.lines.some((l) => l.text === w.line)) console.log('  MISSING', w.line);
}
