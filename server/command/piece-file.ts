// Reads the pieces of a file for a command, or returns one sentence why not.
import type { z } from 'zod';
import { pieceFileSchema } from '../../contract/pieces.ts';
import type { Piece } from '../../core/piece/piece.ts';

/** @param text  JSON of one piece or several, see docs/formats/piece.md */
export function readPieceFile(text: string): { readonly pieces: readonly Piece[] } | { readonly error: string } {
  const read = readJson(text, pieceFileSchema);
  if ('error' in read) return read;
  return { pieces: read.value.format === 'noon-ledger/piece' ? [read.value.piece] : read.value.pieces };
}

/** Reads JSON by a schema, or returns why it does not fit. */
export function readJson<Value>(
  text: string,
  schema: z.ZodType<Value>,
): { readonly value: Value } | { readonly error: string } {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch (error) {
    return { error: `This is not JSON: ${error instanceof Error ? error.message : String(error)}` };
  }
  const read = schema.safeParse(json);
  return read.success ? { value: read.data } : { error: issueInWords(read.error) };
}

function issueInWords(error: z.ZodError): string {
  const [issue] = error.issues;
  if (!issue) return 'This file was not understood.';
  const place = issue.path.map(String).join('.');
  return place ? `At ${place}: ${issue.message}` : issue.message;
}
