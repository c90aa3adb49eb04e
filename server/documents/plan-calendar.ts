// The plan as a calendar (RFC 5545): an event for each stretch of attended work, and one for each unattended
// stretch.
import { createEvents, type DateArray, type EventAttributes } from 'ics';
import { dayAfter, MINUTES_A_DAY } from '../../core/measure/days.ts';
import { clockOf } from '../../core/plan/model/calendar.ts';
import type { PlanDocument, PlanLine } from '../../core/plan/studio/plan-document.ts';

/**
 * Times float: they are local wall-clock times in any zone, so a clock change needs no rule.
 * @returns the text of a calendar; an empty one before the first plan
 */
export function planCalendar(
  plan: Pick<PlanDocument, 'lines'> | null,
  nameOf: (maker: string) => string,
  studio: string,
): string {
  const events = (plan?.lines ?? []).flatMap((line) => eventsOf(line, nameOf));
  const { value, error } = createEvents(events, { calName: `${studio}, bench plan`, productId: 'noon-ledger' });
  if (error) throw error;
  return value ?? '';
}

function eventsOf(line: PlanLine, nameOf: (maker: string) => string): EventAttributes[] {
  const { batch, step, title, where, on, start, end, attendedEnd, attended } = line;
  const maker = line.maker && nameOf(line.maker);
  const stretches = attended.length > 0 ? attended : [[start, end] as const];
  const alone = end > attendedEnd ? `Unattended until ${clockOf(end)}.` : '';
  return stretches.map(([from, to], index): EventAttributes => ({
    uid: `${batch}-${step}-${String(index + 1)}@noon-ledger`,
    title: maker ? `${maker}: ${title}` : title,
    location: where,
    description: alone,
    start: momentOf(on, from),
    end: momentOf(on, Math.max(to, from + 1)),
    startInputType: 'local',
    startOutputType: 'local',
    endInputType: 'local',
    endOutputType: 'local',
  }));
}

function momentOf(on: string, minute: number): DateArray {
  const day = dayAfter(on, Math.floor(minute / MINUTES_A_DAY));
  const [year = 0, month = 1, date = 1] = day.split('-').map(Number);
  const ofDay = Math.round(minute % MINUTES_A_DAY);
  return [year, month, date, Math.floor(ofDay / 60), ofDay % 60];
}
