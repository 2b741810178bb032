import { advise } from '@cobbet/core/advise/advise';
import type { AdviseInput } from '@cobbet/core/advise/adviseInput';
import { highsSolver } from '@cobbet/core/landing/highsSolver';
import { landSteadily } from '@cobbet/core/landing/landSteadily';
import type { LandPartsRequest } from '@cobbet/core/landing/landParts';
import type { LinearSolver } from '@cobbet/core/landing/linearProgram';
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
};

export type LandingWorker = typeof api;

expose(api);
