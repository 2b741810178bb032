/** What a tasting asks: how each pot is liked, which of two is preferred, which of three is another, or an order. */
export const tastingKinds = ['each', 'prefer', 'odd', 'rank'] as const;
export type TastingKind = (typeof tastingKinds)[number];

/** What may be marked as too little, just right or too much. */
export const jarNames = [
  'body',
  'salt',
  'sour',
  'garlic',
  'sweet',
  'bitter',
  'heat',
  'smoke',
  'herb',
  'nut',
  'colour',
  'grain',
] as const;
export type JarName = (typeof jarNames)[number];

/** What a sample is a sample of. */
export const sampleSources = ['dip', 'trial', 'run', 'batch'] as const;
export type SampleSource = (typeof sampleSources)[number];

/** One thing that is tasted. */
export interface TastingSample {
  id: string;
  of: { kind: SampleSource; id: string };
  /** As it was called when the tasting was planned. */
  name: string;
}

/** What stands before the tasters: a sample under a code. A sample may stand in two pots. */
export interface TastingPot {
  /** Three figures where it is blind, else a letter. */
  code: string;
  sampleId: string;
}

/** One who tastes. */
export interface TastingSeat {
  id: string;
  name: string;
  /** Codes in the order they are served. */
  order: readonly string[];
  /** The taster has said that this is all. */
  done: boolean;
}

/** What one taster says of one pot. */
export interface TastingMark {
  seatId: string;
  code: string;
  /** 1 dislike extremely – 9 like extremely. */
  liking?: number;
  /** 1–5 by what is asked; 3 is just right. */
  jar?: Readonly<Partial<Record<JarName, number>>>;
  /** Words that were ticked. */
  words?: readonly string[];
  note?: string;
  /** It is the one preferred, or the odd one. */
  chosen?: true;
  /** Place in the order, 1 the best. */
  rank?: number;
}

/** What is asked of every pot. */
export interface TastingAsks {
  liking: boolean;
  jar: readonly JarName[];
  /** Words to be ticked where they fit. */
  words: readonly string[];
  note: boolean;
}

/** People who taste some pots and say how they are. */
export interface Tasting {
  id: string;
  name: string;
  kind: TastingKind;
  /** Nobody who tastes sees what is what until it is closed. */
  blind: boolean;
  asks: TastingAsks;
  /** Flatbread, carrots, a spoon; empty where nobody has said. */
  eatenWith: string;
  /** °C, −10–80; null where nobody has said. */
  atC: number | null;
  /** Guests of a kind, such as children: what they want is kept by itself. The house where left out. */
  guests?: string;
  samples: readonly TastingSample[];
  pots: readonly TastingPot[];
  seats: readonly TastingSeat[];
  marks: readonly TastingMark[];
  /** ISO 8601 */
  createdAt: string;
  /** ISO 8601; null while it goes on. */
  closedAt: string | null;
}

export const mostSamples = 8;
export const mostSeats = 200;

/** The pot of a code, by the sample it holds. */
export function sampleOf(tasting: Pick<Tasting, 'pots' | 'samples'>, code: string) {
  const pot = tasting.pots.find((one) => one.code === code);
  return tasting.samples.find(({ id }) => id === pot?.sampleId) ?? null;
}

/** What a seat has said of a pot; nothing yet where it has not. */
export function markOf(
  { marks }: Pick<Tasting, 'marks'>,
  seatId: string,
  code: string,
): TastingMark {
  return marks.find((mark) => mark.seatId === seatId && mark.code === code) ?? { seatId, code };
}

/** Whether a mark says anything. */
export const saysSomething = (mark: TastingMark): boolean =>
  mark.liking !== undefined ||
  mark.chosen !== undefined ||
  mark.rank !== undefined ||
  Object.keys(mark.jar ?? {}).length > 0 ||
  (mark.words?.length ?? 0) > 0 ||
  (mark.note ?? '') !== '';

/** Pots of a seat that still lack something that is asked; words and notes need not be given. */
export function openPots(tasting: Tasting, seat: TastingSeat): string[] {
  const { kind, asks } = tasting;
  if (kind === 'prefer' || kind === 'odd') {
    const chosen = seat.order.some((code) => markOf(tasting, seat.id, code).chosen);
    return chosen ? [] : [...seat.order];
  }
  return seat.order.filter((code) => {
    const { liking, jar, rank } = markOf(tasting, seat.id, code);
    if (kind === 'rank') return rank === undefined;
    return (
      (asks.liking && liking === undefined) || asks.jar.some((name) => jar?.[name] === undefined)
    );
  });
}
