// Times learned from the bench log: of a kind of work, of a step of a piece, of a maker at that step. A step that was done
// rarely leans on its kind, a kind that was done rarely on the standard times.
import { type Belief, interval, learned, marginal, type Observed, predictive } from './conjugate-regression.ts';
import { groupBy } from './group-by.ts';
import { outliers } from './outliers.ts';

/** A step of a batch as it was done. */
export interface StepObservation {
  /** Piece and step, whatever the batch. */
  readonly stepId: string;
  readonly kind: string;
  readonly batchId: string;
  readonly maker: string;
  /** Day it ended, as a number of days. */
  readonly day: number;
  /** Pieces, and drivers of all of them: joints, cuts, centimetres. */
  readonly pieces: number;
  readonly drivers: number;
  /** Attended minutes: as they were, and by the recipe. */
  readonly actualMin: number;
  readonly expectedMin: number;
}

/** What is learned of a step. Factors are actual ÷ expected minutes. */
export interface LearnedStep {
  readonly stepId: string;
  /** Typical factor, and the bounds in which it lies with a chance of 80 %. */
  readonly factor: number;
  readonly low: number;
  readonly high: number;
  /** Variation from batch to batch, one standard deviation as a share. */
  readonly spread: number;
  /** By maker, where more than one did it. */
  readonly makers: ReadonlyMap<string, number>;
  readonly used: readonly StepObservation[];
  readonly setApart: readonly StepObservation[];
}

/** Days in which an observation loses half of its weight. */
const HALF_LIFE_DAYS = 365;

/** Weight of an observation, above 0 to 1. */
export function fadedWeight({ day }: Pick<StepObservation, 'day'>, today: number): number {
  return 0.5 ** (Math.max(0, today - day) / HALF_LIFE_DAYS);
}

/** Chance with which the bounds hold. */
export const LIKELY = 0.8;

/**
 * Variances in units of the noise's: how far kinds stray from the standard times, steps from their kind, makers from each
 * other.
 */
const KIND = 4;
const STEP = 4;
const MAKER = 0.5;
/** Prior of the noise: about 25 % from batch to batch, as strong as four batches. */
const SHAPE = 2;
const SCALE = SHAPE * 0.25 ** 2;

/**
 * Learns the steps of one kind of work.
 * @param observations  of that kind, in any order
 * @param today  as a number of days
 */
export function learnKind(observations: readonly StepObservation[], today: number): ReadonlyMap<string, LearnedStep> {
  // In a fixed order: sums of rounded numbers depend on it.
  const sorted = observations.filter(isUsable).toSorted((a, b) => (orderOf(a) < orderOf(b) ? -1 : 1));
  const bySteps = groupBy(sorted, ({ stepId }) => stepId);
  const ofKind = sorted.map(logRatio);
  const used: StepObservation[] = [];
  const apart = new Map<string, StepObservation[]>();
  for (const [stepId, own] of bySteps) {
    const isOutlier = outliers(own.map(logRatio), ofKind);
    used.push(...own.filter((_, at) => !isOutlier[at]));
    apart.set(stepId, own.filter((_, at) => isOutlier[at])); // prettier-ignore
  }
  const columns = columnsOf(used);
  const belief = learned(priorOf(columns), used.map((one) => observed(one, columns, today))); // prettier-ignore
  return new Map(
    [...bySteps.keys()].map((stepId) => {
      const own = used.filter((one) => one.stepId === stepId);
      return [stepId, learnedStep(stepId, own, apart.get(stepId) ?? [], belief, columns)];
    }),
  );
}

/** What is believed of a new step of a kind. Factors are actual ÷ expected minutes. */
export interface KindFactor {
  readonly factor: number;
  readonly low: number;
  readonly high: number;
}

