// The plan in words.
import type { BatchWithPieces } from '../../contract/batches.ts';
import { nameOfLines } from '../../core/batch/batch-run.ts';
import { showHours } from '../../core/figure/show.ts';
import { clockInWords } from '../../core/format/days.ts';
import { dayInWords } from '../../core/format/days.ts';
import { MINUTES_A_DAY } from '../../core/measure/days.ts';
import { dayOf } from '../../core/plan/model/calendar.ts';
import type { PlanBlock, StudioPlan } from '../../core/plan/studio/studio-plan.ts';
import type { Cause } from '../../core/plan/studio/why.ts';
import { UNNAMED } from '../../core/studio/bench.ts';
import { madeLinesOf } from '../state/made-lines.ts';

/** `Barometer brooch`; of several pieces the first and the number of the others. */
export function batchName(batches: readonly BatchWithPieces[], id: string): string {
  const found = batches.find(({ batch }) => batch.id === id);
  return found ? nameOfLines(madeLinesOf(found)) : 'a batch';
}

/** `Tide pin`; of a shared load all its batches: `Tide pin + Barometer brooch`, `Tide pin, 3 batches`. */
export function batchesInWords(
  { batch, mates }: Pick<PlanBlock, 'batch' | 'mates'>,
  nameOf: (batch: string) => string,
): string {
  const names = [...new Set([batch, ...mates.map((mate) => mate.batch)])].map(nameOf);
  return [...new Set(names)]
    .map((name) => ({ name, count: names.filter((other) => other === name).length }))
    .map(({ name, count }) => (count > 1 ? `${name}, ${String(count)} batches` : name))
    .join(' + ');
}

/** `2 h 10 min`, `35 min`, `1 day 3 h`: elapsed time, not bench time. */
export function stretchInWords(minutes: number): string {
  const all = Math.round(Math.abs(minutes));
  const [days, hours] = [Math.floor(all / 1440), Math.floor((all % 1440) / 60)];
  if (days > 0) return `${days === 1 ? '1 day' : `${String(days)} days`}${hours > 0 ? ` ${String(hours)} h` : ''}`;
  return showHours(all);
}

/** `10:40`, with the day where it is another one. */
function timeInWords({ firstDay }: Pick<StudioPlan, 'firstDay'>, minute: number, today = 0): string {
  const clock = clockInWords(minute);
  return Math.floor(minute / MINUTES_A_DAY) === today ? clock : `${dayInWords(dayOf({ firstDay }, minute))}, ${clock}`;
}

/** A time after another: `10:40` on the same day, else with its day. */
export function timeAfter(plan: Pick<StudioPlan, 'firstDay'>, first: number, minute: number): string {
  return timeInWords(plan, minute, Math.floor(first / MINUTES_A_DAY));
}

/** `Isa is at`, `you are at`. */
const isAt = (maker: string) => (maker === UNNAMED ? 'you are at' : `${maker} is at`);

export function causeInWords(
  cause: Cause,
  plan: StudioPlan,
  nameOf: (batch: string) => string,
  makerOf: (id: string) => string,
): string {
  const until = (minute: number) => timeInWords(plan, minute);
  switch (cause.what) {
    case 'step':
      return `waits for “${cause.block.step.name}”, over at ${until(cause.block.end)}`;
    case 'load':
      return `shares its load, and waits for “${cause.block.step.name}” of ${nameOf(cause.block.batch)}, over at ${until(cause.block.end)}`;
    case 'hands':
      return `${isAt(makerOf(cause.block.maker ?? ''))} “${cause.block.step.name}” of ${nameOf(cause.block.batch)} until ${until(cause.block.attendedEnd)}`;
    case 'station':
      return `${cause.block.step.station} is held by “${cause.block.step.name}” of ${nameOf(cause.block.batch)} until ${until(cause.block.end)}`;
    case 'opening':
      return 'working hours start then';
    case 'material':
      return 'materials are not available sooner';
    case 'hand':
      return 'pinned';
    case 'now':
      return 'it starts as early as possible';
  }
}
