// Plans the cutting of bars: a first plan at once, then better plans and a rising bound, until it is proved optimal or
// time is up. The least cost comes first; at that cost, the least metal.
import { seeded } from '../../measure/random.ts';
import { minCostCover } from '../min-cost-cover.ts';
import type { NoPlan } from '../no-plan.ts';
import { EPSILON, isSameCost } from '../same-cost.ts';
import { type StockChoices, stockChoices } from '../stock-choices.ts';
import type { TimeBudget } from '../time-budget.ts';
import { allPatterns } from './all-patterns.ts';
import { type BarCells, barCells } from './bar-cells.ts';
import type { BarPlan, BarProblem } from './bar-problem.ts';
import {
  type Columns,
  type CoverBound,
  type CutObjective,
  generateColumns,
  keyOf,
  masterProblem,
  startingColumns,
} from './column-generation.ts';
import { divingHeuristic } from './diving-heuristic.ts';
import { exactCover } from './exact-cover.ts';
import { fewerPatterns } from './fewer-patterns.ts';
import { firstFitDecreasing } from './first-fit-decreasing.ts';
import {
  consumedBy,
  indexBars,
  type IndexedBars,
  isBetterScore,
  type Pattern,
  planOfPatterns,
  scoreOf,
  takenBy,
} from './indexed-bars.ts';
import type { LinearProgramSolver } from './linear-program.ts';
import { RefillSearch } from './refill-search.ts';
import { fillShortBars, type ShortBars } from './short-bars.ts';
import { longestFill, subsetSumFill } from './subset-sum-fill.ts';
import { trimPatterns } from './trim-patterns.ts';

/** Problems with at most this many patterns are solved with all of them. */
const MOST_PATTERNS = 3000;

/** Share of the gap between bound and plan at which the next target is set. */
const TRIED_SHARE = 0.4;
const MOST_TRIES = 40;
/** Share of the time for filling whole bars exactly before the program is solved. */
const FILLING_SHARE = 0.1;
/** Orders in which each choice of whole bars is filled. */
const MOST_ORDERS = 20;
/** Share of the time for using less metal at the same cost. */
const KEPT_FOR_METAL = 0.3;
/** Shares of the time for refills: before the program is solved, and what is kept for them after it. */
const FIRST_REFILLS = 0.15;
const KEPT_FOR_REFILLS = 0.45;
/** Choices of bars that are refilled in turn, ms for the first round, and weights of unevenness in turn. */
const MOST_REFILLED = 12;
const ROUND_S = 0.12;
const unevennesses = [0.5, 1, 0.3, 0] as const;
/** Longest exact fill of one choice. */
const COVER_S = 0.3;
/** Free bars that are offered besides those used. */
const MORE_FREE = 20;
/** Other choices of the same cost that are tried for less metal, and runs on the best plan. */
const SAME_COST = 6;
const SAME_COST_S = 0.08;
const METAL_RUNS = 3;
/** Share of the time left for the least waste of short bars, and of what is then left for one choice, by round. */
const SHORT_BARS_SHARE = 0.75;
const ROUND_SHARES = [0.75, 0.7] as const;
const SEED = 20_231;

/**
 * Plans the cutting of bars.
 * @yields each better plan or bound
 * @returns the best plan, with few different patterns, or why there is none
 */
export function* planBars(
  problem: BarProblem,
  solve: LinearProgramSolver,
  clock: TimeBudget,
): Generator<BarPlan, BarPlan | NoPlan> {
  const bars = indexBars(problem);
  if (bars.pieces.length === 0) return planOfPatterns(bars, [], 0, 0);
  const filled = firstFitDecreasing(bars);
  const longest = longestOf(bars);
  if ('sentence' in filled && bars.pieces.some(({ takes }) => takes > (longest?.room ?? 0))) return filled;
  const small = allPatterns(bars, MOST_PATTERNS);
  if (small || !('sentence' in filled) || !longest) {
    const planning = new Planning(bars, solve, clock, 'sentence' in filled ? null : filled);
    if (planning.plan) yield planning.plan;
    yield* small ? planning.amongAll(small) : planning.byColumns();
    planning.settle();
    return planning.plan ?? tooFew(bars);
  }
  // With spare bars there is always a first plan; a plan without them is a plan for the real bars.
  const spare = withSpare(bars, longest);
  const begun = firstFitDecreasing(spare);
  const planning = new Planning(spare, solve, clock, 'sentence' in begun ? null : begun);
  for (const plan of planning.byColumns()) if (isReal(plan)) yield plan;
  planning.settle();
  return planning.plan && isReal(planning.plan) ? planning.plan : tooFew(bars);
}

