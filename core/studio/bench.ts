// The makers with their working hours, and the stations: what a plan is made from.
import { dayInFigures } from '../format/days.ts';
import type { Issue } from '../measure/issue.ts';
import { readMinutes } from '../measure/read/read-number.ts';
import { isoDateSchema } from '../measure/typed.ts';
import { readHours, type Shift } from './hours.ts';
import { type Liking, readPreferences } from './preferences.ts';
import type { Studio } from './studio.ts';

/** A maker. */
export interface BenchMaker {
  readonly id: string;
  readonly name: string;
  /** Monday first. */
  readonly week: readonly (readonly Shift[])[];
  /** First and last day of each time off, ISO. */
  readonly away: readonly (readonly [string, string])[];
  /** Stations this maker works at, in lower case; null: all. */
  readonly does: readonly string[] | null;
  /** Work the maker likes, the best liked first; empty: all alike. */
  readonly prefers: readonly Liking[];
}

interface BenchStation {
  /** In lower case, as steps name it. */
  readonly name: string;
  readonly count: number;
  /** Whether unattended work here may run while nobody is at the bench. */
  readonly overnight: boolean;
  /** Whether a load here may hold pieces of several batches. */
  readonly sharesLoads: boolean;
  /** First and last day of each time out of service, ISO. */
  readonly out: readonly (readonly [string, string])[];
}

/** Makers and stations of the studio. */
export interface Bench {
  readonly makers: readonly BenchMaker[];
  readonly stations: readonly BenchStation[];
  /** Minutes at the end of a shift in which nothing is started; left out: none. */
  readonly lastStartMin?: number;
  /** Whether work that may pause is started even then. */
  readonly hasLateStarts?: boolean;
}

/** A maker without a name. */
export const UNNAMED = 'you';
/** Of a shift; more would leave too little of a morning. */
const MOST_LAST_START = 60;

const dayNames = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const;

/**
 * Reads the hours of a week: `Mon-Thu 9:00-13:00; Sat 10-14`; days that are not named are off.
 * @returns Monday first, or the problem in a sentence
 */
export function readWeek(text: string): readonly (readonly Shift[])[] | { readonly sentence: string } {
  const week: (readonly Shift[])[] = dayNames.map(() => []);
  for (const part of text.split(';').filter((one) => one.trim())) {
    const found = /^\s*([a-z]{3})[a-z]*(?:\s*(?:-|–|to)\s*([a-z]{3})[a-z]*)?\s+(.*)$/i.exec(part);
    const [from, to] = [dayOf(found?.[1]), dayOf(found?.[2] ?? found?.[1])];
    if (!found || from < 0 || to < from)
      return { sentence: `“${part.trim()}” does not begin with days. Try Mon-Thu 9:00-13:00; Sat 10-14.` };
    const shifts = readHours(found[3] ?? '');
    if ('sentence' in shifts) return shifts;
    for (let day = from; day <= to; day += 1) week[day] = shifts;
  }
  return week;
}

const dayOf = (name: string | undefined) => dayNames.findIndex((day) => day === name?.toLowerCase());

/**
 * Reads time off: `2026-12-24 to 2027-01-02, 2027-02-05`. @returns first and last day of each, or the problem in a
 * sentence
 */
export function readAway(text: string): readonly (readonly [string, string])[] | { readonly sentence: string } {
  const away: [string, string][] = [];
  for (const part of text.split(/[,;]/).filter((one) => one.trim())) {
    const [from = '', to = from] = part.split(/\s+(?:to|until)\s+|–/i).map((day) => day.trim());
    if (!isoDateSchema.safeParse(from).success || !isoDateSchema.safeParse(to).success || to < from)
      return {
        sentence: `“${part.trim()}” is not a day. Try ${dayInFigures('2026-12-24')} to ${dayInFigures('2027-01-02')}.`,
      };
    away.push([from, to]);
  }
  return away;
}

/** @param week  of the studio, for makers without hours of their own */
export function readBench(
  { makers, stations, lastStart, lateStarts }: Pick<Studio, 'makers' | 'stations' | 'lastStart' | 'lateStarts'>,
  week: readonly (readonly Shift[])[],
  problems: Issue[],
): Bench {
  const read = makers.map(({ id, name, hours, away, does, prefers }, index): BenchMaker => {
    const own = hours.trim() ? readWeek(hours) : week;
    const days = readAway(away);
    if ('sentence' in own) problems.push({ path: `makers.${String(index)}.hours`, sentence: own.sentence });
    if ('sentence' in days) problems.push({ path: `makers.${String(index)}.away`, sentence: days.sentence });
    const likings = readPreferences(prefers);
    if ('sentence' in likings) problems.push({ path: `makers.${String(index)}.prefers`, sentence: likings.sentence });
    return {
      prefers: 'sentence' in likings ? [] : likings,
      id,
      name: name.trim() || UNNAMED,
      week: 'sentence' in own ? week : own,
      away: 'sentence' in days ? [] : days,
      does: does.trim() ? namesIn(does) : null,
    };
  });
  const last = readMinutes(lastStart.trim() || '0');
  if (!last.ok || last.value < 0 || last.value > MOST_LAST_START)
    problems.push({ path: 'lastStart', sentence: `“${lastStart.trim()}” is not a number of minutes up to ${String(MOST_LAST_START)}.` }); // prettier-ignore
  return {
    lastStartMin: last.ok ? Math.min(MOST_LAST_START, Math.max(0, last.value)) : 0,
    hasLateStarts: lateStarts === 'yes',
    // A studio without named makers has one maker.
    makers: read.length > 0 ? read : [{ id: 'maker', name: UNNAMED, week, away: [], does: null, prefers: [] }],
    stations: stations.flatMap(({ name, count, overnight, loads, out }, index): BenchStation[] => {
      const days = readAway(out);
      if ('sentence' in days) problems.push({ path: `stations.${String(index)}.out`, sentence: days.sentence });
      const many = Number(count.trim() || '1');
      if (!Number.isInteger(many) || many < 1 || many > 100)
        problems.push({
          path: `stations.${String(index)}.count`,
          sentence: `“${count.trim()}” is not a number of them.`,
        });
      const named = name.trim().toLowerCase();
      return named
        ? [
            {
              name: named,
              count: many >= 1 ? Math.floor(many) : 1,
              overnight: overnight === 'yes',
              sharesLoads: loads === 'shared',
              out: 'sentence' in days ? [] : days,
            },
          ]
        : [];
    }),
  };
}

function namesIn(text: string): string[] {
  return text
    .split(',')
    .map((name) => name.trim().toLowerCase())
    .filter(Boolean);
}
