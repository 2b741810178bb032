/** Version of records and of the book file. */
export const bookVersion = 20;
