import Papa from 'papaparse';

/**
 * The rows of a CSV with a header, each by its columns.
 *
 * @throws Error naming the row that can't be read
 */
export function csvRows(csv: string): Record<string, string>[] {
  const { data, errors } = Papa.parse<Record<string, string>>(csv, {
    header: true,
    skipEmptyLines: true,
  });
  if (errors[0]) throw new Error(`row ${errors[0].row}: ${errors[0].message}`);
  return data;
}
