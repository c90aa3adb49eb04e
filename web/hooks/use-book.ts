// The lines of the list. Those in sight are counted at once; the others a few at a time, so that the page never waits.
import { useEffect, useMemo, useState } from 'react';
import type { PieceDocument } from '../../contract/pieces.ts';
import { given } from '../../core/figure/figure.ts';
import { priceStanding } from '../../core/price/piece/standing.ts';
import type { Basis } from '../state/basis.ts';
import type { BookLine } from '../state/book-line.ts';
import { pieceCount } from '../state/piece-count.ts';
import { useBasis } from './use-basis.ts';

/** ms after which counting yields to the page. */
const SPELL_MS = 24;
/** A short list is counted before it is shown. */
const AT_ONCE = 24;

const lines = new WeakMap<PieceDocument, { basis: Basis; line: BookLine }>();

/** A line, counted now or remembered. */
export function bookLine(piece: PieceDocument, basis: Basis): BookLine {
  const known = lines.get(piece);
  if (known?.basis === basis) return known.line;
  const count = pieceCount(piece.body, basis);
  const accepted = piece.accepted ? pieceCount(piece.accepted, basis) : count;
  const sells = sellsFor(piece, count);
  const line = { piece, count, standing: priceStanding(piece.priced, accepted), accepted, sells };
  lines.set(piece, { basis, line });
  return line;
}

function sellsFor({ priced }: PieceDocument, { prices, column }: BookLine['count']): BookLine['sells'] {
  const currency = column.cost.unit;
  if (priced?.currency !== currency || priced.wholesaleMinor === 0) return prices;
  const asSet = (label: string, minor: number) => given(label, minor, currency, 'set in the price book');
  return { wholesale: asSet('wholesale', priced.wholesaleMinor), retail: asSet('retail', priced.retailMinor) };
}

/**
 * @returns the lines counted so far, in the order of the pieces, and whether that is all of them
 */
export function useBook(pieces: readonly PieceDocument[]): { counted: readonly BookLine[]; isWhole: boolean } {
  const basis = useBasis();
  const [progress, setProgress] = useState({ of: pieces, basis, upTo: 0 });
  const upTo = progress.of === pieces && progress.basis === basis ? progress.upTo : Math.min(pieces.length, AT_ONCE);

  useEffect(() => {
    if (upTo >= pieces.length) return;
    const timer = setTimeout(() => {
      const began = performance.now();
      let at = upTo;
      while (at < pieces.length && performance.now() - began < SPELL_MS) {
        const piece = pieces[at];
        if (piece) bookLine(piece, basis);
        at += 1;
      }
      setProgress({ of: pieces, basis, upTo: at });
    });
    return () => clearTimeout(timer);
  }, [pieces, basis, upTo]);

  const counted = useMemo(() => pieces.slice(0, upTo).map((piece) => bookLine(piece, basis)), [pieces, basis, upTo]);
  return { counted, isWhole: upTo >= pieces.length };
}