/** Id of the spare bars: no stock has it, since ids are never empty. */
const SPARE = '';
const isReal = ({ bars }: BarPlan) => bars.every(({ stock }) => stock !== SPARE);

/** Spare bars: as many of the longest bar as may be wanted, each more expensive than all others together. */
function withSpare(bars: IndexedBars, longest: Bar): IndexedBars {
  const count = bars.pieces.reduce((sum, piece) => sum + piece.count, 0);
  const cost = 1 + bars.stock.reduce((sum, bar) => sum + bar.cost * bar.count, 0);
  return { ...bars, stock: [...bars.stock, { ...longest, id: SPARE, count, cost }] };
}

type Bar = IndexedBars['stock'][number];

/** Number of spare bars that are used. */
function longestOf({ stock }: IndexedBars): Bar | undefined {
  return stock.filter(({ count }) => count > 0).sort((a, b) => b.room - a.room)[0];
}

function tooFew(bars: IndexedBars): NoPlan {
  const most = longestFill(bars);
  const holds = bars.stock.reduce((sum, { room, count }) => sum + most(room) * count, 0);
  const need = bars.pieces.reduce((sum, { takes, count }) => sum + takes * count, 0);
  return {
    sentence:
      holds < need
        ? 'There are not enough bars for all the pieces.'
        : 'The bars do not hold all the pieces, as far as was tried.',
  };
}

class Planning {
  readonly #bars: IndexedBars;
  readonly #solve: LinearProgramSolver;
  readonly #clock: TimeBudget;
  #best: readonly Pattern[] | null;
  readonly #random = seeded(SEED);
  #bound = 0;
  /** By stock, most µm of pieces that one bar holds. */
  readonly #full: readonly number[];
  readonly #cells: BarCells;
  /** Choices of bars that were tried for an exact fill, and those proved to have none. */
  readonly #tried = new Set<string>();
  readonly #impossible = new Set<string>();
  /** What the bars of any plan must hold together. */
  #cover: CoverBound;
  #consumedBound: number;

  constructor(bars: IndexedBars, solve: LinearProgramSolver, clock: TimeBudget, best: readonly Pattern[] | null) {
    this.#bars = bars;
    this.#solve = solve;
    this.#clock = clock;
    this.#best = best;
    this.#consumedBound = leastTaken(bars);
    this.#cells = barCells(bars);
    const most = longestFill(bars);
    this.#full = bars.stock.map(({ room }) => most(room));
    this.#cover = byLength(bars, this.#full);
    this.#raise(leastByLength(bars));
  }

  get plan(): BarPlan | null {
    return this.#best && planOfPatterns(this.#bars, this.#best, this.#bound, this.#consumedBound);
  }

