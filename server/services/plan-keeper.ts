// Keeps the plan: one document with versions for all pages and devices. It is planned again only when something it rests on
// has changed, or when asked. Meanwhile a finder looks for better plans, which are offered.
import type { PlanOffer, PlanPage } from '../../contract/plan.ts';
import { standingKey } from '../../core/bench/bench-entry.ts';
import { SAME } from '../../core/plan/model/objective.ts';
import type { Objective, Schedule } from '../../core/plan/model/problem.ts';
import { warmStart } from '../../core/plan/solve/warm-start.ts';
import { followPlan, placesOf } from '../../core/plan/studio/follow-plan.ts';
import { noPlanSentence } from '../../core/plan/studio/no-plan.ts';
import { movedLines, type PlanDocument, type PlanLine, planLines } from '../../core/plan/studio/plan-document.ts';
import { nearTo, steadyPlan } from '../../core/plan/studio/steady-plan.ts';
import { blockTitle, type PlanLike, type StudioPlan, studioPlan } from '../../core/plan/studio/studio-plan.ts';
import type { StudioTerms } from '../../core/plan/studio/studio-problem.ts';
import type { Finder } from '../../solver/finder.ts';
import type { StoredPlan } from '../store/plans.ts';
import type { Stores } from '../store/stores.ts';
import { type PlanInputs, planInputs, reasonsFor } from './plan-inputs.ts';

/** Today and the minute of it. */
export interface Moment {
  readonly day: string;
  readonly minute: number;
}

/** Planning gives way to other requests after so many ms. */
const SLICE_MS = 8;
/** The finder looks for so long after each new version, s. */
const FINDER_SECONDS = 20;
/** Weighted minutes: an hour of a normal batch. */
const WORTH_OFFERING = 600;
/** After a change nobody asks about, the plan is made anyway. */
const PLAN_AFTER_MS = 2000;

/** Keeps the plan of one ledger. */
export class PlanKeeper {
  readonly #stores: Stores;
  readonly #finder: Finder | null;
  readonly #memo = new Map<string, PlanInputs['jobs'][number]['steps']>();
  #inputs: PlanInputs | null = null;
  #last: StoredPlan | null = null;
  #sentence = '';
  #offer: (PlanOffer & { readonly key: string }) | null = null;
  #isFinding = false;
  /** The version somebody has looked at, and the one the finder has looked at. */
  #seen = 0;
  #searched = 0;
  #atWork: Promise<void> | null = null;
  #timer: NodeJS.Timeout | null = null;
  #isClosed = false;

  constructor(stores: Stores, finder: Finder | null) {
    this.#stores = stores;
    this.#finder = finder;
  }

  /** Something was written: the plan may rest on it. */
  noteWrite(now: () => Moment): void {
    this.#inputs = null;
    if (this.#timer) clearTimeout(this.#timer);
    this.#timer = setTimeout(() => {
      this.#timer = null;
      if (this.#stores.studio.list().length > 0) void this.#upToDate(now()).catch(() => undefined);
    }, PLAN_AFTER_MS);
    this.#timer.unref();
  }

  /** The plan as every page shows it. */
  async page(moment: Moment): Promise<PlanPage> {
    await this.#upToDate(moment);
    const last = this.#last;
    if (last) this.#seen = last.version;
    const offer = this.#offer && this.#offer.version === last?.version ? this.#offer : null;
    return {
      plan: last && documentOf(last),
      sentence: this.#sentence,
      offer: offer && { version: offer.version, lines: offer.lines, moved: offer.moved },
      isFinding: this.#isFinding,
    };
  }

  /** Plans again from this minute on, because somebody asked. */
  async replan(moment: Moment): Promise<PlanPage> {
    await this.#upToDate(moment);
    await this.#once(moment, ['asked for']);
    return this.page(moment);
  }

