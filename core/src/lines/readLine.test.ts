import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { judge, type JudgedLine } from '../../test/lines/judge';
import judged from '../../test/lines/lines.json';
import { ingredient } from '../../test/larderIngredient';
import type { Measure } from '../amounts/amount';
import { printAmount } from '../amounts/printAmount';
import { readGrams } from '../amounts/toGrams';
import { larderWith, shippedLarder } from '../larder/larder';
import type { ReadPart } from './lineReading';
import { readLine } from './readLine';

const metric = { larder: shippedLarder, measures: 'metric' } as const;
const read = (line: string) => readLine(line, metric);

/** The one part of a line that is asked nothing about. */
function only(line: string): ReadPart {
  const { parts, ask } = read(line);
  const [part] = parts;
  if (!part || parts.length > 1 || ask.length > 0) {
    throw new Error(`${line}: ${parts.length} parts, ${ask.map(({ why }) => why).join('; ')}`);
  }
  return part;
}

describe('the judged lines', () => {
  const verdicts = (judged as unknown as JudgedLine[]).map((line) => {
    const { measures } = line;
    const reading = readLine(line.line, { larder: shippedLarder, measures: measures as 'us' });
    return { line: line.line, ...judge(line, reading) };
  });
  const wrong = verdicts.filter(({ verdict }) => verdict === 'wrong');

  test('are 240, and 97 in 100 are read right or rightly asked about', () => {
    expect(verdicts.length).toBe(240);
    const told = wrong.map(({ line, faults }) => `${line}: ${faults.join(', ')}`);
    expect([told.length <= 0.03 * 240, told]).toEqual([true, told]);
  });

  test('are never another food or 0 g in silence', () => {
    const silent = wrong.filter(({ faults }) =>
      faults.some((one) => one === 'another food in silence' || one === '0 g in silence'),
    );
    expect(silent.map(({ line }) => line)).toEqual([]);
  });

  test('that are asked about have the right food among the candidates', () => {
    const missed = wrong.filter(({ faults }) => faults.includes('not among the candidates'));
    expect(missed.map(({ line }) => line)).toEqual([]);
  });
});

describe('how warm a line says its food goes in', () => {
  test.each([
    ['3 tbsp boiling water', 100],
    ['60 ml ice-cold water', 2],
    ['60 ml just-boiled water', 95],
    ['4 tbsp freshly boiled water', 95],
    ['200 g boiled chickpeas', undefined],
    ['4 tbsp hot vegetable stock', 80],
    ['100 g warm cooked chickpeas', 45],
    ['3 tbsp water', undefined],
    ['1 tsp hot sauce', undefined],
    ['2 tbsp cold-pressed rapeseed oil', undefined],
  ])('%s', (line, atC) => {
    expect(only(line).atC).toBe(atC);
  });
});

describe('the judge of lines', () => {
  const wanted: JudgedLine = {
    line: '100 g walnuts',
    want: [{ ingredient: ['walnut'], g: [97, 103] }],
    mayAsk: false,
  };
  const part = { ...only('100 g walnuts') };

  test.each([
    ['right', part, []],
    ['another food in silence', { ...part, ingredient: 'pecan' }, ['another food in silence']],
    ['mass in silence', { ...part, massG: 110 }, ['mass in silence']],
    ['0 g in silence', { ...part, massG: 0 }, ['0 g in silence']],
    ['place', { ...part, place: 'top' as const }, ['place']],
  ])('sees %s', (_, given, faults) => {
    expect(judge(wanted, { parts: [given], ask: [], skipped: null }).faults).toEqual(faults);
  });

  test('sees what is lost and what is asked without need', () => {
    expect(judge(wanted, { parts: [], ask: [], skipped: 'note' }).faults).toEqual(['part lost']);
    const ask = [
      { text: '', kind: 'food' as const, why: '', food: 'walnut', candidates: ['walnut'] },
    ];
    expect(judge(wanted, { parts: [], ask, skipped: null }).faults).toEqual(['needless question']);
  });
});

