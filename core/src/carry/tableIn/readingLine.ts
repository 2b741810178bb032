import { bodyWords } from '../../mix/bodyWords';
import { readingSchema } from '../../readings/readingSchema';
import type { ReadingTaken } from '../../readings/takeReading';
import { cannot, type Line, numberIn, type Outcome, type Taking, yesIn } from './taking';
import { dipOf, trialOf } from './trialLines';

/** Figures of a test by their columns. */
const figures = {
  ring: {
    'diameter mm': 'diameterMm',
    'height mm': 'heightMm',
    'ring mm': 'ringMm',
    'ring height mm': 'ringHeightMm',
    'g per ml': 'densityGPerMl',
  },
  press: { 'diameter mm': 'diameterMm', 'load g': 'loadG', 'volume ml': 'volumeMl' },
} as const;

function takenIn(line: Line): ReadingTaken | string {
  const how = (line['how'] ?? '').toLowerCase().replace(/^by /, '');
  if (how === 'eye') {
    const word = (line['word'] ?? '').toLowerCase();
    const found = bodyWords.find((one) => one === word);
    return found ? { eye: found } : `“${word}” is none of ${bodyWords.join(', ')}.`;
  }
  if (how !== 'ring' && how !== 'press') return `how “${how}” is none of eye, ring, press.`;
  const test: Record<string, unknown> = {};
  for (const [column, name] of Object.entries(figures[how])) {
    const value = numberIn(line, column);
    if (typeof value === 'string') return value;
    if (value !== null) test[name] = value;
  }
  if (how === 'press') {
    const coarse = yesIn(line, 'coarse');
    if (typeof coarse === 'string') return coarse;
    test['coarse'] = coarse;
  }
  const { value, error } = readingSchema.validate({ [how]: test }) as {
    value: ReadingTaken;
    error?: Error;
  };
  return error ? error.message : value;
}

/** Takes a line of readings: one that its trial does not have yet. */
export function readingLine(line: Line, taking: Taking): Outcome {
  const dip = dipOf(line, taking);
  if (typeof dip === 'string') return cannot(dip);
  const trial = trialOf(line, dip, taking);
  if (typeof trial === 'string') return cannot(trial);
  if (!trial) return cannot(`${dip.name} has no trial ${line['trial'] ?? ''}.`);
  const at = Date.parse(line['taken at'] ?? '');
  if (Number.isNaN(at)) return cannot(`taken at “${line['taken at'] ?? ''}” is no time.`);
  const takenAt = new Date(at).toISOString();
  const when = line['when'] === '' ? 'chilled' : line['when'];
  if (when !== 'machine' && when !== 'chilled') {
    return cannot(`when “${when ?? ''}” is neither machine nor chilled.`);
  }
  const atC = numberIn(line, '°C');
  if (typeof atC === 'string') return cannot(atC);
  const leftOut = yesIn(line, 'left out');
  if (typeof leftOut === 'string') return cannot(leftOut);
  const taken = takenIn(line);
  if (typeof taken === 'string') return cannot(taken);
  const [way] = Object.keys(taken);
  const known = trial.readings.some(
    (one) => one.takenAt === takenAt && Object.keys(one.taken)[0] === way,
  );
  if (known) return 'same';
  const reading = { taken, atC, when, takenAt, leftOut } as const;
  return taking.take('trials', { ...trial, readings: [...trial.readings, reading] });
}
