import { markOf, saysSomething, type Tasting, type TastingMark, type TastingSeat } from './tasting';

/** What a mark may say. */
export type MarkChange = Partial<Omit<TastingMark, 'seatId' | 'code'>>;

/** Without what is undefined in it, so that a mark taken back is no mark. */
function without(mark: TastingMark): TastingMark {
  return Object.fromEntries(
    Object.entries(mark).filter(([, value]) => value !== undefined),
  ) as unknown as TastingMark;
}

/**
 * Keeps what a taster says of a pot.
 *
 * @param change undefined takes a mark back
 * @returns the same tasting where it is closed, or where it has no such seat or pot
 */
export function withMark(
  tasting: Tasting,
  seatId: string,
  code: string,
  change: { [K in keyof MarkChange]: MarkChange[K] | undefined },
): Tasting {
  const seat = tasting.seats.find(({ id }) => id === seatId);
  if (!seat?.order.includes(code) || tasting.closedAt !== null) return tasting;
  const mark = without({ ...markOf(tasting, seatId, code), ...change } as TastingMark);
  const others = tasting.marks.filter((one) => one.seatId !== seatId || one.code !== code);
  return { ...tasting, marks: saysSomething(mark) ? [...others, mark] : others };
}

/** The one pot a taster chooses; tapped again it is chosen no more. */
export function withChoice(tasting: Tasting, seatId: string, code: string): Tasting {
  const was = markOf(tasting, seatId, code).chosen;
  const seat = tasting.seats.find(({ id }) => id === seatId);
  const none = (seat?.order ?? []).reduce(
    (now, other) => withMark(now, seatId, other, { chosen: undefined }),
    tasting,
  );
  return was ? none : withMark(none, seatId, code, { chosen: true });
}

/** The next place in a taster's order goes to a pot; one that has a place loses it, and those after it move up. */
export function withNextRank(tasting: Tasting, seatId: string, code: string): Tasting {
  const seat = tasting.seats.find(({ id }) => id === seatId);
  const rankOf = (one: string) => markOf(tasting, seatId, one).rank;
  const placed = (seat?.order ?? [])
    .filter((one) => rankOf(one) !== undefined && one !== code)
    .sort((a, b) => (rankOf(a) ?? 0) - (rankOf(b) ?? 0));
  const order = rankOf(code) === undefined ? [...placed, code] : placed;
  return (seat?.order ?? []).reduce((now, one) => {
    const at = order.indexOf(one);
    return withMark(now, seatId, one, { rank: at < 0 ? undefined : at + 1 });
  }, tasting);
}

/** A seat with something else about it. */
export function withSeat(
  tasting: Tasting,
  seatId: string,
  change: Partial<Pick<TastingSeat, 'name' | 'done'>>,
): Tasting {
  return {
    ...tasting,
    seats: tasting.seats.map((seat) => (seat.id === seatId ? { ...seat, ...change } : seat)),
  };
}

/** Tastings of a bowl that has become a trial, with that trial. */
export function tastingsOfTrial(
  tastings: Iterable<Tasting>,
  runId: string,
  trialId: string,
): Tasting[] {
  return [...tastings].flatMap((tasting) => {
    const isOf = ({ of }: Tasting['samples'][number]) => of.kind === 'run' && of.id === runId;
    if (!tasting.samples.some(isOf)) return [];
    const samples = tasting.samples.map((sample) =>
      isOf(sample) ? { ...sample, of: { kind: 'trial' as const, id: trialId } } : sample,
    );
    return [{ ...tasting, samples }];
  });
}
