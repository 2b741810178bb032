import { spawn } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beforeAll, describe, expect, jest, test } from '@jest/globals';

// each call is a process of its own, and a machine may be many times slower
jest.setTimeout(120_000);

const script = join(__dirname, '../../scripts/cobbet.mjs');
const folder = mkdtempSync(join(tmpdir(), 'cobbet-'));

interface Ran {
  code: number | null;
  out: string;
  err: string;
}

/** Runs the command line as a cook would. */
function cobbet(args: string[], input?: string): Promise<Ran> {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, [script, ...args]);
    let out = '';
    let err = '';
    child.stdout.on('data', (chunk: Buffer) => (out += chunk.toString()));
    child.stderr.on('data', (chunk: Buffer) => (err += chunk.toString()));
    child.on('close', (code) => resolve({ code, out, err }));
    child.stdin.on('error', () => undefined);
    child.stdin.end(input ?? '');
  });
}

function file(name: string, text: string): string {
  const path = join(folder, name);
  writeFileSync(path, text);
  return path;
}

const dip = {
  parts: [
    { ingredient: 'tahini', amount: '1/3 cup' },
    { ingredient: 'water', amount: '60 g' },
  ],
};

beforeAll(async () => {
  // the first call may bundle
  await cobbet(['help']);
}, 60_000);

describe('answers as JSON', () => {
  test('analyse of a file and of standard input agree', async () => {
    const fromFile = await cobbet(['analyse', file('dip.json', JSON.stringify(dip))]);
    const piped = await cobbet(['analyse', '-'], JSON.stringify(dip));
    expect(fromFile.code).toBe(0);
    expect(piped.out).toBe(fromFile.out);
    expect(JSON.parse(fromFile.out)).toMatchObject({
      allergens: ['sesame'],
      body: { continuous: 'water' },
    });
  });

  test('lines takes the text of a recipe as it is, with the measures of its cook', async () => {
    const path = file('dip.txt', '1 tbsp tahini\n1 tsp coriander\n');
    const fromFile = await cobbet(['lines', path, '--measures', 'australian']);
    const piped = await cobbet(
      ['lines', '-', '--measures=australian'],
      '1 tbsp tahini\n1 tsp coriander\n',
    );
    expect([fromFile.code, piped.out]).toEqual([0, fromFile.out]);
    expect(JSON.parse(fromFile.out)).toMatchObject({
      parts: [{ line: 1, ingredient: 'tahini-hulled', massG: expect.closeTo(20.6, 6) }],
      ask: [{ line: 2, candidates: ['coriander-leaf', 'coriander-seed-ground'] }],
    });
    const wrong = await cobbet(['lines', path, '--measures', 'roman']);
    expect([wrong.code, JSON.parse(wrong.out).error.field]).toEqual([2, 'measures']);
  });

  test('advise, stage and loads of one bowl', async () => {
    const bowl = {
      parts: [
        { ingredient: 'chickpeas-canned-drained', amount: '330 g' },
        { ingredient: 'tahini', amount: '80 g' },
        { ingredient: 'water', amount: '60 g' },
      ],
      kitchen: { machine: 'jug-blender' },
    };
    const asked = { ...bowl, target: { saltG: [1, 1.2] }, atHand: ['sea-salt-fine'] };
    const advice = await cobbet(['advise', '-'], JSON.stringify(asked));
    expect(advice.code).toBe(0);
    expect(JSON.parse(advice.out)).toMatchObject({
      met: false,
      suggestions: [{ add: [{ ingredient: 'sea-salt-fine' }], meets: true }],
    });
    const staged = await cobbet(['stage', '-'], JSON.stringify(bowl));
    expect(JSON.parse(staged.out)).toMatchObject({ machine: 'jug-blender', stallBody: 8.5 });
    const made = await cobbet(
      ['loads', '-'],
      JSON.stringify({ ...bowl, leastMl: 50, mostMl: 200 }),
    );
    const { count, volumeMl } = JSON.parse(made.out) as { count: number; volumeMl: number };
    expect(count).toBe(Math.ceil(volumeMl / 200));
    const wrong = await cobbet(['advise', '-'], JSON.stringify({ ...asked, atHand: ['gravel'] }));
    expect(wrong.code).toBe(2);
    expect(JSON.parse(wrong.out)).toMatchObject({ error: { field: 'atHand[0]' } });
  });

  test('land, with exit 0 whether it lands or not', async () => {
    const target = { freshBody: [5.5, 6.5] };
    const lands = await cobbet(['land', '-'], JSON.stringify({ ...dip, target }));
    expect([lands.code, JSON.parse(lands.out).feasible]).toEqual([0, true]);
    const never = await cobbet(
      ['land', '-'],
      JSON.stringify({ ...dip, target: { saltG: [50, 60] } }),
    );
    expect([never.code, JSON.parse(never.out).feasible]).toEqual([0, false]);
  }, 20_000);

  test('reading', async () => {
    const { code, out } = await cobbet(['reading', '-'], '{"press":{"diameterMm":40}}');
    expect(code).toBe(0);
    expect(JSON.parse(out)).toMatchObject({ sd: 0.25, inRange: true });
  });

  test('convert', async () => {
    const { code, out } = await cobbet(['convert', '1 cup', 'water', '--measures', 'metric']);
    expect(code).toBe(0);
    expect(JSON.parse(out)).toMatchObject({ ingredient: 'water', massG: 249.5, volumeMl: 250 });
  });
});

