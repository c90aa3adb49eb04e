// The plan as a table, one row a step. Columns: docs/formats/schedule.md.
import { clockOf, dayOf } from '../model/calendar.ts';
import type { StudioPlan } from './studio-plan.ts';

const heads = [
  'batch',
  'step',
  'load',
  'pieces',
  'maker',
  'station',
  'day',
  'starts',
  'attended until',
  'done day',
  'done',
  'shares the load with',
] as const;

/** Rows of cells, the column heads first. */
export function planTable(
  plan: StudioPlan,
  nameOf: (batch: string) => string,
  makerOf: (id: string) => string,
): string[][] {
  const rows = plan.blocks.map(({ batch, step, mates, maker, start, attendedEnd, end }) => [
    nameOf(batch),
    step.name,
    step.load ? `${String(step.load[0])} of ${String(step.load[1])}` : '',
    String(step.pieces),
    maker === null ? '' : makerOf(maker),
    step.station,
    dayOf(plan, start),
    clockOf(start),
    clockOf(attendedEnd),
    dayOf(plan, end),
    clockOf(end),
    mates.map((mate) => nameOf(mate.batch)).join(', '),
  ]);
  return [[...heads], ...rows];
}
