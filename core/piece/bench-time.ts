// Bench time: the attended and unattended minutes of steps.
import { computed, type Figure, given, inSum, renamed, totalOf } from '../figure/figure.ts';
import type { Issue } from '../measure/issue.ts';
import { readCount, readMinutes, readPlain, readShare } from '../measure/read/read-number.ts';
import type { Reading } from '../measure/read/reading.ts';
import type { Step, StepDriver } from './step.ts';

/** Times of a step, read into numbers. */
export interface StepComputation {
  /** Attended minutes, once a batch. */
  readonly setUpMin: number;
  /** Attended minutes for each piece: minutes per driver times the drivers of a piece. */
  readonly eachMin: number;
  /** Attended minutes for each load. */
  readonly loadMin: number;
  /** Pieces in a load; Infinity when all go in at once. */
  readonly load: number;
  /** Unattended minutes, once a load. */
  readonly unattendedMin: number;
  /** Drivers in one piece: its cuts, joints, centimetres. */
  readonly drivers: number;
  /** Share done again, 0 to 1; it is in `eachMin`. */
  readonly again: number;
  /** Yield, 0 to 1. */
  readonly yield: number;
  /** Pieces the yield was counted from; null where it was not counted. */
  readonly yieldOf: number | null;
  /** Variation of its minutes, as a share; null for the studio's. */
  readonly spread: number | null;
  /** Paths are within the step: `each`. */
  readonly problems: readonly Issue[];
}

/** Names of the drivers. */
export const driverNames = {
  piece: 'piece',
  part: 'part',
  cut: 'cut',
  outline: 'cm of cut',
  bar: 'cm of bar',
  ring: 'ring or link',
  end: 'end',
  grain: 'grain',
  hole: 'hole',
  opening: 'opening',
  bend: 'bend',
  turn: 'turn',
  joint: 'joint',
  seam: 'seam',
  cm: 'cm of seam',
  edge: 'cm of edge',
  cm2: 'cm² of surface',
  load: 'load',
  batch: 'batch',
} as const satisfies Record<StepDriver, string>;

/**
 * Computes the times of a step.
 * @param counted  drivers in one piece by the recipe; a number typed with the step overrides it
 */
export function computeStep(step: Step, counted = 1): StepComputation {
  const problems: Issue[] = [];
  const value = (path: keyof Step, reading: Reading, otherwise = 0) => {
    if (reading.ok) return reading.value;
    problems.push({ path, sentence: reading.sentence });
    return otherwise;
  };
  const drivers = step.drivers.trim()
    ? value(
        'drivers',
        readPlain(step.drivers, 'count', '3', () => undefined),
        counted,
      )
    : counted;
  const each = value('each', readMinutes(step.each));
  const setUp = value('setUp', readMinutes(step.setUp));
  const again = step.again.trim() ? value('again', readShare(step.again, 'share done again')) : 0;
  return {
    setUpMin: step.per === 'batch' ? setUp + each : setUp,
    eachMin: step.per === 'load' || step.per === 'batch' ? 0 : each * drivers * (1 + again),
    again,
    loadMin: step.per === 'load' ? each : 0,
    load: step.load.trim() ? value('load', readLoad(step.load, step.per, drivers), 1) : Infinity,
    unattendedMin: value('unattended', readMinutes(step.unattended)),
    drivers,
    spread: step.spread.trim() ? value('spread', readShare(step.spread, 'spread')) : null,
    yield: step.yield.trim() ? value('yield', readShare(step.yield, 'yield'), 1) : 1,
    yieldOf: step.yieldOf.trim() ? value('yieldOf', readCount(step.yieldOf)) : null,
    problems,
  };
}

/**
 * Reads the size of a load or a group: `12` pieces, or `8 joints` where a brick holds so many.
 * @param drivers  in one piece
 * @returns pieces, at least 1
 */
