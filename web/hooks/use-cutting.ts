// The cutting plans of a batch, computed in a worker.
import { useCallback, useEffect, useRef, useState } from 'react';
import type { BarPlan } from '../../core/cut/bars/bar-problem.ts';
import type { NoPlan } from '../../core/cut/no-plan.ts';
import type { SheetPlan } from '../../core/cut/sheets/sheet-problem.ts';
import type { CuttingAsked, CuttingTold } from '../workers/cutting.ts';

type CutPlan = BarPlan | SheetPlan | NoPlan;

export interface Cutting {
  readonly plans: ReadonlyMap<string, CutPlan>;
  /** Stock whose plan is still being computed. */
  readonly waiting: ReadonlySet<string>;
  readonly stop: () => void;
  /** Replaces a plan by one that was changed by hand. */
  readonly adjust: (stock: string, plan: CutPlan) => void;
}

interface Told {
  /** The problem that the answers belong to. */
  readonly asked: readonly CuttingAsked[];
  readonly done: ReadonlySet<string>;
}

const NONE: ReadonlySet<string> = new Set();

/** @param asked  planned again when it changes; pass the same array while nothing has changed */
export function useCutting(asked: readonly CuttingAsked[]): Cutting {
  const [plans, setPlans] = useState<ReadonlyMap<string, CutPlan>>(new Map());
  const [told, setTold] = useState<Told>({ asked: [], done: NONE });
  const worker = useRef<Worker | null>(null);
  useEffect(() => {
    if (asked.length === 0) return;
    const made = new Worker(new URL('../workers/cutting.ts', import.meta.url), { type: 'module' });
    worker.current = made;
    made.addEventListener('message', ({ data: { stock, plan, isDone } }: MessageEvent<CuttingTold>) => {
      setPlans((before) => new Map(before).set(stock, plan));
      if (isDone)
        setTold((before) => ({ asked, done: new Set([...(before.asked === asked ? before.done : []), stock]) }));
    });
    made.postMessage(asked);
    return () => made.terminate();
  }, [asked]);
  const stop = useCallback(() => {
    worker.current?.terminate();
    setTold({ asked, done: new Set(asked.map(({ stock }) => stock)) });
  }, [asked]);
  const adjust = useCallback(
    (stock: string, plan: CutPlan) => setPlans((before) => new Map(before).set(stock, plan)),
    [],
  );
  const done = told.asked === asked ? told.done : NONE;
  const waiting = new Set(asked.map(({ stock }) => stock).filter((stock) => !done.has(stock)));
  return { plans, waiting, stop, adjust };
}
