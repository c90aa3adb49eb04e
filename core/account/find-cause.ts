// Finds the likely cause of an unusual loss: each mistake that makers make is tried, and what would explain the weights
// best comes first. Bayes' rule over the mistakes: how likely are these weights if this was it?
import type { LossRange } from './usual-loss.ts';

/** A part of the piece, for mistakes of stock. */
export interface CausePart {
  readonly name: string;
  readonly alloy: string;
  /** Its share of the metal of a piece, 0 to 1. */
  readonly share: number;
  /** The gauged measure, mm; 0 where there is none. */
  readonly gaugeMm: number;
  /** Mass grows with this power of the gauged measure: 1 for sheet and strip, 2 for wire. */
  readonly power: 1 | 2;
  /** Measures that may have been taken instead, mm. */
  readonly otherMm: readonly number[];
  /** Density, g/cm³. */
  readonly density: number;
  /** Metals that may have been taken instead, with their densities. */
  readonly otherAlloys: readonly { readonly id: string; readonly density: number }[];
}

/** What was issued to a batch, what it should have become, and what came back. Masses in mg. */
export interface CauseProblem {
  readonly issuedMg: number;
  readonly finishedMg: number;
  readonly finishedCount: number;
  /** Metal of one piece by the estimate. */
  readonly expectedEachMg: number;
  readonly offcutMg: number;
  readonly scrapMg: number;
  /** Offcuts and scrap by the cutting plan and the estimate. */
  readonly expectedBackMg: number;
  readonly parts: readonly CausePart[];
  readonly usual: LossRange;
}

/** A weight that was typed. */
export type TypedWeight = 'finished' | 'offcuts' | 'scrap' | 'issued';

/** A mistake that may have happened. */
export type LossCause =
  | { readonly kind: 'gauge'; readonly part: string; readonly fromMm: number; readonly toMm: number }
  | { readonly kind: 'alloy'; readonly part: string; readonly from: string; readonly to: string }
  | { readonly kind: 'missing'; readonly pieces: number }
  | { readonly kind: 'decimal'; readonly field: TypedWeight; readonly factor: number }
  | { readonly kind: 'unit'; readonly field: TypedWeight; readonly unit: 'dwt' | 'ozt' }
  | { readonly kind: 'scrap-not-weighed' }
  | { readonly kind: 'none' };

/** A cause with what it would explain. */
export interface CauseFound {
  readonly cause: LossCause;
  /** mg lost if this was it. */
  readonly lossMg: number;
  /** Of all causes tried, 0 to 1. */
  readonly probability: number;
}

/** Variation of what a finished piece weighs against its estimate, as a share. */
const EACH_SPREAD = 0.025;
/** Variation of scrap and offcuts together against the estimate, as a share of what was issued. */
const BACK_SPREAD = 0.04;

/** How common each mistake is beside the others (from memory of bench practice). */
const PRIORS = {
  gauge: 0.25,
  alloy: 0.08,
  missing: 0.2,
  decimal: 0.2,
  unit: 0.04,
  'scrap-not-weighed': 0.13,
  none: 0.1,
};

interface Weights {
  readonly issuedMg: number;
  readonly finishedMg: number;
  readonly offcutMg: number;
  readonly scrapMg: number;
  readonly count: number;
  readonly eachMg: number;
  readonly backMg: number;
}

interface Trial {
  readonly cause: LossCause;
  readonly prior: number;
  readonly weights: Weights;
}

/** @returns causes that are more likely than chance, the likeliest first */
export function findCauses(problem: CauseProblem): CauseFound[] {
  const trials = trialsOf(problem);
  const scored = trials.map(({ cause, prior, weights }) => ({
    cause,
    lossMg: lossOf(weights),
    log: Math.log(prior) + logLikelihood(weights, problem.usual),
  }));
  const best = Math.max(...scored.map(({ log }) => log));
  const total = scored.reduce((sum, { log }) => sum + Math.exp(log - best), 0);
  return scored
    .map(({ cause, lossMg, log }) => ({ cause, lossMg, probability: Math.exp(log - best) / total }))
    .filter(({ probability }) => probability > 0.02)
    .sort((a, b) => b.probability - a.probability);
}

