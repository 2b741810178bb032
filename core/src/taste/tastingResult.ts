import { mean } from '../statistics/mean';
import { discrimination, type Discrimination, type TestKind } from './discrimination';
import { friedman, type Friedman } from './friedman';
import { panelResult, type PanelResult } from './panelResult';
import { markOf, saysSomething, type Tasting } from './tasting';

/** Two tasters whose likings go different ways. */
export interface Apart {
  seats: readonly [string, string];
  /** Pots both have marked. */
  n: number;
  /** Mean distance of their likings once each taster's own mean is taken off, points. */
  by: number;
}

/** One sample in two pots: what each taster made of the difference that is none. */
export interface Twins {
  sampleId: string;
  codes: readonly [string, string];
  /** Liking of the first pot less that of the other, by seat. */
  seats: readonly { seatId: string; by: number }[];
}

/** A word, and how many ticked it for a pot. */
export interface WordCount {
  code: string;
  word: string;
  n: number;
}

/** What a tasting says; pots are called by their codes. */
export interface TastingResult {
  /** Seats that have said anything. */
  tasters: number;
  /** Liking, penalties and what they ask for, where each pot was asked about. */
  panel: PanelResult | null;
  words: readonly WordCount[];
  apart: readonly Apart[];
  twins: readonly Twins[];
  /** Of one question: how many chose what, and what that shows; null while nobody has chosen. */
  question: QuestionResult | null;
  /** Of an order: mean places, the best first, and whether they differ. */
  order: { places: readonly { code: string; place: number }[]; friedman: Friedman | null } | null;
}

/** What came of one question. */
export interface QuestionResult extends Discrimination {
  kind: TestKind;
  n: number;
  /** Who found the odd one, or who chose the first sample. */
  correct: number;
  /** How often each sample was chosen. */
  chosen: readonly { sampleId: string; n: number }[];
}

function questionResult(tasting: Tasting): QuestionResult | null {
  const { kind, pots, seats, samples } = tasting;
  if (kind !== 'prefer' && kind !== 'odd') return null;
  const sampleIdOf = new Map(pots.map(({ code, sampleId }) => [code, sampleId]));
  const chosen = seats.flatMap((seat) => {
    const code = seat.order.find((one) => markOf(tasting, seat.id, one).chosen);
    return code === undefined ? [] : [{ seat, sampleId: sampleIdOf.get(code) }];
  });
  const n = chosen.length;
  if (n === 0) return null;
  const first = samples[0]?.id;
  const correct = chosen.filter(({ seat, sampleId }) => {
    if (kind === 'prefer') return sampleId === first;
    // the odd one is the sample that this taster got once
    return seat.order.filter((code) => sampleIdOf.get(code) === sampleId).length === 1;
  }).length;
  const test: TestKind = kind === 'odd' ? 'triangle' : 'paired';
  return {
    ...discrimination(test, n, correct),
    ...{ kind: test, n, correct },
    chosen: samples.map(({ id }) => ({
      sampleId: id,
      n: chosen.filter(({ sampleId }) => sampleId === id).length,
    })),
  };
}

function orderResult(tasting: Tasting): TastingResult['order'] {
  if (tasting.kind !== 'rank') return null;
  const codes = tasting.pots.map(({ code }) => code);
  const blocks = tasting.seats.flatMap(({ id }) => {
    const places = codes.flatMap((code) => markOf(tasting, id, code).rank ?? []);
    return places.length === codes.length ? [places] : [];
  });
  if (blocks.length === 0) return null;
  const places = codes
    .map((code, i) => ({ code, place: mean(blocks.map((block) => block[i] ?? 0)) }))
    .sort((a, b) => a.place - b.place);
  return { places, friedman: friedman(blocks) };
}

/** Likings of a seat by code. */
const likingsOf = ({ marks }: Tasting, seatId: string): Map<string, number> =>
  new Map(
    marks.flatMap((mark) =>
      mark.seatId === seatId && mark.liking !== undefined
        ? [[mark.code, mark.liking] as const]
        : [],
    ),
  );

function apartOf(tasting: Tasting): Apart[] {
  const own = tasting.seats.map(({ id }) => ({ id, likings: likingsOf(tasting, id) }));
  const found = own.flatMap((one, i) =>
    own.slice(i + 1).flatMap((other): Apart[] => {
      const both = [...one.likings.keys()].filter((code) => other.likings.has(code));
      if (both.length < 2) return [];
      const values = ({ likings }: typeof one) => both.map((code) => likings.get(code) ?? 0);
      const [a, b] = [values(one), values(other)];
      const [meanA, meanB] = [mean(a), mean(b)];
      const by = mean(a.map((value, at) => Math.abs(value - meanA - ((b[at] ?? 0) - meanB))));
      return [{ seats: [one.id, other.id], n: both.length, by }];
    }),
  );
  return found.sort((a, b) => b.by - a.by);
}

function twinsOf(tasting: Tasting): Twins[] {
  if (tasting.kind !== 'each') return [];
  return tasting.samples.flatMap(({ id: sampleId }): Twins[] => {
    const [first, second] = tasting.pots.filter((pot) => pot.sampleId === sampleId);
    if (!first || !second) return [];
    const seats = tasting.seats.flatMap(({ id: seatId }) => {
      const likings = likingsOf(tasting, seatId);
      const [one, other] = [likings.get(first.code), likings.get(second.code)];
      return one === undefined || other === undefined ? [] : [{ seatId, by: one - other }];
    });
    return [{ sampleId, codes: [first.code, second.code], seats }];
  });
}

/** What a tasting says so far. Nobody's marks are left out: seats that are not done count with what they have said. */
export function tastingResult(tasting: Tasting): TastingResult {
  const { pots, marks, kind } = tasting;
  const codes = pots.map(({ code }) => code);
  const spoken = marks.filter(saysSomething);
  const answers = spoken.map(({ seatId, code, liking, jar }) => ({
    ...{ taster: seatId, sample: code },
    ...(liking === undefined ? {} : { liking }),
    ...(jar === undefined ? {} : { jar }),
  }));
  const words = codes.flatMap((code) =>
    tasting.asks.words.map((word) => ({
      ...{ code, word },
      n: spoken.filter((mark) => mark.code === code && mark.words?.includes(word)).length,
    })),
  );
  return {
    tasters: new Set(spoken.map(({ seatId }) => seatId)).size,
    panel: kind === 'each' && spoken.length > 0 ? panelResult(codes, answers) : null,
    words: words.filter(({ n }) => n > 0),
    apart: apartOf(tasting),
    twins: twinsOf(tasting),
    question: questionResult(tasting),
    order: orderResult(tasting),
  };
}
