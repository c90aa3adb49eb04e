// `noon route`: the proposed route of a piece file.
import type { Alloy } from '../../core/metal/alloys.ts';
import { type RouteLine, routeTable } from '../../core/piece/route-table.ts';
import { readPieceFile } from './piece-file.ts';

/** The route of one piece; of several pieces, each with its name. */
type Routes = readonly RouteLine[] | readonly { readonly name: string; readonly route: readonly RouteLine[] }[];

/** @param text  of a piece file, see docs/formats/piece.md */
export function routeOutcome(
  text: string,
  alloys: ReadonlyMap<string, Alloy>,
): { readonly routes: Routes } | { readonly error: string } {
  const file = readPieceFile(text);
  if ('error' in file) return file;
  const [only, ...more] = file.pieces;
  if (only && more.length === 0) return { routes: routeTable(only, alloys) };
  return { routes: file.pieces.map((piece) => ({ name: piece.name, route: routeTable(piece, alloys) })) };
}