describe('amounts and foods in any order', () => {
  // g worked out by hand from the larder’s pieces and densities
  test.each([
    ['juice of half a lemon', 'lemon-juice', 23],
    ['½ lemon, juiced', 'lemon-juice', 23],
    ['zest of 1 lemon', 'lemon-zest', 4.5],
    ['a lemon and a half, juiced', 'lemon-juice', 69],
    // cups of 250 ml at 0.998, a can of 240 g drained
    ['a cup and a half of water', 'water', 374.3],
    ['a can and a half of chickpeas', 'chickpeas-canned-drained', 360],
    ['2 cups and a quarter water', 'water', 561.4],
    ['1 tsp and a third of water', 'water', 6.65],
    ['garlic, 2 cloves', 'garlic-raw', 8],
    ['1 fat clove garlic', 'garlic-raw', 5.6],
    ['8 walnut halves', 'walnut', 16],
    ['2 cm of ginger', 'ginger-raw', 10],
    ['thumb-sized piece of ginger', 'ginger-raw', 20],
    ['12 cherry tomatoes', 'tomato-fresh', 180],
    ['2.250 g chickpeas, cooked', 'chickpeas-cooked', 2250],
    ['1,250 g cooked chickpeas', 'chickpeas-cooked', 1250],
    ['two 400g tins of butter beans', 'butter-beans-canned-drained', 489.6],
    ['2 cans black beans', 'black-beans-canned-drained', 489.6],
    ['1 x 250 g tub ricotta', 'ricotta', 250],
    ['2 cups loosely packed fresh basil leaves', 'basil', 2 * 250 * 0.152 * 0.65],
    ['1 small bunch dill', 'dill', 30 * 0.62],
    ['280 g roasted pumpkin', 'pumpkin-roasted', 280],
    ['1 tbsp roasted garlic oil', 'garlic-oil', 15 * 0.916],
    ['1/2 tsp red pepper flakes', 'chilli-flakes', 2.5 * 0.35],
    ['splash of chickpea cooking water', 'bean-cooking-liquid', 7.07],
    ['dash of paprika', 'paprika-sweet', 0.6 * 0.465],
    ['a couple of grinds pepper', 'black-pepper', 2 * 0.2 * 0.467],
    ['half of 4 oz lemon juice', 'lemon-juice', 56.7],
    ['Olive oil: 90 ml', 'olive-oil-extra-virgin', 82.2],
    ['100 ml of the cooking liquid', 'bean-cooking-liquid', 101],
    ['3 medjool dates', 'date-dried', 48],
    ['a knob of butter', 'butter', 15],
    ['1 roasted garlic bulb', 'garlic-roasted', 33],
    ['3 lg cloves garlic', 'garlic-raw', 16.8],
    ['1 tbsp oil from the jar of sun-dried tomatoes', 'olive-oil-extra-virgin', 13.7],
  ])('%s', (line, id, massG) => {
    const part = only(line);
    expect(part.ingredient).toBe(id);
    expect(part.massG / massG).toBeCloseTo(1, 2);
  });

  test('the range of a pinch is wide and that of a scale narrow', () => {
    const wide = only('pinch of salt');
    const narrow = only('40 g salt');
    expect(wide.high / wide.low).toBeGreaterThan(2);
    expect(narrow.high / narrow.low).toBeLessThan(1.06);
  });
});

