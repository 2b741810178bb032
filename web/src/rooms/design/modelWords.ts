import type { ResponseModel } from '@cobbet/core/design/nextTrial';

/** What a response is learned with, as it is said. */
export const modelWords: Readonly<Record<ResponseModel, string>> = {
  linear: 'a plane',
  quadratic: 'a surface curved by pairs',
  'special-cubic': 'a surface curved by threes',
  'gaussian-process': 'likeness of near mixtures',
  'figures-process': 'likeness in body, fat, salt and the like',
};
