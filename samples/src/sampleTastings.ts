import type { Book } from '@cobbet/core/book/book';
import { bookKitchen } from '@cobbet/core/book/bookKitchen';
import { tastedBowl } from '@cobbet/core/book/tastedBowl';
import { mixOf } from '@cobbet/core/mix/mix';
import { type TargetName, targetValue } from '@cobbet/core/mix/targets';
import { normal, seeded } from '@cobbet/core/statistics/random';
import { newTasting } from '@cobbet/core/taste/newTasting';
import {
  type JarName,
  sampleOf,
  type Tasting,
  type TastingSample,
} from '@cobbet/core/taste/tasting';
import { withChoice, withMark, withSeat } from '@cobbet/core/taste/tastingEdits';

/** What the crew wants, hidden: the figure, the middle of their wishes, how far they differ, how much one mark is, and what a mark off costs. */
const hidden: Partial<
  Record<JarName, { figure: TargetName; ideal: number; sd: number; perMark: number; cost: number }>
> = {
  body: { figure: 'servedBody', ideal: 6.9, sd: 0.3, perMark: 0.6, cost: 0.5 },
  salt: { figure: 'saltG', ideal: 0.95, sd: 0.06, perMark: 0.17, cost: 1.1 },
  sour: { figure: 'acidG', ideal: 0.42, sd: 0.05, perMark: 0.1, cost: 0.8 },
  garlic: { figure: 'garlicG', ideal: 0.7, sd: 0.2, perMark: 0.35, cost: 0.4 },
};
/** What is liked about it when all is right, and how far a taster's own marks wander. */
const best = 7.9;
const noise = { liking: 0.6, mark: 0.35 };

const crew = ['Bow', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Stroke'];

const within = (value: number, low: number, high: number) =>
  Math.max(low, Math.min(high, Math.round(value)));

const sample = (kind: TastingSample['of']['kind'], id: string, name: string): TastingSample => ({
  ...{ id: `${kind} ${id}`, of: { kind, id }, name },
});

/** Three trials of the hummus, blind, one of them twice: the crew's marks come from hidden wishes with noise. */
function crewLunch(book: Book): Tasting {
  const kitchen = bookKitchen(book);
  const random = seeded(20260604);
  const trials = [2, 4, 6].map((number) =>
    sample('trial', `weir-house-hummus-trial-${number}`, `Weir House hummus, trial ${number}`),
  );
  let tasting = newTasting({
    ...{ id: 'crew-lunch', name: 'Crew lunch: which hummus', kind: 'each', blind: true },
    asks: {
      ...{ liking: true, jar: ['body', 'salt', 'sour', 'garlic'], note: true },
      words: ['nutty', 'flat', 'fresh', 'heavy'],
    },
    ...{ eatenWith: 'flatbread', atC: 12, samples: trials, tasters: crew, seed: 417 },
    ...{ twice: trials[1]?.id ?? null, createdAt: '2026-06-04T12:10:00.000Z' },
  });
  for (const seat of tasting.seats) {
    const wishes = new Map(
      Object.values(hidden).map(({ figure, ideal, sd }) => [figure, ideal + sd * normal(random)]),
    );
    for (const code of seat.order) {
      const of = sampleOf(tasting, code);
      const bowl = of && tastedBowl(of, book, kitchen);
      if (!bowl) throw new Error(`nothing in ${code}`);
      const mix = mixOf(bowl.parts);
      let liking = best;
      const jar: Partial<Record<JarName, number>> = {};
      for (const name of tasting.asks.jar) {
        const want = hidden[name];
        if (!want) continue;
        const off =
          (targetValue(want.figure, mix, bowl.conditions) - (wishes.get(want.figure) ?? 0)) /
          want.perMark;
        liking -= want.cost * Math.abs(off);
        jar[name] = within(3 + off + noise.mark * normal(random), 1, 5);
      }
      const words = [
        ...((jar.sour ?? 3) < 3 ? ['flat'] : []),
        ...((jar.body ?? 3) > 3 ? ['heavy'] : []),
        ...(random() < 0.3 ? ['nutty'] : []),
      ];
      tasting = withMark(tasting, seat.id, code, {
        liking: within(liking + noise.liking * normal(random), 1, 9),
        jar,
        words: words.length > 0 ? words : undefined,
      });
    }
    tasting = withSeat(tasting, seat.id, { done: true });
  }
  return { ...tasting, closedAt: '2026-06-04T12:55:00.000Z' };
}

/** How often a guest really notices that there is no sesame; who does not, guesses. */
const noticing = 0.45;

/** Can the one without sesame be told from the one with it? */
function noSesame(): Tasting {
  const random = seeded(20260606);
  let tasting = newTasting({
    ...{ id: 'no-sesame-triangle', name: 'Is the sesame missed?', kind: 'odd', blind: true },
    asks: { liking: false, jar: [], words: [], note: false },
    ...{ eatenWith: 'carrot sticks', atC: 8, seed: 206, twice: null },
    samples: [
      sample('dip', 'weir-house-hummus', 'Weir House hummus, as written'),
      sample('dip', 'weir-house-no-sesame', 'Weir House, no sesame, as written'),
    ],
    tasters: Array.from({ length: 12 }, (_, i) => `Guest ${i + 1}`),
    createdAt: '2026-06-06T15:30:00.000Z',
  });
  for (const seat of tasting.seats) {
    const of = (code: string) => sampleOf(tasting, code)?.id;
    const odd = seat.order.find(
      (code) => seat.order.filter((one) => of(one) === of(code)).length === 1,
    );
    const guess = seat.order[Math.floor(random() * seat.order.length)];
    const chosen = random() < noticing ? odd : guess;
    tasting = withSeat(withChoice(tasting, seat.id, chosen ?? ''), seat.id, { done: true });
  }
  return { ...tasting, closedAt: '2026-06-06T16:20:00.000Z' };
}

/** What people said of the sample kitchen's dips. */
export const sampleTastings = (book: Book): Tasting[] => [crewLunch(book), noSesame()];
