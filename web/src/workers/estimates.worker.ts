import type { LandPartsRequest } from '@cobbet/core/landing/landParts';
import { spoonProof } from '@cobbet/core/landing/spoonProof';
import { type StallQuestion, throughStall } from '@cobbet/core/dip/throughStall';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import type { FreeOf } from '@cobbet/core/advise/plausible';
import { type FreeQuestion, madeFree } from '@cobbet/core/swap/freeOf';
import type { SwapQuestion } from '@cobbet/core/swap/swapQuestion';
import { swaps } from '@cobbet/core/swap/swaps';
import { expose } from 'comlink';
import { sparingly } from './sparingly';

const api = {
  /** Odds of landing and the steadier amounts near by; tells the share of the work done. */
  spoonProof(request: LandPartsRequest, onProgress: (share: number) => void) {
    return spoonProof(request, sparingly(onProgress));
  },
  /** What could go in instead of a part, ranked. */
  swaps(question: SwapQuestion, among: readonly Ingredient[]) {
    return swaps(question, among);
  },
  /** A whole dip made free of something. */
  madeFree(question: FreeQuestion, larder: readonly Ingredient[], free: FreeOf) {
    return madeFree(question, larder, free);
  },
  /** The order or split that gets a dip through its machine. */
  throughStall(question: StallQuestion) {
    return throughStall(question);
  },
};

export type EstimatesWorker = typeof api;

expose(api);
