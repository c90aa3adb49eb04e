// Which steps of the studio may share a load, and how long a load takes that is under way.
import type { BenchStep } from '../../bench/batch-steps.ts';
import { standingKey } from '../../bench/bench-entry.ts';
import type { Standing } from '../../bench/standing.ts';
import type { Bench } from '../../studio/bench.ts';
import type { ScheduleStep } from '../model/problem.ts';

/** A step that may share its load: of one kind and one metal, at a station whose loads are shared. */
export function loadOf(step: BenchStep, bench: Bench, longest: number): ScheduleStep['load'] {
  const sharesLoads = bench.stations.some(({ name, sharesLoads }) => name === step.station && sharesLoads);
  if (!sharesLoads || step.share === null || step.attendedMin > longest) return undefined;
  return { kind: `${step.kind}, ${step.metals}`, share: step.share, once: Math.min(step.onceMin, step.attendedMin) };
}

/** A step that was started, or pinned, together with others takes as long as their load. */
export function loadsUnderWay(
  jobs: readonly { readonly id: string; readonly steps: readonly BenchStep[] }[],
  { standings, bench }: { readonly standings: ReadonlyMap<string, Standing>; readonly bench: Bench },
  longest: number,
): (step: BenchStep, standing: Standing) => BenchStep {
  const keyOf = (step: BenchStep, { started, pinned }: Standing) => {
    const entry = started ?? pinned;
    const load = entry ? loadOf(step, bench, longest) : undefined;
    if (!entry || !load) return '';
    return [load.kind, step.station, entry.maker, entry.on, entry.minute, started ? 1 : 0].join(' ');
  };
  const together = new Map<string, BenchStep[]>();
  for (const { id, steps } of jobs)
    for (const step of steps) {
      const standing = standings.get(standingKey(id, step.key));
      const key = standing && !standing.done ? keyOf(step, standing) : '';
      if (key) together.set(key, [...(together.get(key) ?? []), step]);
    }
  return (step, standing) => {
    const own = together.get(keyOf(step, standing)) ?? [step];
    const once = Math.max(...own.map(({ onceMin }) => onceMin));
    const each = own.reduce((sum, { attendedMin, onceMin }) => sum + Math.max(0, attendedMin - onceMin), 0);
    if (own.length < 2) return step;
    return { ...step, attendedMin: once + each, unattendedMin: Math.max(...own.map((one) => one.unattendedMin)) };
  };
}
