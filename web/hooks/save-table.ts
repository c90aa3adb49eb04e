// Saves a table as a CSV file (RFC 4180).

/** @param rows  cells, the heads first */
export async function saveTable(rows: readonly (readonly string[])[], fileName: string): Promise<void> {
  const { csvOf } = await import('../../core/format/csv.ts');
  const text = csvOf(rows);
  const url = URL.createObjectURL(new Blob([text], { type: 'text/csv;charset=utf-8' }));
  const link = document.createElement('a');
  link.href = url;
  link.download = fileName;
  link.click();
  URL.revokeObjectURL(url);
}
