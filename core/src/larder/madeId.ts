/** Begins the larder's id of everything made here. */
const prefix = 'made-';

/** Id in the larder of what stays of a thing made here, or of a dip that goes into others. */
export const madeId = (id: string): string => `${prefix}${id}`;

/** Id in the larder of what runs off of a thing made here. */
export const offId = (id: string): string => `${prefix}${id}-off`;

/** Whether an id of the larder is of something made here. */
export const isMade = (ingredientId: string): boolean => ingredientId.startsWith(prefix);
