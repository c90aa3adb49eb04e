// For problems too large for the constraint solver: one window of the plan at a time is free, the rest is fixed, and
// the solver improves it (large neighbourhood search, Shaw 1998).
import { seeded } from '../core/measure/random.ts';
import type { IndexedProblem } from '../core/plan/model/indexed-problem.ts';
import { isBetter } from '../core/plan/model/objective.ts';
import { constraintModel, type Output } from '../core/plan/solve/constraint-model.ts';
import type { Solution } from '../core/plan/solve/solution.ts';
import { warmStart, type WarmStartStep } from '../core/plan/solve/warm-start.ts';
import type { Proving } from './prove-schedule.ts';

/** Number of free steps at once, and the time for them. */
const FREE_STEPS = 26;
const SECONDS_EACH = 8;

/**
 * Improves until its time is up or it is stopped.
 * @param bestNow  the best known plan, which another engine may have found
 */
export async function polish(
  bestNow: () => Solution,
  proving: Proving,
  seed: number,
  isOver: () => boolean,
): Promise<void> {
  const { indexed, solver, now } = proving;
  const until = now() + proving.seconds * 1000;
  const random = seeded(seed);
  while (!isOver() && now() < until) {
    const best = bestNow();
    const free = freeSteps(indexed, best, random);
    if (free.size === 0) return;
    const window: IndexedProblem = {
      ...indexed,
      fixed: indexed.fixed.map((fixed, step) => (free.has(step) ? fixed : placedAt(best, indexed, step))),
    };
    const ends = Array.from(free, (step) => best.steps[step]?.end ?? 0);
    const { tardiness, makespan } = best.objective;
    const aim =
      tardiness > 0
        ? ({ least: 'tardiness', known: tardiness } as const)
        : ({ least: 'makespan', tardiness, known: makespan } as const);
    const model = constraintModel(window, aim, Math.max(...ends));
    if (!model) {
      await new Promise((resolve) => setTimeout(resolve, 0));
      continue;
    }
    const onSolution = (printed: string) => {
      const found = warmStart(indexed, withRead(best, indexed, model.read(JSON.parse(printed) as Output)));
      if (found && isBetter(found.objective, bestNow().objective)) proving.onBetter(found);
    };
    const seconds = Math.min(SECONDS_EACH, (until - now()) / 1000);
    const outcome = await solver.ask({ text: model.text, data: model.data, seconds, onSolution });
    // Its time was up: the process has ended, and the next window starts another.
    if (outcome === 'stopped' && isOver()) return;
  }
}

/** Neighbours in the plan: a late step if there is one, or one that ends last, and the steps near it. */
function freeSteps(indexed: IndexedProblem, { steps, objective }: Solution, random: () => number): Set<number> {
  const movable = steps.flatMap((step, index) => (indexed.fixed[index] ? [] : [{ index, step }]));
  const lateJobs = new Set(
    steps.flatMap(({ end }, index) =>
      end > (indexed.due[indexed.job[index] ?? 0] ?? Infinity) ? (indexed.job[index] ?? 0) : [],
    ),
  );
  const late = movable.filter(({ index }) => lateJobs.has(indexed.job[index] ?? 0));
  const last = movable.filter(({ step }) => step.end >= objective.makespan - 1e-6);
  // Mostly a critical step, now and then any: room may have to be made elsewhere first.
  const sore = objective.tardiness > 0 ? late : last;
  const among = sore.length > 0 && random() < 0.7 ? sore : movable;
  const middle = among[Math.floor(random() * among.length)];
  if (!middle) return new Set();
  // A little before it rather than after: what binds it lies there.
  const at = middle.step.start - random() * 240;
  const near = movable.toSorted((a, b) => Math.abs(a.step.start - at) - Math.abs(b.step.start - at));
  return new Set(near.slice(0, FREE_STEPS).map(({ index }) => index));
}

function placedAt({ steps }: Solution, indexed: IndexedProblem, step: number) {
  const placed = steps[step];
  if (!placed) return null;
  const maker = indexed.problem.makers.findIndex(({ id }) => id === placed.maker);
  return { maker, start: placed.start, attendedEnd: placed.attendedEnd, end: placed.end };
}

function withRead(
  { steps }: Solution,
  indexed: IndexedProblem,
  read: ReadonlyMap<number, WarmStartStep>,
): ReadonlyMap<number, WarmStartStep> {
  return new Map(
    steps.map((placed, index): [number, WarmStartStep] => {
      const maker = indexed.problem.makers.findIndex(({ id }) => id === placed.maker);
      return [index, read.get(index) ?? { start: placed.start, maker }];
    }),
  );
}