describe('its state decides what a thing is', () => {
  test.each([
    ['250 g dried chickpeas', 'chickpeas-cooked', 250, 550],
    ['250 g dried chickpeas, soaked overnight', 'chickpeas-cooked', 250, 550],
    ['1 cup dried chickpeas', 'chickpeas-cooked', 250 * 0.82, 250 * 0.82 * 2.2],
    ['2 1/4 lb raw aubergine', 'aubergine-roasted-drained', 1020.6, 1020.6 * 0.45],
    ['500 g plain yogurt, hung overnight', 'labneh', 500, 250],
    ['200 g pistachios in their shells', 'pistachio', 200, 104],
    ['300 g raw pumpkin', 'pumpkin-roasted', 300, 180],
    ['1 kg broad beans in their pods', 'broad-beans-fresh-boiled', 1000, 330],
  ])('%s is an amount of the raw thing', (line, id, rawG, readyG) => {
    const part = only(line);
    expect(part.ingredient).toBe(id);
    expect(part.raw?.massG).toBeCloseTo(rawG, 0);
    expect(part.massG).toBeCloseTo(readyG, 0);
  });

  test.each([
    ['1 cup chickpeas, canned and rinsed', 'chickpeas-canned-rinsed'],
    ['200 g chickpeas, boiled', 'chickpeas-cooked'],
    ['2 heads garlic, roasted', 'garlic-roasted'],
    ['2 red peppers, roasted and peeled', 'red-pepper-roasted'],
    ['1 whole roasted garlic bulb', 'garlic-roasted'],
    ['200 g jarred roasted red peppers', 'red-pepper-jarred'],
    ['1 small cucumber, grated and squeezed', 'cucumber-squeezed'],
    ['1 tsp dried mint', 'mint-dried'],
    ['1 onion, fried until golden', 'onion-sauteed'],
    ['1 clove garlic, raw, not roasted', 'garlic-raw'],
  ])('%s', (line, id) => {
    expect(only(line).ingredient).toBe(id);
  });
});

describe('several foods in one line', () => {
  test.each([
    ['2 tbsp each of lime juice and tahini', ['lime-juice 30.9', 'tahini-hulled 30.9']],
    ['zest and juice of 1 lime', ['lime-zest 2.0', 'lime-juice 26.0']],
    ['2 limes, juiced and zested', ['lime-zest 4.0', 'lime-juice 52.0']],
    ['2 limes, zested and juiced', ['lime-zest 4.0', 'lime-juice 52.0']],
    ['zest of 1 lemon + juice of 2', ['lemon-zest 4.5', 'lemon-juice 92.0']],
    ['2 garlic cloves crushed with 1/2 tsp salt', ['garlic-raw 8.0', 'sea-salt-fine 2.9']],
    [
      'Olive oil and lemon juice, 3 tbsp and 1 tbsp',
      ['olive-oil-extra-virgin 41.1', 'lemon-juice 15.5'],
    ],
    [
      '1 tin chickpeas, liquid and all',
      ['chickpeas-canned-drained 240.0', 'chickpea-can-liquid 158.1'],
    ],
    [
      '1 tin chickpeas and their liquid',
      ['chickpeas-canned-drained 240.0', 'chickpea-can-liquid 158.1'],
    ],
    [
      '2 tins of chickpeas + their liquid',
      ['chickpeas-canned-drained 480.0', 'chickpea-can-liquid 316.2'],
    ],
    [
      '1 tin chickpeas and the juice of 1 lemon',
      ['chickpeas-canned-drained 240.0', 'lemon-juice 46.0'],
    ],
  ])('%s', (line, parts) => {
    const { parts: got, ask } = read(line);
    expect(ask).toEqual([]);
    expect(got.map(({ ingredient: id, massG }) => `${id} ${massG.toFixed(1)}`)).toEqual(parts);
  });

  test.each([
    '8 cloves garlic, poached gently in oil, drained',
    '2 cups kale, massaged with a little oil',
  ])('what is only cooked in or with goes in nowhere: %s', (line) => {
    expect(read(line).parts.length).toBe(1);
  });

  test('a spoon that is no measure of its own is heaped in millilitres', () => {
    // 15 ml, half as much again, of tahini at 1.06 g/ml
    const [part] = read('1 heaped soup spoon dark tahini').parts;
    expect(part?.amount).toBe('22.5 ml');
    expect(part?.massG).toBeCloseTo(22.5 * 1.06, 0);
  });

  test('one amount for two foods is asked about', () => {
    const { parts, ask } = read('basil and parsley, 40 g altogether');
    expect(parts).toEqual([]);
    expect(ask.map(({ part }) => part?.massG)).toEqual([20, 20]);
  });
});

