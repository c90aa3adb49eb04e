// Asks the server for better plans: both engines run, and each better plan or higher bound arrives as one line, until
// it is stopped.
import { useEffect, useRef, useState } from 'react';
import type { SearchTold } from '../../contract/plan.ts';
import { planRoutes } from '../../contract/plan.ts';
import type { Objective, ScheduleProblem } from '../../core/plan/model/problem.ts';
import { planLearned } from '../state/plans.ts';
import { useAppDispatch } from '../state/store.ts';

export interface PlanSearch {
  readonly isRunning: boolean;
  /** The bound: no plan can be better; null before it is known. */
  readonly bound: Objective | null;
  readonly start: () => void;
  readonly stop: () => void;
}

const SECONDS = 60;

export function usePlanSearch(key: string, problem: ScheduleProblem): PlanSearch {
  const [told, setTold] = useState<{ readonly key: string; readonly bound: Objective } | null>(null);
  const [running, setRunning] = useState<string | null>(null);
  const dispatch = useAppDispatch();
  const controller = useRef<AbortController | null>(null);
  // Another problem starts another search.
  useEffect(() => () => controller.current?.abort(), [key]);
  const start = () => {
    controller.current?.abort();
    const own = new AbortController();
    controller.current = own;
    setRunning(key);
    void search(problem, own.signal, (line) => {
      const found = { objective: line.objective, steps: line.steps };
      dispatch(planLearned({ key, told: { found, bound: line.bound, isDone: true } }));
      setTold({ key, bound: line.bound });
    })
      .catch(() => undefined)
      .finally(() => setRunning((before) => (controller.current === own ? null : before)));
  };
  const stop = () => {
    controller.current?.abort();
    setRunning(null);
  };
  return { isRunning: running === key, bound: told?.key === key ? told.bound : null, start, stop };
}

async function search(
  problem: ScheduleProblem,
  signal: AbortSignal,
  onLine: (told: SearchTold) => void,
): Promise<void> {
  const answer = await fetch(planRoutes.search.path, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ problem, seconds: SECONDS }),
    signal,
  });
  const reader = answer.body?.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    const lines = (rest + part.value).split('\n');
    rest = lines.pop() ?? '';
    for (const line of lines) onLine(JSON.parse(line) as SearchTold);
  }
}