  /** Takes the offered plan. @returns false where it is not the offer of this version any more */
  async take(version: number, moment: Moment): Promise<boolean> {
    await this.#upToDate(moment);
    const offer = this.#offer;
    const inputs = this.#inputs;
    if (!offer || !inputs || offer.version !== version || this.#last?.version !== version || offer.key !== inputs.key)
      return false;
    this.#store(inputs, offer.lines, ['a better schedule was taken']);
    return true;
  }

  /** The last version as a calendar needs it; null before the first. */
  kept(): StoredPlan | null {
    return this.#last ?? this.#stores.plans.last();
  }

  close(): void {
    this.#isClosed = true;
    if (this.#timer) clearTimeout(this.#timer);
    this.#finder?.close();
  }

  async #upToDate(moment: Moment): Promise<void> {
    while (this.#atWork) await this.#atWork;
    this.#last ??= this.#stores.plans.last();
    if (this.#inputs && this.#last?.key === this.#inputs.key) return;
    this.#inputs = planInputs(this.#stores, this.#memo);
    if (this.#last?.key === this.#inputs.key) {
      this.#find(this.#inputs, moment);
      return;
    }
    await this.#once(moment, null);
  }

  /** One at a time: who comes second waits for the plan of the first. */
  async #once(moment: Moment, because: readonly string[] | null): Promise<void> {
    while (this.#atWork) await this.#atWork;
    this.#atWork = this.#plan(moment, because).finally(() => (this.#atWork = null));
    await this.#atWork;
  }

  async #plan(moment: Moment, because: readonly string[] | null): Promise<void> {
    const inputs = (this.#inputs ??= planInputs(this.#stores, this.#memo));
    const terms: StudioTerms = { ...inputs.terms, ...moment };
    const before = this.#last;
    const planned = await inSlices(steadyPlan(inputs.jobs, terms, before?.lines ?? []));
    this.#sentence = planned ? '' : noPlanSentence(inputs.jobs, terms);
    if (this.#isClosed) return;
    const lines = planned ? linesOf(inputs, planned.plan) : [];
    this.#store(inputs, lines, because ?? (before ? reasonsFor(before.inputs, inputs) : ['first schedule']));
    if (planned) this.#find(inputs, moment);
  }

  #store(inputs: PlanInputs, lines: readonly PlanLine[], because: readonly string[]): void {
    const before = this.#last;
    this.#offer = null;
    this.#last = this.#stores.plans.add({
      key: inputs.key,
      inputs: inputs.parts,
      because: [...because],
      lines: [...lines],
      moved: before ? movedLines(before.lines, lines, underWay(inputs)) : [],
    });
  }

  /** Looks for a better plan than the last one, once for each version. */
  #find(inputs: PlanInputs, moment: Moment): void {
    const last = this.#last;
    if (!this.#finder || !last || last.lines.length === 0 || this.#searched === last.version) return;
    const terms: StudioTerms = { ...inputs.terms, ...moment };
    const now = followPlan(inputs.jobs, terms, last.lines);
    if (!now) return;
    const indexed = nearTo(now.problem, last.lines, terms);
    const from = warmStart(indexed, placesOf(now.problem, last.lines, terms.day));
    if (!from) return;
    this.#searched = last.version;
    this.#isFinding = true;
    const task = { problem: now.problem, last: indexed.last ?? null, from, seconds: FINDER_SECONDS };
    this.#finder.look(task, ({ schedule }) => {
      if (this.#isClosed || this.#last?.version !== last.version) return;
      this.#isFinding = false;
      if (schedule) this.#consider(schedule, inputs, terms, now, last);
    });
  }

  #consider(schedule: Schedule, inputs: PlanInputs, terms: StudioTerms, now: PlanLike, last: StoredPlan): void {
    const { problem } = now;
    const known = warmStart(nearTo(problem, last.lines, terms), placesOf(problem, last.lines, terms.day));
    if (known && !isWorthOffering(schedule.objective, known.objective)) return;
    const plan = studioPlan(inputs.jobs, problem, schedule.steps, schedule.objective, terms);
    const lines = linesOf(inputs, plan);
    if (inputs.takesUnseen && this.#seen !== last.version) {
      this.#store(inputs, lines, ['a better schedule was found before anybody looked']);
      return;
    }
    const moved = movedLines(linesOf(inputs, now.plan), lines, underWay(inputs));
    if (moved.length > 0) this.#offer = { version: last.version, lines, moved, key: inputs.key };
  }
}

/** Less late, or sooner done by more than moving is worth and an hour of a normal batch. */
function isWorthOffering(found: Objective, known: Objective): boolean {
  if (found.overLag > known.overLag + SAME) return false;
  const less = known.tardiness - found.tardiness;
  if (Math.abs(less) > SAME) return less > 0;
  return found.completion + found.moved < known.completion + known.moved - WORTH_OFFERING;
}

/** Whether a step has been started: it does not move. */
const underWay =
  ({ terms: { standings } }: PlanInputs) =>
  ({ batch, step }: PlanLine) =>
    Boolean(standings.get(standingKey(batch, step))?.started);

function linesOf({ names }: PlanInputs, plan: StudioPlan): PlanLine[] {
  return planLines(plan, (block) => `${names.get(block.batch) ?? ''}: ${blockTitle(block)}`);
}

function documentOf({ version, at, key, because, lines, moved }: StoredPlan): PlanDocument {
  return { version, at, key, because, lines, moved };
}

/** Runs a computation in slices, so that other requests are answered meanwhile. */
async function inSlices<Result>(steps: Generator<unknown, Result>): Promise<Result> {
  for (let until = performance.now() + SLICE_MS; ;) {
    const step = steps.next();
    if (step.done) return step.value;
    if (performance.now() < until) continue;
    await new Promise((resolve) => setImmediate(resolve));
    until = performance.now() + SLICE_MS;
  }
}
