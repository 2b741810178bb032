import { readGrams } from '../../amounts/toGrams';
import { sameValue } from '../../book/mergeRecords';
import { nextTrialNumber, type Trial } from '../../book/trial';
import type { TrialRow } from '../../book/trialRow';
import type { Dip } from '../../dip/dip';
import { workedMethod } from '../../dip/workedMethod';
import { readLine } from '../../lines/readLine';
import { type TasteMarks, tastes, type Verdict, verdicts } from '../../readings/tastes';
import { wentIn } from '../wentIn';
import { cannot, dayIn, type Line, numberIn, type Outcome, type Taking } from './taking';

/** The dip of a line; a sentence where there is none, or several of the name. */
export function dipOf(line: Line, { book }: Taking): Dip | string {
  const said = line['dip'] ?? '';
  const found = [...book.dips.values()].filter(
    ({ id, name }) => id === said || name.toLowerCase() === said.toLowerCase(),
  );
  const [dip] = found;
  if (!dip) return `There is no dip “${said}”.`;
  return found.length > 1 ? `Several dips are called “${said}”.` : dip;
}

/** The trial of a dip by its number; null where nobody has said one, or there is none yet. */
export function trialOf(line: Line, dip: Dip, taking: Taking): Trial | null | string {
  const number = numberIn(line, 'trial');
  if (typeof number === 'string') return number;
  if (number === null) return null;
  return taking.trialsOf(dip.id).get(number) ?? null;
}

/** `2 tbsp tahini` as it went in; a sentence where it can't be read, or not surely. */
function rowOf(text: string, taking: Taking): TrialRow | string {
  const { measures } = taking.now;
  // as the book writes it out: an amount and a name of the larder
  const named = taking.endsIn(text);
  const exact = named && {
    ingredient: named,
    amount: text.slice(0, -named.name.length).trim(),
  };
  const read = exact ?? lineRead(text, taking);
  if (typeof read === 'string') return read;
  const grams = readGrams(read.amount, read.ingredient, measures);
  if (!grams.ok) return `“${text}” has no amount that can be read.`;
  return {
    ...{ ingredientId: read.ingredient.id, planned: null, amount: read.amount },
    ...{ massG: grams.value.massG, cv: grams.value.cv, place: 'bowl' },
  };
}

function lineRead(text: string, taking: Taking) {
  const { larder, measures } = taking.now;
  const { parts, ask } = readLine(text, { larder, measures });
  const [doubt] = ask;
  if (doubt) return `“${text}”: ${doubt.why}`;
  const [part] = parts;
  const ingredient = part && larder.get(part.ingredient);
  if (!part || !ingredient || parts.length > 1) return `“${text}” is not one thing that went in.`;
  return { ingredient, amount: part.amount };
}

const listIn = (text = '') =>
  text
    .split(';')
    .map((one) => one.trim())
    .filter((one) => one !== '');

/** What went in, with what each weighed where the line says that of every one. */
function rowsOf(line: Line, taking: Taking): TrialRow[] | string {
  const rows: TrialRow[] = [];
  for (const text of listIn(line['what went in'])) {
    const row = rowOf(text, taking);
    if (typeof row === 'string') return row;
    rows.push(row);
  }
  if (rows.length === 0) return 'It does not say what went in.';
  const weighed = listIn(line['g each']);
  if (weighed.length === 0) return rows;
  const each = weighed.map(Number);
  return each.length === rows.length && each.every((one) => one >= 0)
    ? rows.map((row, i) => ({ ...row, massG: each[i] ?? row.massG }))
    : `g each “${line['g each'] ?? ''}” are not ${rows.length} weights.`;
}

function tastesIn(line: Line): TasteMarks | string {
  const marks: TasteMarks = {};
  for (const taste of tastes) {
    const said = (line[taste] ?? '').toLowerCase();
    if (said === '') continue;
    if (!(verdicts as readonly string[]).includes(said)) {
      return `${taste} “${said}” is none of ${verdicts.join(', ')}.`;
    }
    marks[taste] = said as Verdict;
  }
  return marks;
}

/** Takes a line of trials: a new one, or what it says anew of one there is. What went into that stays as it was logged. */
export function trialLine(line: Line, taking: Taking): Outcome {
  const dip = dipOf(line, taking);
  if (typeof dip === 'string') return cannot(dip);
  const known = trialOf(line, dip, taking);
  if (typeof known === 'string') return cannot(known);
  const madeOn = dayIn(line, 'made on');
  if (typeof madeOn === 'string') return cannot(madeOn);
  const marks = tastesIn(line);
  if (typeof marks === 'string') return cannot(marks);
  const yieldG = numberIn(line, 'g out');
  if (typeof yieldG === 'string') return cannot(yieldG);
  const went = line['what went in'] ?? '';
  const [notes, changeNext] = [line['notes'] ?? '', line['change next'] ?? ''];
  const madeBy = (line['made by'] ?? '').trim().slice(0, 60);
  const maker = madeBy === '' ? {} : { madeBy };
  if (known) {
    const before = wentIn(known, taking.now.larder);
    if (went !== '' && went !== before) {
      return cannot(
        `Trial ${known.number} of ${dip.name} is there already, with other things in it.`,
      );
    }
    const next = {
      ...known,
      tastes: { ...known.tastes, ...marks },
      yieldG: yieldG ?? known.yieldG,
      notes: notes === '' ? known.notes : notes,
      changeNext: changeNext === '' ? known.changeNext : changeNext,
      ...maker,
    };
    return sameValue(known, next) ? 'same' : taking.take('trials', next);
  }
  const rows = rowsOf(line, taking);
  if (typeof rows === 'string') return cannot(rows);
  const number = numberIn(line, 'trial');
  return taking.take('trials', {
    ...{ id: taking.newId(), dipId: dip.id, rows, machineId: dip.machineId, readings: [] },
    number:
      typeof number === 'number'
        ? number
        : nextTrialNumber(taking.trialsOf(dip.id).values(), dip.id),
    madeAt: `${madeOn?.day ?? taking.today}T12:00:00.000Z`,
    method: workedMethod(dip.method, dip.rows, taking.now.larder),
    ...{ tastes: marks, yieldG, notes, changeNext },
    ...maker,
  });
}
