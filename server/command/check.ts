// noon check: the bench check for scripts, over the pieces of a file.
import type { Alloy } from '../../core/metal/alloys.ts';
import { benchCheckAll, type Remark } from '../../core/piece/checks/bench-check.ts';
import type { Piece } from '../../core/piece/piece.ts';
import { readPieceFile } from './piece-file.ts';

interface RemarkJson {
  readonly rule: string;
  readonly severity: Remark['severity'];
  /** The name of the row it concerns; '' for the whole piece. */
  readonly about: string;
  readonly sentence: string;
  readonly why: string;
  /** The text of the remedy; null when there is no simple one. */
  readonly remedy: string | null;
  /** The maker's reason for overriding it; null when it is not overridden. */
  readonly known: string | null;
}

/** Findings by piece, or why the file cannot be read. */
export type CheckOutcome =
  | { readonly pieces: readonly { readonly name: string; readonly remarks: readonly RemarkJson[] }[] }
  | { readonly error: string };

/**
 * Checks the pieces of a file.
 * @param text     JSON of one piece or several, see docs/formats/piece.md
 * @param country  ISO 3166-1 alpha-2 of the maker; '' when it is not known
 */
export function checkOutcome(text: string, alloys: ReadonlyMap<string, Alloy>, country: string): CheckOutcome {
  const file = readPieceFile(text);
  if ('error' in file) return file;
  return {
    pieces: file.pieces.map((piece) => ({
      name: piece.name,
      remarks: benchCheckAll(piece, alloys, country).map((remark) => toJson(remark, piece)),
    })),
  };
}

function toJson({ rule, severity, about, sentence, why, remedy, known }: Remark, piece: Piece): RemarkJson {
  const rows = [...piece.parts, ...piece.findings, ...piece.groups, ...piece.joins, ...piece.steps];
  const name = rows.find(({ id }) => id === about)?.name ?? '';
  return { rule, severity, about: name, sentence, why, remedy: remedy?.says ?? null, known };
}
