import type { LandPartsRequest } from '@cobbet/core/landing/landParts';
import { spoonProof } from '@cobbet/core/odds/spoonProof';
import { type StallQuestion, throughStall } from '@cobbet/core/stall/throughStall';
import { expose } from 'comlink';

const api = {
  /** Odds of landing and the steadier amounts near by; tells the share of the work done. */
  spoonProof(request: LandPartsRequest, onProgress: (share: number) => void) {
    let told = 0;
    return spoonProof(request, (share) => {
      if (share < 1 && share - told < 0.05) return;
      told = share;
      onProgress(share);
    });
  },
  /** The order or split that gets a dip through its machine. */
  throughStall(question: StallQuestion) {
    return throughStall(question);
  },
};

export type ReckoningWorker = typeof api;

expose(api);
