import { chooseTrials } from '../design/chooseTrials';
import type { MixtureComponent, MixtureDesign } from '../design/mixtureDesign';
import { atEveryLevel, triedLevels } from '../design/mixturePoint';
import { candidatePoints } from '../design/mixtureRegion';
import type { VariedFigure } from '../design/variedFigure';
import type { DipInKitchen } from '../dip/analyseDip';
import { landingQuestion } from '../landing/landDip';
import { landMixtures } from '../landing/landMixtures';
import type { LandPartsRequest } from '../landing/landParts';
import type { LinearSolver } from '../landing/linearProgram';
import { seeded, shuffled } from '../statistics/random';

/** What a design is asked: plain data, so that it crosses to a worker. */
export interface DesignQuestion {
  request: LandPartsRequest;
  rowIds: readonly string[];
  components: readonly MixtureComponent[];
  /** Figures that are set on purpose, not only kept within their targets. */
  varies: readonly VariedFigure[];
  n: number;
  seed: number;
  /** g each of them makes; as the dip is written where left out. */
  eachG?: number | undefined;
  /** How many of them are done twice, so that what they differ by is known. */
  repeats?: number | undefined;
  /** How many are made in a day; all in one where left out. */
  perDay?: number | undefined;
}

/** What was chosen, as a design keeps it. */
export type DesignChosen = Pick<MixtureDesign, 'trials' | 'model' | 'efficiency' | 'cut'>;

/** Why no trials could be chosen, with what may be done about it. */
export interface NoDesign {
  why: string;
}

/**
 * A dip as a design is asked about it.
 *
 * @returns null where a row can't be read, or a component is in no row
 */
export function designQuestion(
  dip: DipInKitchen,
  components: readonly MixtureComponent[],
  asked: Omit<DesignQuestion, 'request' | 'rowIds' | 'components'>,
): DesignQuestion | null {
  const request = landingQuestion(dip, false);
  const rowIds = dip.dip.rows.map(({ id }) => id);
  if (!request || components.some(({ rowId }) => !rowIds.includes(rowId))) return null;
  return { request, rowIds, components, ...asked };
}

/**
 * Chooses trials of a dip on the bowls that land: at every mixture liquid, salt and sour are solved so that its targets hold, and what can't be
 * made is cut out.
 *
 * @param idOf an id for each trial
 */
export function chooseDesign(
  { request, rowIds, components, varies, n, seed, eachG, repeats = 0, perDay }: DesignQuestion,
  solver: LinearSolver,
  idOf: (place: number) => string,
): DesignChosen | NoDesign {
  const mixtures = candidatePoints(components);
  if (mixtures.length < components.length) {
    return { why: 'With these limits the shares leave too little to vary.' };
  }
  const places = components.map(({ rowId }) => rowIds.indexOf(rowId));
  const points = atEveryLevel(mixtures, triedLevels, varies.length);
  const landed = landMixtures(request, places, points, solver, varies);
  const landing = points.flatMap((point, i) => {
    const parts = landed[i];
    return parts ? [{ point, parts }] : [];
  });
  const chosen = chooseTrials(
    landing.map(({ point }) => point),
    n - repeats,
    seed,
  );
  if (!chosen) {
    return {
      why: `Only ${landing.length} of ${points.length} mixtures can be made to land. Give the limits or the targets more room, or plan more trials.`,
    };
  }
  return {
    ...{ model: chosen.model, efficiency: chosen.efficiency },
    cut: points.filter((_, i) => landed[i] === null),
    trials: withRepeats(chosen.chosen, repeats, seed).map((at, place) => {
      const { point = { shares: [] }, parts = [] } = landing[at] ?? {};
      const massG = parts.reduce((sum, one) => sum + one.massG, 0);
      const factor = eachG === undefined || massG <= 0 ? 1 : eachG / massG;
      return {
        ...{ id: idOf(place), ...point, marks: {}, massG: massG * factor },
        ...(perDay === undefined ? {} : { day: 1 + Math.floor(place / perDay) }),
        amounts: parts.map((part, i) => ({
          rowId: rowIds[i] ?? '',
          amount: factor === 1 ? part.amount : gramsText(part.massG * factor),
        })),
      };
    }),
  };
}

/** Grams as a scale of a kitchen shows them: to a hundredth where they are few. */
const gramsText = (massG: number): string => `${Number(massG.toFixed(massG < 10 ? 2 : 1))} g`;

/** Trials in another order, some of them done twice: any of them, and never the same one three times. */
function withRepeats(chosen: readonly number[], repeats: number, seed: number): number[] {
  if (repeats === 0) return [...chosen];
  const random = seeded(seed + 1);
  const again = shuffled([...new Set(chosen)], random).slice(0, repeats);
  return shuffled([...chosen, ...again], random);
}
