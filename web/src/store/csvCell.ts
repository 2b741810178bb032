/**
 * A text as a cell of CSV. What a spreadsheet would take for a formula is made a text by an apostrophe before it, since names
 * can come from anybody's file.
 */
export function csvCell(text: string): string {
  const harmless = /^[=+\-@\t\r]/.test(text) ? `'${text}` : text;
  return /[",\r\n]/.test(harmless) ? `"${harmless.replaceAll('"', '""')}"` : harmless;
}
