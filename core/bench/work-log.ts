// What the bench log says of each step: who worked when, attended minutes, counts, weights, notes, and what runs.
import { type Happening, inOrder, momentOf, type NewBenchEntry, standingKey, type Weighing } from './bench-entry.ts';

/** A stretch of attended work. Moments are minutes, see `momentOf`. */
export interface Stretch {
  readonly batchId: string;
  readonly step: string;
  readonly maker: string;
  readonly from: number;
  /** Null while it goes on. */
  readonly to: number | null;
}

/** What the log says of a step. */
export interface StepLog {
  readonly batchId: string;
  /** `BenchStep.key`, or work that is not in the route. */
  readonly step: string;
  readonly state: 'untouched' | 'started' | 'paused' | 'left' | 'done';
  readonly stretches: readonly Stretch[];
  /** Attended minutes of all makers; where a maker did two steps at once, both have their share. */
  readonly minutes: number;
  readonly byMaker: ReadonlyMap<string, number>;
  /** Pieces. */
  readonly good: number;
  readonly again: number;
  readonly lost: number;
  /** Moment since when it runs unattended; null where it does not. */
  readonly leftAt: number | null;
  /** Moment of its first entry and of its end; null before. */
  readonly beganAt: number | null;
  readonly doneAt: number | null;
  readonly weights: readonly { readonly weighing: Weighing; readonly grams: number }[];
  readonly notes: readonly { readonly what: Happening; readonly at: number; readonly maker: string }[];
  readonly photos: readonly string[];
}

type Mutable<T> = { -readonly [K in keyof T]: T[K] };
interface Draft extends Mutable<
  Omit<StepLog, 'stretches' | 'minutes' | 'byMaker' | 'weights' | 'notes' | 'photos' | 'state'>
> {
  stretches: Mutable<Stretch>[];
  worked: { maker: string; minutes: number }[];
  weights: { weighing: Weighing; grams: number }[];
  notes: { what: Happening; at: number; maker: string }[];
  photos: string[];
  isDone: boolean;
}

/**
 * The log by `standingKey`.
 * @param now  moment to which work that goes on is counted
 */
export function workLog(entries: readonly NewBenchEntry[], now: number): ReadonlyMap<string, StepLog> {
  const drafts = new Map<string, Draft>();
  for (const entry of inOrder(entries)) {
    const key = standingKey(entry.batchId, entry.step);
    const draft = drafts.get(key) ?? empty(entry);
    drafts.set(key, draft);
    take(draft, entry);
  }
  const minutes = sharedMinutes([...drafts.values()].flatMap(({ stretches }) => stretches), now); // prettier-ignore
  return new Map([...drafts].map(([key, draft]) => [key, finished(draft, minutes)]));
}

function empty({ batchId, step }: NewBenchEntry): Draft {
  return {
    batchId,
    step,
    stretches: [],
    worked: [],
    good: 0,
    again: 0,
    lost: 0,
    leftAt: null,
    beganAt: null,
    doneAt: null,
    weights: [],
    notes: [],
    photos: [],
    isDone: false,
  };
}

function take(draft: Draft, entry: NewBenchEntry): void {
  const at = momentOf(entry);
  const { maker, detail = {} } = entry;
  const open = draft.stretches.filter(({ to }) => to === null);
  switch (entry.how) {
    case 'started':
      draft.beganAt ??= at;
      Object.assign(draft, { leftAt: null, doneAt: null, isDone: false });
      if (!open.some((one) => one.maker === maker))
        draft.stretches.push({ batchId: entry.batchId, step: entry.step, maker, from: at, to: null });
      return;
    case 'paused':
      // A pause of somebody else is one of all.
      for (const one of open.some((each) => each.maker === maker) ? open.filter((each) => each.maker === maker) : open)
        one.to = at;
      return;
    case 'left':
    case 'done':
      draft.beganAt ??= at;
      for (const one of open) one.to = at;
      if (entry.how === 'left') draft.leftAt = at;
      else Object.assign(draft, { doneAt: at, leftAt: null, isDone: true });
      return;
    case 'worked':
      draft.worked.push({ maker, minutes: detail.minutes ?? 0 });
      return;
    case 'counted':
      draft.good += detail.good ?? 0;
      draft.again += detail.again ?? 0;
      draft.lost += detail.lost ?? 0;
      return;
    case 'weighed':
      draft.weights.push({ weighing: detail.weighing ?? 'in', grams: detail.grams ?? 0 });
      return;
    case 'noted':
      draft.notes.push({ what: detail.what ?? 'interrupted', at, maker });
      return;
    case 'photo':
      draft.photos.push(detail.photo ?? '');
      return;
    case 'pinned':
    case 'let-go':
    case 'taken-back':
    case 'voided':
  }
}

function finished(
  { worked, isDone, ...draft }: Draft,
  shared: ReadonlyMap<Mutable<Stretch> | Stretch, number>,
): StepLog {
  const byMaker = new Map<string, number>();
  const add = (maker: string, minutes: number) => byMaker.set(maker, (byMaker.get(maker) ?? 0) + minutes);
  for (const stretch of draft.stretches) add(stretch.maker, shared.get(stretch) ?? 0);
  for (const { maker, minutes } of worked) add(maker, minutes);
  return { ...draft, state: stateOf(draft, isDone), byMaker, minutes: sum([...byMaker.values()]) };
}

function stateOf({ stretches, leftAt }: Pick<Draft, 'stretches' | 'leftAt'>, isDone: boolean): StepLog['state'] {
  if (isDone) return 'done';
  if (leftAt !== null) return 'left';
  if (stretches.some(({ to }) => to === null)) return 'started';
  return stretches.length > 0 ? 'paused' : 'untouched';
}

/**
 * Minutes of each stretch. While a maker has several open, a minute is shared equally among them.
 * @param now  moment at which open stretches end
 */
export function sharedMinutes(stretches: readonly Stretch[], now: number): ReadonlyMap<Stretch, number> {
  const shared = new Map<Stretch, number>();
  const byMaker = new Map<string, Stretch[]>();
  for (const stretch of stretches) byMaker.set(stretch.maker, [...(byMaker.get(stretch.maker) ?? []), stretch]);
  for (const own of byMaker.values()) {
    const turns = own
      .flatMap((stretch) => {
        const to = Math.max(stretch.from, stretch.to ?? now);
        return [{ at: stretch.from, stretch, isStart: true }, { at: to, stretch, isStart: false }]; // prettier-ignore
      })
      .toSorted((a, b) => a.at - b.at);
    const open = new Set<Stretch>();
    let before = turns[0]?.at ?? 0;
    for (const { at, stretch, isStart } of turns) {
      for (const one of open) shared.set(one, (shared.get(one) ?? 0) + (at - before) / open.size);
      before = at;
      if (isStart) open.add(stretch);
      else open.delete(stretch);
    }
  }
  return shared;
}

const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);
