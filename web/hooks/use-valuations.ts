// The valuations of all pieces, computed in a worker and kept while the page is open.
import { useEffect, useRef, useState } from 'react';
import type { Piece } from '../../core/piece/piece.ts';
import type { Valuation } from '../../core/price/book/valuation.ts';
import type { ValuingAsked, ValuingTold } from '../workers/valuing.ts';
import { useBasis } from './use-basis.ts';
import { useStable } from './use-stable.ts';

interface Valued {
  readonly question: number;
  /** Whether the last question is answered in full. */
  readonly answered: readonly (Valuation | null)[];
  /** The earlier ones stay until there are as many new ones. */
  readonly valuations: readonly (Valuation | null)[];
  readonly isDone: boolean;
}

const nothing: Valued = { question: 0, answered: [], valuations: [], isDone: false };

/**
 * @param bodies  valued again only when one of them has changed
 * @returns valuations in the order of the pieces, as many as are computed; the earlier ones while newer ones start
 */
export function useValuations(bodies: readonly Piece[]): Pick<Valued, 'valuations' | 'isDone'> {
  const pieces = useStable(bodies, sameItems);
  const { studio, revision, receipts, fix } = useBasis();
  const worker = useRef<Worker | null>(null);
  const [valued, setValued] = useState(nothing);
  useEffect(() => {
    const made = new Worker(new URL('../workers/valuing.ts', import.meta.url), { type: 'module' });
    worker.current = made;
    made.addEventListener('message', ({ data }: MessageEvent<ValuingTold>) => {
      setValued((before) => {
        const answered = before.question === data.question ? [...before.answered, ...data.valued] : data.valued;
        const isEnough = data.isDone || answered.length >= before.valuations.length;
        const valuations = isEnough ? answered : before.valuations;
        return { question: data.question, answered, valuations, isDone: data.isDone };
      });
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

function sameItems<Item>(before: readonly Item[], after: readonly Item[]): boolean {
  return before.length === after.length && before.every((item, index) => item === after[index]);
}