describe('where it goes, and whether', () => {
  test.each([
    ['scatter 1 tbsp toasted pumpkin seeds over it', 'top'],
    ['50 g feta, crumbled over', 'top'],
    ['1 tbsp chopped parsley to garnish', 'top'],
    ['fold in 2 tbsp chives', 'fold'],
    ['stir 60 g feta through at the end', 'fold'],
    ['now blend through 3 tbsp lime juice', 'bowl'],
  ])('%s', (line, place) => {
    expect(only(line).place).toBe(place);
  });

  test('an extra for the top is a part of its own, and open', () => {
    const { parts, ask } = read('1 tbsp tahini, plus extra to serve');
    expect(parts.map(({ place, massG }) => [place, Math.round(massG)])).toEqual([['bowl', 15]]);
    expect(ask.map(({ kind, part }) => [kind, part?.place])).toEqual([['open', 'top']]);
  });

  test('what may be left out is marked', () => {
    expect(only('1 anchovy fillet (optional)').optional).toBe(true);
    expect(only('1 anchovy fillet').optional).toBeUndefined();
  });

  test.each(['no salt', 'leave out the cumin this time', 'without tahini', "don't add salt"])(
    'nothing comes of %s',
    (line) => {
      expect(read(line)).toEqual({ parts: [], ask: [], skipped: 'note' });
    },
  );
});

describe('what is not sure is asked about', () => {
  test('a measure nobody knows is asked about, and is never so many of the food', () => {
    for (const line of ['two blorps of rocket', '3 schmears of tahini']) {
      const { parts, ask } = read(line);
      expect([line, parts, ask.map(({ why }) => why)]).toEqual([
        line,
        [],
        [expect.stringMatching(/^“(blorps|schmears)” is no measure known here/)],
      ]);
    }
    expect(only('2 leaves of basil').amount).toBe('2 leaves');
  });

  test('a weight out of a tin is of what comes out of it, and is asked about where nothing says drained', () => {
    const said = only('250 g butter beans out of a tin, drained');
    expect(said.massG).toBeCloseTo(250, 6);
    expect(only('250 g drained butter beans from a can').massG).toBeCloseTo(250, 6);
    const { ask } = read('250 g butter beans out of a tin');
    expect(ask.map(({ why }) => why)).toEqual(['Is that drained, or the whole can?']);
    // a tin of so much is still a tin of so much
    expect(only('a 400 g tin of butter beans').amount).toBe('a 400 g tin');
  });

  test('a spoon without a figure is one, and a fistful is a handful', () => {
    expect(only('tsp cumin').massG).toBeCloseTo(only('1 tsp cumin').massG, 9);
    expect(only('heaped tsp smoked paprika').massG).toBeCloseTo(
      only('1 heaped tsp smoked paprika').massG,
      9,
    );
    expect(only('two fistfuls of rocket').massG).toBe(only('2 handfuls rocket').massG);
  });

  test.each([
    '2 tsp tomato ketchup',
    '1 tsp celery salt',
    '2 tbsp oat milk',
    '100 ml almond milk',
    '1 tsp malt vinegar',
    '2 kaffir lime leaves',
    '1 tbsp juice from the roasted peppers',
    '1 cup cooked rice',
    '5 ml vanilla',
    '1 tbsp chickpea flour',
    '80 g parmesan rind',
  ])('another food than the larder has: %s', (line) => {
    const { parts, ask } = read(line);
    expect(parts).toEqual([]);
    expect(ask[0]?.kind).toBe('food');
    expect(ask[0]?.why).toContain('not in the larder');
  });

  test('what is not known is said back as it was written, though a word of it looks like another', () => {
    const { ask } = read('Stale crust, 30 g');
    expect(ask.map(({ why }) => why)).toEqual(['“stale crust” is not in the larder.']);
  });

  test.each([
    ['1 tsp coriander', ['coriander-leaf', 'coriander-seed-ground']],
    ['1 tbsp vinegar', ['white-wine-vinegar', 'red-wine-vinegar', 'cider-vinegar']],
    ['1 cup lentils', ['brown-green-lentils-cooked', 'red-lentils-cooked']],
    ['200 g chickpeas, not canned', ['chickpeas-cooked']],
  ])('which form: %s', (line, candidates) => {
    const { parts, ask } = read(line);
    expect(parts).toEqual([]);
    expect(ask.map(({ kind, candidates: ids }) => [kind, ids])).toEqual([['form', candidates]]);
  });

  test.each([
    '1 cup (110 g) tahini',
    'a wineglass of olive oil',
    'a pot of yoghurt',
    '2 cups ground cumin',
    '40 cloves garlic, raw',
    '1/0 cup tahini',
    '1/4 teaspoon bicarbonate of soda, for soaking',
  ])('an amount that can hardly be right or known: %s', (line) => {
    const { parts, ask } = read(line);
    expect(parts).toEqual([]);
    expect(ask.length).toBe(1);
  });

  test('an answer given before is not asked for again', () => {
    const picked = new Map([['coriander', 'coriander-leaf']]);
    const { parts } = readLine('1 tsp coriander', { ...metric, picked });
    expect(parts.map(({ ingredient }) => ingredient)).toEqual(['coriander-leaf']);
  });
});