describe('bad input is exit 2 with a field and a sentence, never a stack trace', () => {
  const big = `{"parts":"${'x'.repeat(1_000_001)}"}`;
  test.each<[string, string[], string | undefined, string, string]>([
    ['no such command', ['fry'], undefined, 'command', 'fry'],
    ['no file named', ['analyse'], undefined, 'FILE', 'which file'],
    ['no such file', ['analyse', join(folder, 'gone.json')], undefined, 'FILE', 'no such file'],
    ['a folder', ['analyse', folder], undefined, 'FILE', "can't be read"],
    ['no JSON', ['analyse', '-'], '{', '', 'not JSON'],
    ['over 1 MB on standard input', ['analyse', '-'], big, '', 'over 1 MB'],
    [
      'a bad amount',
      ['analyse', '-'],
      '{"parts":[{"ingredient":"water","amount":"2 blorps"}]}',
      'parts[0].amount',
      'blorps',
    ],
    ['two files', ['analyse', 'a', 'b'], undefined, 'b', 'one file'],
    ['convert without amount', ['convert'], undefined, 'amount', 'how much'],
    ['convert without ingredient', ['convert', '1 cup'], undefined, 'ingredient', 'of what'],
    [
      'convert with too many words',
      ['convert', '1', 'cup', 'water'],
      undefined,
      'water',
      'one word too many',
    ],
    [
      'convert in no system',
      ['convert', '1 cup', 'water', '--measures=uk'],
      undefined,
      'measures',
      'none of',
    ],
  ])('%s', async (_, args, input, field, words) => {
    const { code, out, err } = await cobbet(args, input);
    expect(code).toBe(2);
    const { error } = JSON.parse(out) as { error: { field: string; message: string } };
    expect(error.field).toBe(field);
    expect(error.message).toContain(words);
    expect(`${out}${err}`).not.toMatch(/\n\s+at /);
  });

  test('over 1 MB in a file', async () => {
    const { code, out } = await cobbet(['land', file('big.json', big)]);
    expect(code).toBe(2);
    expect(JSON.parse(out).error.message).toContain('over 1 MB');
  });

  test('nothing asked shows how to ask', async () => {
    const { code, err } = await cobbet([]);
    expect(code).toBe(2);
    expect(err).toContain('cobbet -- analyse');
  });
});

describe('a book file', () => {
  const book = join(__dirname, '../../web/public/sample-book.json');

  test('a dip of it is carried out as a recipe, and the recipe is read as lines again', async () => {
    const out = await cobbet(['recipe', book, 'Butter bean and sage']);
    expect(out.code).toBe(0);
    const recipe = JSON.parse(out.out) as { recipeIngredient: string[] };
    expect(recipe).toMatchObject({ '@type': 'Recipe', name: 'Butter bean and sage' });
    const back = await cobbet(['recipe', '-'], out.out);
    const lines = JSON.parse(back.out) as { title: string; parts: unknown[]; ask: unknown[] };
    expect(lines.title).toBe('Butter bean and sage');
    expect(lines.parts.length + lines.ask.length).toBe(recipe.recipeIngredient.length);
    const wrong = await cobbet(['recipe', book, 'No such dip']);
    expect([wrong.code, JSON.parse(wrong.out).error.field]).toEqual([2, 'DIP']);
  });

  test('a table of it is CSV; another kind is refused', async () => {
    const { code, out } = await cobbet(['table', book, 'stock']);
    expect([code, out.split('\n')[0]]).toEqual([0, 'ingredient,name,amount,use by']);
    const wrong = await cobbet(['table', book, 'spoons']);
    expect([wrong.code, JSON.parse(wrong.out).error.field]).toEqual([2, 'KIND']);
  });

  test('what is looked for in it is found, with where it stands', async () => {
    const { out } = await cobbet(['search', book, 'watercres dips']);
    const [first] = JSON.parse(out) as { kind: string; title: string }[];
    expect(first?.kind).toBe('dip');
    expect(first?.title).toContain('Watercress');
    const none = await cobbet(['search', book]);
    expect([none.code, JSON.parse(none.out).error.field]).toEqual([2, 'words']);
  });

  test('two are joined; joined with itself a book is the same, and the wrong one of two is named', async () => {
    const joined = await cobbet(['join', book, book]);
    const told = JSON.parse(joined.out) as {
      book: { dips: unknown[]; trials: unknown[] };
      joined: { added: number; taken: number; conflicts: unknown[] };
    };
    expect(told.joined).toMatchObject({ added: 0, taken: 0, conflicts: [] });
    expect([told.book.dips.length, told.book.trials.length]).toEqual([14, 40]);
    const wrong = await cobbet(['join', book, file('half.json', '{ "format": "cobbet-book" }')]);
    expect(wrong.code).toBe(2);
    expect(JSON.parse(wrong.out).error.field).toMatch(/^second/);
  });
});
