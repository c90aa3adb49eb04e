// Search and filters of the list of pieces.
import type { Piece } from './piece.ts';

/** Search and filters of the list of pieces. */
export interface BookWanted {
  /** Words that must all be in the name, a tag, the collection, a part or a note. */
  readonly words: string;
  readonly tag: string;
  readonly collection: string;
}

/** Whether a piece matches; without any filter every piece does. */
export function isWanted(piece: Piece, { words, tag, collection }: BookWanted): boolean {
  if (tag && !piece.tags.includes(tag)) return false;
  if (collection && piece.collection.trim() !== collection) return false;
  const asked = words.toLowerCase().split(/\s+/).filter(Boolean);
  if (asked.length === 0) return true;
  const text = textOf(piece);
  return asked.every((word) => text.includes(word));
}

const known = new WeakMap<Piece, string>();

function textOf(piece: Piece): string {
  const found = known.get(piece);
  if (found !== undefined) return found;
  const { name, tags, collection, note, parts, findings } = piece;
  const text = [name, ...tags, collection, note, ...[...parts, ...findings].flatMap((row) => [row.name, row.alloy])]
    .join(' ')
    .toLowerCase();
  known.set(piece, text);
  return text;
}

/** Every tag and collection in use, in alphabetical order. */
export function shelvesOf(pieces: readonly Piece[]): { readonly tags: string[]; readonly collections: string[] } {
  const sorted = (values: readonly string[]) => [...new Set(values)].filter(Boolean).sort((a, b) => a.localeCompare(b));
  return {
    tags: sorted(pieces.flatMap(({ tags }) => tags)),
    collections: sorted(pieces.map(({ collection }) => collection.trim())),
  };
}