  /** The best plan with as few different patterns as it takes. */
  settle(): void {
    if (this.#best) this.#best = fewerPatterns(this.#bars, this.#best);
  }

  /** A small problem: all patterns are there, and what the solver proves is proved. */
  *amongAll(patterns: readonly Pattern[]): Generator<BarPlan> {
    const full = patterns.filter((pattern) => this.#isFull(pattern));
    yield* this.#whole({ least: 'cost' }, full, 0.6, (bound) => this.#raise(bound));
    if (!this.#best || this.#left() <= 0) return;
    // A bar of which nothing is kept may as well be cut full.
    const kept = patterns.filter(
      (pattern) =>
        this.#isFull(pattern) || consumedBy(this.#bars, pattern) < (this.#bars.stock[pattern.stock]?.length ?? 0),
    );
    this.#raiseConsumed(this.#leastOfChoices());
    yield* this.#whole(this.#metal(), kept, 0.5, (bound) => this.#raiseConsumed(bound));
    yield* this.#refillForMetal();
  }

  /** A large problem: patterns are generated as they are needed. */
  *byColumns(): Generator<BarPlan> {
    const columns: Columns = new Map();
    yield* this.#fill(this.#clock.elapsed() + this.#clock.seconds * FILLING_SHARE);
    yield* this.#refillForRoom(this.#clock.elapsed() + this.#clock.seconds * FIRST_REFILLS);
    for (const pattern of [...(this.#best ?? []), ...startingColumns(this.#bars)]) columns.set(keyOf(pattern), pattern);
    if (!this.#isCheapest())
      yield* this.#generateAndDive({ least: 'cost' }, columns, 0.6, (bound, cover) => this.#raise(bound, cover));
    if (!this.#best) yield* this.#whole({ least: 'cost' }, [...columns.values()], 0.6, () => undefined);
    yield* this.#tryForLess(columns);
    yield* this.#refillForRoom(this.#clock.seconds * (1 - KEPT_FOR_METAL));
    if (!this.#best || this.#left() <= 0) return;
    for (const pattern of this.#best) columns.set(keyOf(pattern), pattern);
    this.#raiseConsumed(this.#leastOfChoices());
    yield* this.#generateAndDive(this.#metal(), columns, 0.2, (bound) => this.#raiseConsumed(bound));
    if (this.plan?.proved) return;
    yield* this.#shortBarsFirst(this.#clock.elapsed() + this.#left() * SHORT_BARS_SHARE);
    yield* this.#refillForMetal();
  }

  /** Puts all pieces into cheaper choices of bars: exactly where hardly any length is spare, else by refills. */
  *#refillForRoom(until: number): Generator<BarPlan> {
    for (let round = 0; !this.#isCheapest() && this.#clock.elapsed() < until; round += 1) {
      const choices = this.#choices(this.#bound, this.#cost())
        .choices.filter(({ chosen }) => !this.#impossible.has(chosen.join()))
        .slice(0, MOST_REFILLED);
      if (choices.length === 0) return;
      for (const { chosen } of choices) {
        if (this.#clock.elapsed() > until) return;
        const before = this.#cost();
        this.#take(this.#covered(chosen, until) ?? this.#refilled(chosen, round, until));
        if (this.#cost() >= before) continue;
        if (this.plan) yield this.plan;
        break;
      }
    }
  }

  /** @returns null where there is no exact fill, or it would take too long */
  #covered(chosen: readonly number[], until: number): readonly Pattern[] | null {
    const key = chosen.join();
    if (this.#tried.has(key)) return null;
    this.#tried.add(key);
    const stop = Math.min(until, this.#clock.elapsed() + COVER_S);
    const answer = exactCover(this.#bars, this.#cells, chosen, () => this.#clock.elapsed() > stop);
    if (answer.status === 'none') this.#impossible.add(key);
    return answer.status === 'found' ? answer.patterns : null;
  }

  #refilled(chosen: readonly number[], round: number, until: number): readonly Pattern[] | null {
    if (this.#impossible.has(chosen.join())) return null;
    const search = this.#refills(eachOf(chosen));
    search.fill();
    const seconds = Math.min(ROUND_S * (1 + round), until - this.#clock.elapsed());
    search.place({ passed: this.#during(seconds), target: 0, unevenness: unevennesses[round % 4] ?? 0 });
    return search.isComplete ? search.patterns() : null;
  }

  /** Looks for less metal until the time is up: by other choices of the same cost, then by more refills of the best. */
  *#refillForMetal(): Generator<BarPlan> {
    const target = () => this.#consumedBound / this.#cells.step + 1e-6;
    const isDone = () => !this.#best || this.plan?.proved === true || this.#left() <= 0;
    for (const { chosen } of this.#choicesAtCost().choices.slice(0, SAME_COST)) {
      if (isDone()) return;
      const search = this.#refills(eachOf(chosen));
      search.fill();
      if (!search.isComplete) search.place({ passed: this.#during(SAME_COST_S), target: 0 });
      if (!search.isComplete) continue;
      search.saveMetal({ passed: this.#during(SAME_COST_S), target: target() });
      this.#take(search.patterns());
    }
    for (let run = 0; run < METAL_RUNS && !isDone(); run += 1) {
      const search = this.#refills(this.#withFree(this.#best ?? []));
      if (!search.load(this.#best ?? [])) return;
      search.saveMetal({ passed: this.#during(this.#left() / (METAL_RUNS - run)), target: target() });
      this.#take(search.patterns());
      if (this.plan) yield this.plan;
    }
  }

  /** For each choice of the same cost: the least waste of its short bars, then refills of the longer ones. */
  *#shortBarsFirst(until: number): Generator<BarPlan> {
    const { choices, isComplete } = this.#choicesAtCost();
    if (!this.#cells.isExact || !this.#best) return;
    const inTurn = choices
      .map((choice) => ({ ...choice, least: this.#leastOf(choice) }))
      .sort((a, b) => a.least - b.least);
    const consumed = () => scoreOf(this.#bars, this.#best ?? []).consumed;
    const bounds = inTurn.map(({ least }) => least);
    // With a better plan there are fewer patterns, so a second round goes further.
    for (const share of ROUND_SHARES)
      for (const [at, { chosen }] of inTurn.entries()) {
        const left = until - this.#clock.elapsed();
        if ((bounds[at] ?? 0) >= consumed() || left <= 0) continue;
        const most = consumed() - this.#cells.step;
        const short = fillShortBars(this.#bars, this.#cells, chosen, most, this.#solve, left * share);
        bounds[at] = Math.max(bounds[at] ?? 0, short.bound);
        this.#take(this.#fillOthers(short, until));
        if (this.plan) yield this.plan;
      }
    if (isComplete) this.#raiseConsumed(Math.min(consumed(), ...bounds));
  }

  /** Puts the pieces that are left into the longer bars. */
  #fillOthers({ patterns, others, bound }: ShortBars, until: number): readonly Pattern[] | null {
    if (!others) return null;
    const pieces = this.#bars.pieces.map((piece, at) => ({
      ...piece,
      count: piece.count - patterns.reduce((sum, { cuts }) => sum + (cuts[at] ?? 0), 0),
    }));
    const search = new RefillSearch({ ...this.#bars, pieces }, this.#cells, others, this.#random);
    search.fill();
    const seconds = Math.max(0.05, (until - this.#clock.elapsed()) / 2);
    if (!search.isComplete) search.place({ passed: this.#during(seconds / 2), target: 0 });
    if (!search.isComplete) return null;
    const consumed = patterns.reduce((sum, pattern) => sum + consumedBy(this.#bars, pattern), 0);
    search.saveMetal({ passed: this.#during(seconds), target: (bound - consumed) / this.#cells.step + 1e-6 });
    return [...patterns, ...search.patterns()];
  }

  #refills(stock: readonly number[]): RefillSearch {
    return new RefillSearch(this.#bars, this.#cells, stock, this.#random);
  }

  #during(seconds: number): () => number {
    const began = this.#clock.elapsed();
    return () => (this.#clock.elapsed() - began) / Math.max(1e-3, seconds);
  }

  /** The bars of a plan, and free ones that are left. */
  #withFree(patterns: readonly Pattern[]): number[] {
    const used = patterns.map(({ stock }) => stock);
    const free = this.#bars.stock.flatMap(({ cost, count }, stock) => {
      const left = cost === 0 ? count - used.filter((one) => one === stock).length : 0;
      return Array<number>(Math.min(MORE_FREE, left)).fill(stock);
    });
    return [...used, ...free];
  }

  #choices(atLeast: number, below: number): StockChoices {
    const { stock, pieces } = this.#bars;
    const need = pieces.reduce((sum, { takes, count }) => sum + takes * count, 0);
    return stockChoices(stock, need, this.#full, atLeast, below);
  }

  #choicesAtCost(): StockChoices {
    const cost = this.#cost();
    const above = cost === 0 ? EPSILON : cost * (1 + 10 * EPSILON);
    const { choices, isComplete } = this.#choices(cost, above);
    return { choices: choices.filter(({ spare }) => spare >= 0), isComplete };
  }

  #leastOfChoices(): number {
    const { choices, isComplete } = this.#choicesAtCost();
    if (choices.length === 0 || !isComplete) return 0;
    return Math.min(...choices.map((choice) => this.#leastOf(choice)));
  }

  /** Bars that have to be used are used up where nothing long enough to keep can be left of them. @returns µm */
  #leastOf({ chosen, spare }: StockChoices['choices'][number]): number {
    const { stock, pieces, keepFrom } = this.#bars;
    const need = pieces.reduce((sum, { takes, count }) => sum + takes * count, 0);
    const sum = (of: 'length' | 'room') =>
      chosen.reduce((all, count, index) => all + count * (stock[index]?.[of] ?? 0), 0);
    const left = sum('room') - need;
    // Free bars are always in a choice; one that the others can do without need not be used.
    const isAllUsed = chosen.every(
      (count, index) => count === 0 || (stock[index]?.cost ?? 0) > 0 || (this.#full[index] ?? 0) > spare,
    );
    return left < keepFrom && isAllUsed ? sum('length') : sum('length') - left;
  }

  /**
   * Chooses whole bars that could hold all pieces for less money, and fills them exactly, the cheapest choice first.
   */
  *#fill(until: number): Generator<BarPlan> {
    for (let order = 0; order < MOST_ORDERS && !this.#isCheapest(); order += 1) {
      for (const { chosen } of this.#choices(this.#bound, this.#cost()).choices) {
        if (this.#clock.elapsed() > until) return;
        const before = this.#cost();
        this.#take(subsetSumFill(this.#bars, chosen, order === 0 ? null : this.#random));
        if (this.#cost() < before) {
          if (this.plan) yield this.plan;
          break;
        }
      }
    }
  }

  /**
   * Tries to undercut the plan while there is time: with the cost limited, a program that saves metal leaves most room
   * for whole bars. The nearer to the bound a try failed, the nearer to the plan the next one is.
   */
  *#tryForLess(columns: Columns): Generator<BarPlan> {
    let failed = this.#bound;
    for (
      let round = 0;
      round < MOST_TRIES && this.#left() > this.#clock.seconds * KEPT_FOR_REFILLS && !this.#isCheapest();
      round += 1
    ) {
      const between = this.#wholeFrom(failed + (this.#cost() - failed) * TRIED_SHARE);
      const sought = this.#isCheaper(between) ? between : this.#wholeFrom(failed);
      if (!this.#isCheaper(sought)) return;
      const until = this.#clock.elapsed() + this.#left() / 2;
      const terms = { solve: this.#solve, isOver: () => this.#clock.elapsed() > until, random: this.#random };
      const before = this.#cost();
      this.#take(divingHeuristic(this.#bars, { least: 'metal', mostCost: sought }, columns, terms));
      // Half of the tries are at the same limit again, with other random choices.
      if (this.#cost() > sought && round % 2 === 1) failed = sought;
      if (this.#cost() < before && this.plan) yield this.plan;
    }
  }

  /** @param share  of the time that is left */
  *#generateAndDive(
    aim: CutObjective,
    columns: Columns,
    share: number,
    proves: (bound: number, cover: CoverBound) => void,
  ): Generator<BarPlan> {
    const until = this.#clock.elapsed() + this.#left() * share;
    const terms = {
      solve: this.#solve,
      known: this.#cost(),
      isOver: () => this.#clock.elapsed() > until,
      random: this.#random,
    };
    const { bound, cover } = generateColumns(this.#bars, aim, columns, terms);
    proves(bound, cover);
    if (this.plan) yield this.plan;
    if (this.plan?.proved || (aim.least === 'cost' && this.#isCheapest())) return;
    this.#take(divingHeuristic(this.#bars, aim, columns, terms));
    if (this.plan) yield this.plan;
  }

  /** Solves for whole bars directly. @param share  of the time that is left */
  *#whole(
    aim: CutObjective,
    patterns: readonly Pattern[],
    share: number,
    proves: (bound: number) => void,
  ): Generator<BarPlan> {
    const target = aim.least === 'cost' ? this.#bound : this.#consumedBound;
    const answer = this.#solve(masterProblem(this.#bars, aim, patterns, true), this.#left() * share, target);
    const bars = answer.values.flatMap((value, index) => {
      const pattern = patterns[index];
      return pattern ? Array<Pattern>(Math.round(value)).fill(pattern) : [];
    });
    this.#take(bars.length > 0 ? bars : null);
    if (answer.status !== 'none') proves(answer.bound);
    if (this.plan) yield this.plan;
  }

  #take(patterns: readonly Pattern[] | null): void {
    if (!patterns) return;
    const plan = trimPatterns(this.#bars, patterns);
    if (!this.#best || isBetterScore(scoreOf(this.#bars, plan), scoreOf(this.#bars, this.#best))) this.#best = plan;
  }

  #cost(): number {
    return this.#best ? scoreOf(this.#bars, this.#best).cost : Infinity;
  }

  #metal(): CutObjective {
    return { least: 'metal', mostCost: this.#cost() };
  }

  #left(): number {
    return this.#clock.seconds - this.#clock.elapsed();
  }

  #isCheaper(cost: number): boolean {
    return cost < this.#cost() && !isSameCost(cost, this.#cost());
  }

  #isCheapest(): boolean {
    return this.#best !== null && isSameCost(this.#cost(), this.#bound);
  }

  #raise(bound: number, cover = this.#cover): void {
    this.#cover = cover;
    this.#bound = Math.max(this.#bound, bound, this.#wholeFrom(bound));
  }

  /** The least cost of whole bars from a bound on that can hold all pieces. */
  #wholeFrom(atLeast: number): number {
    const { need, holds } = this.#cover;
    const stock = this.#bars.stock.map(({ cost, count }, index) => ({ cost, count, holds: holds[index] ?? 0 }));
    return this.#cost() < Infinity ? minCostCover(stock, need, atLeast, this.#cost()) : atLeast;
  }

  // Whole micrometres. At a cost that may not be the least, nothing is proved about the metal.
  #raiseConsumed(bound: number): void {
    if (!this.#isCheapest()) return;
    // Whole steps: all lengths are.
    const step = this.#cells.isExact ? this.#cells.step : 1;
    this.#consumedBound = Math.max(this.#consumedBound, Math.ceil((bound - 1e-2) / step) * step);
  }

  #isFull({ stock, cuts }: Pattern): boolean {
    const free = (this.#bars.stock[stock]?.room ?? 0) - takenBy(this.#bars, cuts);
    return this.#bars.pieces.every(({ takes, count }, index) => takes > free || (cuts[index] ?? 0) >= count);
  }
}

const eachOf = (chosen: readonly number[]) => chosen.flatMap((count, stock) => Array<number>(count).fill(stock));

// All pieces without kerfs: the metal needed when every bar ends with its last piece.
function leastTaken({ pieces, stock }: IndexedBars): number {
  const kerf = Math.max(0, ...stock.map(({ room, length }) => room - length));
  return pieces.reduce((sum, { takes, count }) => sum + (takes - kerf) * count, 0);
}

/** Bound per millimetre, each bar as full as it can be. */
function byLength({ pieces }: IndexedBars, holds: readonly number[]): CoverBound {
  return { need: pieces.reduce((sum, { takes, count }) => sum + takes * count, 0), holds };
}

/** Bound as if bars could be joined: the cheapest per millimetre first. */
function leastByLength({ stock, pieces }: IndexedBars): number {
  let need = pieces.reduce((sum, { takes, count }) => sum + takes * count, 0);
  let cost = 0;
  for (const { room, count, cost: each } of [...stock].sort((a, b) => a.cost / a.room - b.cost / b.room)) {
    const used = Math.min(count, need / room);
    cost += used * each;
    need -= used * room;
    if (need <= 0) break;
  }
  return cost;
}
