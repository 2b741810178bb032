import { chooseTrials } from '../design/chooseTrials';
import type { MixtureComponent, MixtureDesign } from '../design/mixtureDesign';
import { candidatePoints } from '../design/mixtureRegion';
import type { DipInKitchen } from '../dip/analyseDip';
import { landingQuestion } from '../landing/landDip';
import { landMixtures } from '../landing/landMixtures';
import type { LandPartsRequest } from '../landing/landParts';
import type { LinearSolver } from '../landing/linearProgram';

/** What a design is asked: plain data, so that it crosses to a worker. */
export interface DesignQuestion {
  request: LandPartsRequest;
  rowIds: readonly string[];
  components: readonly MixtureComponent[];
  n: number;
  seed: number;
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
  n: number,
  seed: number,
): DesignQuestion | null {
  const request = landingQuestion(dip, false);
  const rowIds = dip.dip.rows.map(({ id }) => id);
  if (!request || components.some(({ rowId }) => !rowIds.includes(rowId))) return null;
  return { request, rowIds, components, n, seed };
}

/**
 * Chooses trials of a dip on the bowls that land: at every mixture liquid, salt and sour are solved so that its targets hold, and what can't be
 * made is cut out.
 *
 * @param idOf an id for each trial
 */
export function chooseDesign(
  { request, rowIds, components, n, seed }: DesignQuestion,
  solver: LinearSolver,
  idOf: (place: number) => string,
): DesignChosen | NoDesign {
  const points = candidatePoints(components);
  if (points.length < components.length) {
    return { why: 'With these limits the shares leave too little to vary.' };
  }
  const places = components.map(({ rowId }) => rowIds.indexOf(rowId));
  const landed = landMixtures(request, places, points, solver);
  const landing = points.flatMap((shares, i) => {
    const parts = landed[i];
    return parts ? [{ shares, parts }] : [];
  });
  const chosen = chooseTrials(
    landing.map(({ shares }) => shares),
    n,
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
    trials: chosen.chosen.map((at, place) => {
      const { shares = [], parts = [] } = landing[at] ?? {};
      return {
        ...{ id: idOf(place), shares, y: null },
        amounts: parts.map(({ amount }, i) => ({ rowId: rowIds[i] ?? '', amount })),
        massG: parts.reduce((sum, { massG }) => sum + massG, 0),
      };
    }),
  };
}
