// The file that is about to be imported: handed over from where it was dropped or chosen.
import { sharedValue, useShared } from './shared-value.ts';

export interface FileToImport {
  readonly name: string;
  readonly bytes: Uint8Array;
}

const file = sharedValue<FileToImport | null>(null);

/** @param next  null once it is imported */
export function setFileToImport(next: FileToImport | null): void {
  file.set(next);
}

export function useFileToImport(): FileToImport | null {
  return useShared(file);
}

/** Kinds of files that hold a table, as the browser lists them. */
export const TABLE_FILES = '.csv,.tsv,.tab,.txt,text/csv,text/tab-separated-values';

/** Whether a file holds a table, by its name. */
export function isTableFile({ name }: Pick<File, 'name'>): boolean {
  return /\.(?:csv|tsv|tab|txt)$/i.test(name);
}

/** Hands a table over to the import page. */
export async function openTable(table: Blob, name: string): Promise<void> {
  setFileToImport({ name, bytes: new Uint8Array(await table.arrayBuffer()) });
}
