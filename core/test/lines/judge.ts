import type { LineQuestion, LineReading, ReadPart } from '../../src/lines/lineReading';

/** One food a judged line must come to. */
export interface WantedPart {
  /** Ids that are all right, the best first; empty where the larder had none when it was judged. */
  ingredient: string[];
  /** g, from–to; of the raw thing with `raw`. */
  g: [number, number];
  raw?: boolean;
  /** g ready, where `raw`. */
  readyG?: [number, number];
  place?: string;
  toTaste?: boolean;
  optional?: boolean;
  /** The id of the food that was lacking, or `other`. */
  missing?: string;
}

/** What a judged line must come to. */
export interface JudgedLine {
  line: string;
  measures?: string;
  want: WantedPart[];
  mayAsk: boolean;
  mustAsk?: boolean;
  kind?: string;
}

export type Fault =
  | 'another food in silence'
  | '0 g in silence'
  | 'mass in silence'
  | 'place'
  | 'part lost'
  | 'part invented'
  | 'needless question'
  | 'missed question'
  | 'not among the candidates';

/** A verdict: right, rightly asked, or what is wrong. */
export interface Verdict {
  verdict: 'right' | 'asked' | 'wrong';
  faults: Fault[];
}

const idsOf = ({ ingredient, missing }: WantedPart) =>
  missing && missing !== 'other' ? [...ingredient, missing] : ingredient;

function massFits(part: ReadPart, { g, raw, readyG, toTaste }: WantedPart): boolean {
  const within = ([low, high]: [number, number], x: number) =>
    x >= low * 0.999 && x <= high * 1.001;
  if (toTaste && part.massG === 0) return true;
  if (raw && part.raw && within(g, part.raw.massG)) return true;
  return within(raw && readyG ? readyG : g, part.massG) || (raw === true && within(g, part.massG));
}

/** Judges what a line was read as. */
export function judge(wanted: JudgedLine, reading: LineReading): Verdict {
  const faults: Fault[] = [];
  const parts = [...reading.parts];
  const asks: LineQuestion[] = [...reading.ask];
  for (const want of wanted.want) {
    const ids = idsOf(want);
    const at = parts.findIndex(({ ingredient }) => ids.includes(ingredient));
    const part = parts[at];
    if (part) {
      parts.splice(at, 1);
      if (part.massG === 0 && !part.optional) faults.push('0 g in silence');
      else if (!massFits(part, want)) faults.push('mass in silence');
      if (want.place && part.place !== want.place) faults.push('place');
      if (!want.place && part.place !== 'bowl') faults.push('place');
      continue;
    }
    const asked = asks.findIndex(({ candidates, part: guess }) =>
      ids.some((id) => candidates.includes(id) || guess?.ingredient === id),
    );
    if (asked >= 0) asks.splice(asked, 1);
    else if (want.missing && asks.length > 0) asks.splice(0, 1);
    else if (want.optional) continue;
    else if (asks.length > 0) {
      asks.splice(0, 1);
      if (ids.length > 0) faults.push('not among the candidates');
    } else faults.push(parts.length > 0 ? 'another food in silence' : 'part lost');
  }
  if (parts.length > 0 && !faults.includes('another food in silence')) faults.push('part invented');
  if (reading.ask.length > 0 && !wanted.mayAsk && !wanted.mustAsk) faults.push('needless question');
  // what was lacking then may be in the larder now, and then there is nothing to ask
  const nowKnown = wanted.want.some(
    ({ missing }) =>
      missing && missing !== 'other' && reading.parts.some((one) => one.ingredient === missing),
  );
  if (wanted.mustAsk && reading.ask.length === 0 && !nowKnown) faults.push('missed question');
  const verdict = faults.length > 0 ? 'wrong' : reading.ask.length > 0 ? 'asked' : 'right';
  return { verdict, faults };
}
