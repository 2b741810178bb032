/** Begins the larder's id of everything made here. */
const prefix = 'made-';

/** Id in the larder of what stays of a thing made here, or of a dip that goes into others. */
export const madeId = (id: string): string => `${prefix}${id}`;

/** Id in the larder of what runs off of a thing made here. */
export const offId = (id: string): string => `${prefix}${id}-off`;

/** Whether an id of the larder is of something made here. */
export const isMade = (ingredientId: string): boolean => ingredientId.startsWith(prefix);

/** Ids of the things or dips an id of the larder may be of; none where it is of nothing made here. */
export const madeOfIds = (ingredientId: string): string[] => {
  if (!isMade(ingredientId)) return [];
  const id = ingredientId.slice(prefix.length);
  return id.endsWith('-off') ? [id, id.slice(0, -'-off'.length)] : [id];
};
