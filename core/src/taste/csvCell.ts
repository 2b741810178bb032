/** A cell that a table program would take for a formula begins with one of these. */
const formula = /^[=+\-@\t\r]/;

/** Text kept as text by a quote before it, as table programs do themselves. */
export const harmless = (text: string): string => (formula.test(text) ? `'${text}` : text);

/** Text as it was before it was made harmless. */
export const asWritten = (text: string): string =>
  /^'[=+\-@\t\r]/.test(text) ? text.slice(1) : text;