function trialsOf(problem: CauseProblem): Trial[] {
  const as: Weights = {
    issuedMg: problem.issuedMg,
    finishedMg: problem.finishedMg,
    offcutMg: problem.offcutMg,
    scrapMg: problem.scrapMg,
    count: problem.finishedCount,
    eachMg: problem.expectedEachMg,
    backMg: problem.expectedBackMg,
  };
  const trials: Trial[] = [{ cause: { kind: 'none' }, prior: PRIORS.none, weights: as }];
  const add = (prior: number, options: readonly Omit<Trial, 'prior'>[]) =>
    trials.push(...options.map((one) => ({ ...one, prior: prior / options.length })));
  add(
    PRIORS.gauge,
    problem.parts.flatMap((part) => gaugeTrials(as, part)),
  );
  add(
    PRIORS.alloy,
    problem.parts.flatMap((part) => alloyTrials(as, part)),
  );
  add(PRIORS.missing, missingTrials(as));
  add(PRIORS.decimal, decimalTrials(as));
  add(PRIORS.unit, unitTrials(as));
  if (as.scrapMg === 0 && as.backMg > as.offcutMg)
    add(PRIORS['scrap-not-weighed'], [
      { cause: { kind: 'scrap-not-weighed' }, weights: { ...as, scrapMg: as.backMg - as.offcutMg } },
    ]);
  return trials;
}

/** The book says one mass; with other stock everything that was cut weighs in proportion. */
function withOtherStock(as: Weights, share: number, ratio: number): Weights {
  const factor = 1 - share + share * ratio;
  return { ...as, issuedMg: as.issuedMg * factor, eachMg: as.eachMg * factor, backMg: as.backMg * factor };
}

function gaugeTrials(as: Weights, { name, share, gaugeMm, power, otherMm }: CausePart): Omit<Trial, 'prior'>[] {
  if (gaugeMm <= 0) return [];
  return otherMm.map((toMm) => ({
    cause: { kind: 'gauge', part: name, fromMm: gaugeMm, toMm },
    weights: withOtherStock(as, share, (toMm / gaugeMm) ** power),
  }));
}

function alloyTrials(as: Weights, { name, alloy, share, density, otherAlloys }: CausePart): Omit<Trial, 'prior'>[] {
  return otherAlloys.map((other) => ({
    cause: { kind: 'alloy', part: name, from: alloy, to: other.id },
    weights: withOtherStock(as, share, other.density / density),
  }));
}

/** Pieces that were made but not weighed: not in the count, or in the count only. */
function missingTrials(as: Weights): Omit<Trial, 'prior'>[] {
  return [1, 2, 3].flatMap((pieces): Omit<Trial, 'prior'>[] => {
    const mg = pieces * as.eachMg;
    const found = { ...as, finishedMg: as.finishedMg + mg };
    const cause = { kind: 'missing', pieces } as const;
    return [
      { cause, weights: { ...found, count: as.count + pieces } },
      { cause, weights: found },
    ];
  });
}

const keyOf = { finished: 'finishedMg', offcuts: 'offcutMg', scrap: 'scrapMg', issued: 'issuedMg' } as const;
const typedWeights = ['finished', 'offcuts', 'scrap', 'issued'] as const satisfies readonly TypedWeight[];

function decimalTrials(as: Weights): Omit<Trial, 'prior'>[] {
  return typedWeights
    .filter((field) => as[keyOf[field]] > 0)
    .flatMap((field) =>
      [0.1, 10].map((factor) => ({
        cause: { kind: 'decimal', field, factor } as const,
        weights: { ...as, [keyOf[field]]: as[keyOf[field]] * factor },
      })),
    );
}

// 1 dwt is 24 grains, 1 ozt 480 grains of 64.79891 mg exactly (international yard and pound agreement, 1959).
const gramsIn = { dwt: 1.55517384, ozt: 31.1034768 } as const;

/** A weight that was typed in grams but read in another unit. */
function unitTrials(as: Weights): Omit<Trial, 'prior'>[] {
  return typedWeights
    .filter((field) => field !== 'issued' && as[keyOf[field]] > 0)
    .flatMap((field) =>
      (['dwt', 'ozt'] as const).map((unit) => ({
        cause: { kind: 'unit', field, unit } as const,
        weights: { ...as, [keyOf[field]]: as[keyOf[field]] * gramsIn[unit] },
      })),
    );
}

function lossOf({ issuedMg, finishedMg, offcutMg, scrapMg }: Weights): number {
  return issuedMg - finishedMg - offcutMg - scrapMg;
}

/** Logarithm of how likely the weights are: the loss, the weight of a piece, and what came back. */
function logLikelihood(weights: Weights, usual: LossRange): number {
  const { issuedMg, finishedMg, count, eachMg, offcutMg, scrapMg, backMg } = weights;
  const loss = normal(lossOf(weights) / issuedMg, (usual.low + usual.high) / 2, (usual.high - usual.low) / 4);
  const each = count > 0 && eachMg > 0 ? normal(finishedMg / count / eachMg, 1, EACH_SPREAD) : 0;
  const back = normal((offcutMg + scrapMg - backMg) / issuedMg, 0, BACK_SPREAD);
  return loss + each + back;
}

/** Logarithm of a normal density, with long tails: no single weight rules a cause out. */
function normal(value: number, mean: number, deviation: number): number {
  const z = (value - mean) / deviation;
  // Student's t with 4 degrees of freedom.
  return -2.5 * Math.log1p((z * z) / 4) - Math.log(deviation);
}
