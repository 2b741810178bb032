import { harmless } from '@cobbet/core/taste/csvCell';

/**
 * A text as a cell of CSV. What a spreadsheet would take for a formula is made a text by an apostrophe before it, since names
 * can come from anybody's file.
 */
export function csvCell(text: string): string {
  const safe = harmless(text);
  return /[",\r\n]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe;
}
