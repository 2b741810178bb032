/** How high the line about where else the book is stands, px: the same with buttons and without. */
export const folderLineHeight = 32;
