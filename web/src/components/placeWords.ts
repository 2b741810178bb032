/** Where an addition goes, in a word beside it; nothing for what is blended. */
export const placeWords = { bowl: '', fold: 'folded in', top: 'on top' } as const;
