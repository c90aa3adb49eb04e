// The file that is about to be imported: handed over from where it was dropped or chosen.
import { useSyncExternalStore } from 'react';

export interface FileToImport {
  readonly name: string;
  readonly bytes: Uint8Array;
}

let file: FileToImport | null = null;
const listeners = new Set<() => void>();

export function setFileToImport(next: FileToImport | null): void {
  file = next;
  for (const listener of listeners) listener();
}

export function useFileToImport(): FileToImport | null {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => file,
  );
}
