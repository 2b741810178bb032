import type { DesignResponse, MixtureDesign, TakenResponse } from '../design/mixtureDesign';
import { readingAt } from '../readings/keptReading';
import { takeReading } from '../readings/takeReading';
import { mean } from '../statistics/mean';
import type { Book } from './book';

/**
 * Every liking of a bowl in any tasting, whoever gave it and in whichever pot. A blind tasting tells nothing until it is closed.
 */
function likingsOf(bowl: { kind: string; id: string }, tastings: Book['tastings']): number[] {
  const told = [...tastings.values()].filter(({ blind, closedAt }) => !blind || closedAt !== null);
  return told.flatMap(({ samples, pots, marks }) => {
    const own = new Set(
      samples.flatMap(({ id, of }) => (of.kind === bowl.kind && of.id === bowl.id ? [id] : [])),
    );
    if (own.size === 0) return [];
    const codes = new Set(pots.flatMap(({ code, sampleId }) => (own.has(sampleId) ? [code] : [])));
    return marks.flatMap(({ code, liking }) =>
      liking !== undefined && codes.has(code) ? [liking] : [],
    );
  });
}

function likedOf(
  bowl: { kind: string; id: string },
  { tastings }: Pick<Book, 'tastings'>,
): TakenResponse | null {
  const likings = likingsOf(bowl, tastings);
  if (likings.length === 0) return null;
  const y = mean(likings);
  const n = likings.length;
  const squares = likings.reduce((sum, one) => sum + (one - y) ** 2, 0);
  return { y, n, ...(n > 1 ? { sd: Math.sqrt(squares / (n - 1) / n) } : {}) };
}

/** Body of the chilled bowl by its most telling reading, whether it is still a run or a trial already. */
function bodyOf(
  { kind, id }: { kind: string; id: string },
  { trials, runs }: Pick<Book, 'trials' | 'runs'>,
): TakenResponse | null {
  const bowl = kind === 'trial' ? trials.get(id) : runs.get(id);
  const reading = bowl ? readingAt(bowl, 'chilled') : null;
  if (!reading) return null;
  const { body, sd } = takeReading(reading.taken);
  return { y: body, sd, n: 1 };
}

/**
 * What tastings or readings say of the bowls a design's trials were made as: of likings the mean, of readings the body, each with how sure it is.
 *
 * @returns by the design's trials; those of which nothing is known are not in it, and none where the response is marked by hand
 */
export function takenResponses(
  { trials }: Pick<MixtureDesign, 'trials'>,
  { from }: Pick<DesignResponse, 'from'>,
  book: Pick<Book, 'tastings' | 'trials' | 'runs'>,
): Map<string, TakenResponse> {
  const taken = new Map<string, TakenResponse>();
  if (from === undefined) return taken;
  const of = from === 'likings' ? likedOf : bodyOf;
  for (const { id, made } of trials) {
    const told = made ? of(made, book) : null;
    if (told) taken.set(id, told);
  }
  return taken;
}
