import { advise } from '@cobbet/core/advise/advise';
import type { AdviseInput } from '@cobbet/core/advise/adviseInput';
import { highsSolver } from '@cobbet/core/landing/highsSolver';
import { landSteadily } from '@cobbet/core/landing/landSteadily';
import type { LandPartsRequest } from '@cobbet/core/landing/landParts';
import type { LinearSolver } from '@cobbet/core/landing/linearProgram';
import { chooseDesign, type DesignQuestion } from '@cobbet/core/book/newDesign';
import type { MixturePoint } from '@cobbet/core/design/mixturePoint';
import type { VariedFigure } from '@cobbet/core/design/variedFigure';
import { landMixtures } from '@cobbet/core/landing/landMixtures';
import { expose } from 'comlink';

let solver: Promise<LinearSolver> | null = null;

const api = {
  /** Lands a dip; loads the solver the first time. */
  async land(request: LandPartsRequest) {
    solver ??= highsSolver();
    return landSteadily(request, await solver);
  },
  /** What to add next to a bowl. */
  async advise(input: AdviseInput) {
    solver ??= highsSolver();
    return advise(input, await solver);
  },
  /** Trials of a dip chosen on purpose, on the bowls that land. */
  async design(question: DesignQuestion) {
    solver ??= highsSolver();
    const id = () => crypto.randomUUID().slice(0, 13);
    return chooseDesign(question, await solver, id);
  },
  /** One mixture of a dip landed; null where it can't be. */
  async mixture(
    request: LandPartsRequest,
    places: readonly number[],
    point: MixturePoint,
    varies: readonly VariedFigure[],
  ) {
    solver ??= highsSolver();
    return landMixtures(request, places, [point], await solver, varies)[0] ?? null;
  },
};

export type LandingWorker = typeof api;

expose(api);