function readLoad(text: string, per: StepDriver, drivers: number): Reading {
  const [, number = '', unit = ''] = /^(.*?)\s*([a-z]*)\s*$/i.exec(text.trim()) ?? [];
  if (unit === '' || /^pieces?$/i.test(unit)) return readCount(unit === '' ? text : number);
  const named = driverNames[per].split(' ').at(-1) ?? '';
  if (per === 'load' || per === 'batch' || unit.toLowerCase().replace(/s$/, '') !== named)
    return {
      ok: false,
      sentence: `“${unit}” is not what this step is counted by. Try 12, or 8 ${per === 'load' || per === 'batch' ? 'piece' : named}s.`,
    };
  const reading = readCount(number);
  return reading.ok
    ? { ...reading, value: Math.max(1, Math.floor(reading.value / Math.max(drivers, 1e-9) + 1e-9)) }
    : reading;
}

/** Number of loads of a batch. */
export function loadsOf({ load }: Pick<StepComputation, 'load'>, pieces: number): number {
  return Math.max(1, Math.ceil(pieces / load - 1e-9));
}

/** Attended minutes of a step for a whole batch. */
export function attendedMin(time: StepComputation, pieces: number): number {
  return time.setUpMin + time.eachMin * pieces + time.loadMin * loadsOf(time, pieces);
}

/** Unattended minutes of a step for a whole batch: its loads one after another. */
export function unattendedMin(time: StepComputation, pieces: number): number {
  return time.unattendedMin * loadsOf(time, pieces);
}

/** A step with its times. */
export interface TimedStep {
  readonly step: Pick<Step, 'name' | 'per'>;
  readonly time: StepComputation;
}

/**
 * Attended minutes of one piece when `batchSize` are made at once: the set-up of each step is spread over them.
 * @param each  computes the minutes of one step; it may remember, where many counts are made
 * @returns min, a sum with a line a step
 */
export function attendedEach(steps: readonly TimedStep[], batchSize: number, each = stepEach): Figure {
  return totalOf(
    'bench time',
    'min',
    steps.map(({ step, time }) => each(step, time, batchSize)),
  );
}

/** Attended minutes of one step for one piece. */
export function stepEach(step: TimedStep['step'], time: StepComputation, batchSize: number): Figure {
  const name = step.name || 'step';
  const { setUpMin, eachMin, loadMin, drivers, again } = time;
  const each = eachFigure(step.per, eachMin, drivers, again);
  if (setUpMin === 0 && loadMin === 0) return renamed(each, name);
  const batch = given('pieces in the batch', batchSize, '', 'as typed');
  const loads = loadsOf(time, batchSize);
  const parts = [
    ...(setUpMin === 0 ? [] : [given('set-up, once a batch', setUpMin, 'min', 'as typed')]),
    ...(loadMin === 0 ? [] : [given(`each of ${String(loads)} loads`, loadMin, 'min', 'as typed')]),
  ];
  const how = () => {
    const spread = [
      ...(setUpMin === 0 ? [] : [`${inSum(setUpMin)} ÷ ${String(batchSize)}`]),
      ...(loadMin === 0 ? [] : [`${String(loads)} × ${inSum(loadMin)} ÷ ${String(batchSize)}`]),
      ...(eachMin === 0 && (setUpMin > 0 || loadMin > 0) && step.per !== 'piece' ? [] : [inSum(eachMin)]),
    ];
    return spread.join(' + ');
  };
  const value = (setUpMin + loadMin * loads) / batchSize + eachMin;
  return computed(name, value, 'min', how, [...parts, batch, each]);
}

function eachFigure(per: StepDriver, eachMin: number, drivers: number, again: number): Figure {
  const isCounted = per !== 'piece' && per !== 'load' && per !== 'batch' && drivers > 0;
  if (!isCounted && again === 0) return given('each piece', eachMin, 'min', 'as typed');
  const times = isCounted ? drivers : 1;
  const one = given(`each ${driverNames[per]}`, eachMin / times / (1 + again), 'min', 'as typed');
  const count = given(`${driverNames[per]} in a piece`, drivers, '', 'counted from the recipe');
  const rework = given('done again', again, '', 'share of the step');
  const how = () =>
    [...(isCounted ? [inSum(drivers)] : []), inSum(one.value), ...(again > 0 ? [`(1 + ${inSum(again)})`] : [])].join(
      ' × ',
    );
  return computed('each piece', eachMin, 'min', how, [
    ...(isCounted ? [count] : []),
    one,
    ...(again > 0 ? [rework] : []),
  ]);
}