test('a thing of one’s own goes by its own name, before anything shipped', () => {
  const larder = larderWith([{ id: 'my-red', like: 'kidney-beans-red-cooked', name: 'Red beans' }]);
  for (const line of ['200 g red beans', '200 g of my red beans', 'red beans, 200 g']) {
    const { parts } = readLine(line, { larder, measures: 'metric' });
    expect(parts.map(({ ingredient: id }) => id)).toEqual(['my-red']);
  }
  const named = larderWith([
    { id: 'my-own', like: 'kidney-beans-red-cooked', name: 'My red beans' },
  ]);
  const { parts } = readLine('200 g my red beans', { larder: named, measures: 'metric' });
  expect(parts.map(({ ingredient: id }) => id)).toEqual(['my-own']);
});

describe('of any line', () => {
  const weighed = fc.constantFrom('walnut', 'feta', 'tahini-hulled', 'lemon-juice', 'parsley');
  const unit = fc.constantFrom<Measure['unit']>('g', 'oz', 'cup', 'tbsp', 'tsp', 'ml');
  const name: Record<string, string> = {
    walnut: 'walnuts',
    feta: 'feta',
    'tahini-hulled': 'tahini',
    'lemon-juice': 'lemon juice',
    parsley: 'parsley',
  };

  test('a printed amount comes back to the same grams, before its food or after it', () => {
    fc.assert(
      fc.property(weighed, unit, fc.integer({ min: 1, max: 24 }), (id, of, quarters) => {
        const value = quarters / 4;
        const text = printAmount({
          kind: 'measured',
          terms: [{ value, low: value, high: value, unit: of }],
        });
        const grams = readGrams(text, ingredient(id), 'metric');
        if (!grams.ok) throw new Error(grams.error.message);
        for (const line of [
          `${text} ${name[id]}`,
          `${name[id]}, ${text}`,
          `${name[id]} - ${text}`,
        ]) {
          const part = only(line);
          expect([line, part.ingredient]).toEqual([line, id]);
          expect(part.massG).toBeCloseTo(grams.value.massG, 6);
          // and the row it becomes reads the same again
          const again = readGrams(part.amount, ingredient(id), 'metric');
          expect(again.ok && again.value.massG).toBeCloseTo(part.massG, 6);
        }
      }),
    );
  });

  test('no part weighs nothing, and no line throws or ends in nothing at all', () => {
    const words = fc.constantFrom(
      ...'2 1/2 half a of cup tbsp g x ( ) , + and or plus each salt olive oil lemon juice zest garlic cloves not no to taste roasted dried canned pumpkin seeds some little over on top fold'.split(
        ' ',
      ),
    );
    const line = fc.oneof(
      fc.array(words, { maxLength: 14 }).map((list) => list.join(' ')),
      fc.string({ maxLength: 80 }),
      fc.string({ unit: 'binary', maxLength: 60 }),
    );
    fc.assert(
      fc.property(line, (text) => {
        const { parts, ask, skipped } = read(text);
        for (const { massG, low, high } of parts) {
          expect(massG).toBeGreaterThan(0);
          expect(low).toBeLessThanOrEqual(massG);
          expect(high).toBeGreaterThanOrEqual(massG);
        }
        expect(parts.length + ask.length > 0).toBe(skipped === null);
        for (const { candidates } of ask) expect(candidates.length).toBeLessThanOrEqual(3);
      }),
      { numRuns: 400 },
    );
  });
});
