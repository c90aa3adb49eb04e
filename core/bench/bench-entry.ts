// Entries of the bench: what happened to a step, and what was pinned in the plan. Entries never change: a later one
// corrects an earlier one. Their order is that of the moments they tell of, whenever they arrive.
import { z } from 'zod';
import { daysBetween, localDay, MINUTES_A_DAY } from '../measure/days.ts';
import { isoDateSchema } from '../measure/typed.ts';

const benchHows = [
  'started', 'paused', 'left', 'done', 'taken-back', 'worked', 'counted', 'weighed', 'noted', 'photo', 'voided',
  'pinned', 'let-go',
] as const; // prettier-ignore
/**
 * What happened. `started`, `paused`, `done`: attended work of a maker. `left`: attended work is over, it runs
 * unattended. `taken-back`: one state back. `worked`: minutes without a start, as of a helper. `voided`: an earlier
 * entry does not count. `pinned` and `let-go` concern the plan.
 */
export type BenchHow = (typeof benchHows)[number];

/** What is weighed: metal that is issued, finished pieces, scrap that comes back. */
const weighings = ['in', 'out', 'scrap'] as const;
/** What is weighed. */
export type Weighing = (typeof weighings)[number];

/** What else can happen at the bench, chosen without typing. */
export const happenings = [
  'blank-wrong', 'solder-did-not-flow', 'melted', 'stone-broke', 'tool-broke', 'out-of-material', 'interrupted',
  'fit-wrong', 'tried-something-new',
] as const; // prettier-ignore
/** What else happened. */
export type Happening = (typeof happenings)[number];

const count = z.int().min(-500).max(500);
const detailSchema = z.strictObject({
  /** CountedHits: pieces more, or fewer. */
  good: count.optional(),
  again: count.optional(),
  lost: count.optional(),
  weighing: z.enum(weighings).optional(),
  /** g */
  grams: z.number().min(0).max(100_000).optional(),
  what: z.enum(happenings).optional(),
  photo: z.string().min(1).max(40).optional(),
  /** Attended minutes of `worked`. */
  minutes: z.number().min(0).max(1440).optional(),
  /** Uid of the entry that is voided. */
  of: z.string().min(1).max(40).optional(),
});
/** What belongs to an entry beside its step and its moment. */
export type BenchDetail = z.infer<typeof detailSchema>;

/** What each kind of entry needs; the others need nothing. */
const needs: Partial<Readonly<Record<BenchHow, readonly (keyof BenchDetail)[]>>> = {
  weighed: ['weighing', 'grams'],
  noted: ['what'],
  photo: ['photo'],
  worked: ['minutes'],
  voided: ['of'],
};

/** An entry as it is sent. */
export const newBenchEntrySchema = z
  .strictObject({
    /** Made by the device; left out: made by the server. */
    uid: z.string().min(1).max(40).optional(),
    batchId: z.string().min(1).max(40),
    /** `BenchStep.key`, or `extra/KIND` for work that is not in the route. */
    step: z.string().min(1).max(160),
    how: z.enum(benchHows),
    /** Id; '' where it does not matter or no maker is needed. */
    maker: z.string().max(40),
    /** Day and minute by the wall clock; of a pin: where it is put. */
    on: isoDateSchema,
    minute: z.int().min(0).max(1440),
    /** Milliseconds within the minute. */
    ms: z.int().min(0).max(59_999).default(0),
    detail: detailSchema.default({}),
  })
  .superRefine(({ how, detail }, context) => {
    for (const need of needs[how] ?? [])
      if (detail[need] === undefined)
        context.addIssue({ code: 'custom', path: ['detail', need], message: `An entry “${how}” needs ${need}.` });
    if (how === 'counted' && !detail.good && !detail.again && !detail.lost)
      context.addIssue({ code: 'custom', path: ['detail'], message: 'A count needs a number that is not 0.' });
  });
/** An entry as it is sent. */
export type NewBenchEntry = z.input<typeof newBenchEntrySchema>;

/** An entry as it is kept. */
export const benchEntrySchema = z.strictObject({
  ...newBenchEntrySchema.shape,
  uid: z.string(),
  id: z.int(),
  at: z.iso.datetime(),
});
/** An entry as it is kept. */
export type BenchEntry = z.infer<typeof benchEntrySchema>;

/** Key of a step among all batches. */
export const standingKey = (batchId: string, step: string) => `${batchId} ${step}`;

/** Work that is not in the route is kept by its kind. */
export const EXTRA = 'extra/';

/** Moments count from the midnight that starts this day. */
export const EPOCH = '2000-01-01';

/** The moment an entry tells of: minutes since the start of the year 2000 by the wall clock. */
export function momentOf({ on, minute, ms = 0 }: Pick<NewBenchEntry, 'on' | 'minute' | 'ms'>): number {
  return daysBetween(EPOCH, on) * MINUTES_A_DAY + minute + ms / 60_000;
}

/** The moment of a date by this computer's wall clock, see `momentOf`. */
export function momentOfDate(date: Date): number {
  const ms = date.getSeconds() * 1000 + date.getMilliseconds();
  return momentOf({ on: localDay(date), minute: date.getHours() * 60 + date.getMinutes(), ms });
}

/**
 * Entries that count, by moment: without those that are voided or taken back. A pin has no moment, so pins stand last, in
 * the order in which they came.
 */
export function inOrder<Entry extends NewBenchEntry>(entries: readonly Entry[]): Entry[] {
  const voided = new Set(entries.flatMap(({ how, detail }) => (how === 'voided' && detail?.of ? [detail.of] : [])));
  const counts = entries.filter(({ how, uid = '' }) => how !== 'voided' && !voided.has(uid));
  const isPin = ({ how }: Entry) => how === 'pinned' || how === 'let-go';
  const work = counts.filter((entry) => !isPin(entry));
  // The day of an entry is read once, not at every comparison.
  const sorted = work
    .map((entry) => ({ entry, moment: momentOf(entry) }))
    .toSorted((a, b) => a.moment - b.moment || compare(a.entry.uid ?? '', b.entry.uid ?? ''))
    .map(({ entry }) => entry);
  return [...withoutTakenBack(sorted), ...counts.filter(isPin)];
}

/** Each `taken-back` takes the last change of state of its step with it. */
function withoutTakenBack<Entry extends NewBenchEntry>(entries: readonly Entry[]): Entry[] {
  const gone = new Set<Entry>();
  const changes = new Map<string, Entry[]>();
  for (const entry of entries) {
    const key = standingKey(entry.batchId, entry.step);
    const own = changes.get(key) ?? [];
    changes.set(key, own);
    if (STATES.has(entry.how)) own.push(entry);
    if (entry.how !== 'taken-back') continue;
    gone.add(entry);
    const last = own.pop();
    if (last) gone.add(last);
  }
  return gone.size > 0 ? entries.filter((entry) => !gone.has(entry)) : [...entries];
}

const STATES: ReadonlySet<BenchHow> = new Set(['started', 'paused', 'left', 'done']);

const compare = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);