/** What is believed of a step of a kind that was never done, from other steps of the kind. */
export function factorOfKind(observations: readonly StepObservation[], today: number): KindFactor {
  const used = [...learnKind(observations, today).values()].flatMap((step) => step.used);
  const columns = columnsOf(used);
  const belief = learned(priorOf(columns), used.map((one) => observed(one, columns, today))); // prettier-ignore
  const typical = marginal(belief, oneAt([0], columns.size + 1));
  const [low, high] = interval(typical, LIKELY);
  return { factor: Math.exp(typical.location), low: Math.exp(low), high: Math.exp(high) };
}

function learnedStep(
  stepId: string,
  used: readonly StepObservation[],
  setApart: readonly StepObservation[],
  belief: Belief,
  columns: ReadonlyMap<string, number>,
): LearnedStep {
  const step = columns.get(stepId);
  const factors = oneAt([0, ...(step === undefined ? [] : [step])], columns.size + 1);
  const typical = marginal(belief, factors);
  const [low, high] = interval(typical, LIKELY);
  const makers = [...new Set(used.map(({ maker }) => maker))];
  const ofMaker = (maker: string) => {
    const own = columns.get(makerKey({ stepId, maker }));
    return marginal(belief, own === undefined ? factors : factors.map((one, at) => (at === own ? 1 : one))).location;
  };
  return {
    stepId,
    factor: Math.exp(typical.location),
    low: Math.exp(low),
    high: Math.exp(high),
    spread: spreadOf(belief, factors),
    makers: new Map(makers.length > 1 ? makers.map((maker) => [maker, Math.exp(ofMaker(maker))]) : []),
    used,
    setApart,
  };
}

/** The scale of the next batch as a share; a Student t has no logarithmic mean, so its scale stands for it. */
function spreadOf(belief: Belief, factors: readonly number[]): number {
  return Math.sqrt(Math.exp(predictive(belief, factors).scale ** 2) - 1);
}

/** Column 0 is the kind; then the steps, then the makers at a step that several did. */
function columnsOf(observations: readonly StepObservation[]): ReadonlyMap<string, number> {
  const columns = new Map<string, number>();
  const steps = groupBy(observations, ({ stepId }) => stepId);
  for (const stepId of [...steps.keys()].sort()) columns.set(stepId, columns.size + 1);
  for (const [stepId, own] of [...steps].sort(([a], [b]) => (a < b ? -1 : 1))) {
    const makers = [...new Set(own.map(({ maker }) => maker))].sort();
    if (makers.length > 1) for (const maker of makers) columns.set(makerKey({ stepId, maker }), columns.size + 1);
  }
  return columns;
}

function priorOf(columns: ReadonlyMap<string, number>): Belief {
  const size = columns.size + 1;
  const variances = [KIND, ...[...columns.keys()].map((key) => (key.includes(MAKER_MARK) ? MAKER : STEP))];
  return {
    mean: Array.from({ length: size }, () => 0),
    precision: variances.map((variance, i) => variances.map((_, j) => (i === j ? 1 / variance : 0))),
    shape: SHAPE,
    scale: SCALE,
  };
}

function observed(one: StepObservation, columns: ReadonlyMap<string, number>, today: number): Observed {
  const at = [columns.get(one.stepId), columns.get(makerKey(one))].flatMap((column) => column ?? []);
  return { x: oneAt([0, ...at], columns.size + 1), y: logRatio(one), weight: fadedWeight(one, today) };
}

const MAKER_MARK = ' by ';
const makerKey = ({ stepId, maker }: Pick<StepObservation, 'stepId' | 'maker'>) => `${stepId}${MAKER_MARK}${maker}`;
const orderOf = ({ day, stepId, batchId, maker }: StepObservation) =>
  [String(day).padStart(6, '0'), stepId, batchId, maker].join(' ');
const isUsable = ({ actualMin, expectedMin }: StepObservation) => actualMin > 0 && expectedMin > 0;
const logRatio = ({ actualMin, expectedMin }: StepObservation) => Math.log(actualMin / expectedMin);

function oneAt(places: readonly number[], size: number): number[] {
  return Array.from({ length: size }, (_, at) => (places.includes(at) ? 1 : 0));
}
