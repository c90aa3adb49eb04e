// Says that a document is archived.
import { words } from '../words/documents.ts';

export function ArchivedNote({ at }: { at: string | null }) {
  return at === null ? null : <p className="note note-quiet mt-2">{words.archivedDocument}</p>;
}
