// The valuations of a book, made in a worker of its own and kept while the page is open.
import { useEffect, useRef, useState } from 'react';
import type { Piece } from '../../core/piece/piece.ts';
import type { Valuation } from '../../core/price/valuation.ts';
import type { ValuingAsked, ValuingTold } from '../workers/valuing.ts';
import { useBasis } from './reckoning.ts';

interface Valued {
  readonly question: number;
  readonly valuations: readonly (Valuation | null)[];
  readonly isDone: boolean;
}

const nothing: Valued = { question: 0, valuations: [], isDone: false };

/**
 * @param pieces  the same array while nothing has changed
 * @returns valuations in the order of the pieces, as many as are made so far; those before while newer ones begin
 */
export function useValuations(pieces: readonly Piece[]): Pick<Valued, 'valuations' | 'isDone'> {
  const { studio, revision, receipts, fix } = useBasis();
  const worker = useRef<Worker | null>(null);
  const [valued, setValued] = useState(nothing);
  useEffect(() => {
    const made = new Worker(new URL('../workers/valuing.ts', import.meta.url), { type: 'module' });
    worker.current = made;
    made.addEventListener('message', ({ data }: MessageEvent<ValuingTold>) => {
      setValued((before) => ({
        question: data.question,
        valuations: before.question === data.question ? [...before.valuations, ...data.valued] : data.valued,
        isDone: data.isDone,
      }));
    });
    return () => made.terminate();
  }, []);
  const asked = useRef(0);
  useEffect(() => {
    if (!fix) return;
    asked.current += 1;
    const question: ValuingAsked = { question: asked.current, studio, revision, receipts, fix, pieces };
    worker.current?.postMessage(question);
  }, [pieces, studio, revision, receipts, fix]);
  return valued.valuations.length > pieces.length ? nothing : valued;
}
