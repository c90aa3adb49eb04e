// A season at the bench of the sample workshop: batches of the past weeks with what happened to them, strays included.
import type { Batch } from '../../core/batch/batch.ts';
import { type BenchStep, benchSteps } from '../../core/bench/batch-steps.ts';
import { type Happening, type NewBenchEntry } from '../../core/bench/bench-entry.ts';
import { dayAfter, weekdayOf } from '../../core/measure/days.ts';
import { fingerprint } from '../../core/measure/fingerprint.ts';
import { logNormal, normal, seeded } from '../../core/measure/random.ts';
import { currentBasis } from '../services/basis.ts';
import { countBatchNow, madeLines } from '../services/made-lines.ts';
import type { Stores } from '../store/stores.ts';

/** A batch of the past. */
export interface PastDemoBatch {
  readonly piece: 'tieBar' | 'cufflinks' | 'caddySpoon' | 'shawlPin' | 'fork' | 'signet';
  readonly size?: string;
  readonly quantity: string;
  readonly daysAgo: number;
  readonly kind: Batch['kind'];
  readonly customer: string;
  readonly note: string;
}

/** Batches of the past, earliest first. */
export const demoPast: readonly PastDemoBatch[] = [
  { piece: 'tieBar', quantity: '6', daysAgo: 88, kind: 'stock', customer: '', note: '' },
  { piece: 'shawlPin', quantity: '12', daysAgo: 84, kind: 'order', customer: 'Gullfoot & Daughter', note: '' },
  { piece: 'cufflinks', quantity: '6', daysAgo: 79, kind: 'order', customer: 'The Chandlery Window', note: '' },
  { piece: 'caddySpoon', quantity: '4', daysAgo: 74, kind: 'fair', customer: 'Regatta', note: '' },
  { piece: 'fork', size: 'usual', quantity: '6', daysAgo: 70, kind: 'fair', customer: 'Regatta', note: '' },
  { piece: 'tieBar', quantity: '12', daysAgo: 65, kind: 'order', customer: 'Gullfoot & Daughter', note: 'Bollards a little lower.' },
  { piece: 'cufflinks', quantity: '12', daysAgo: 58, kind: 'order', customer: 'The Chandlery Window', note: '' },
  { piece: 'signet', size: 't', quantity: '1', daysAgo: 54, kind: 'commission', customer: 'Commission, harbour office', note: '' },
  { piece: 'shawlPin', quantity: '24', daysAgo: 49, kind: 'order', customer: 'The Chandlery Window', note: 'First half of the autumn order.' },
  { piece: 'tieBar', quantity: '18', daysAgo: 42, kind: 'order', customer: 'The Chandlery Window', note: '' },
  { piece: 'cufflinks', quantity: '8', daysAgo: 35, kind: 'stock', customer: '', note: '' },
  { piece: 'caddySpoon', quantity: '6', daysAgo: 30, kind: 'stock', customer: '', note: '' },
  { piece: 'shawlPin', quantity: '10', daysAgo: 24, kind: 'order', customer: 'Gullfoot & Daughter', note: '' },
  { piece: 'tieBar', quantity: '10', daysAgo: 17, kind: 'order', customer: 'Gullfoot & Daughter', note: 'Tried the new solder.' },
  { piece: 'cufflinks', quantity: '10', daysAgo: 11, kind: 'order', customer: 'The Chandlery Window', note: 'First half.' },
  { piece: 'fork', size: 'usual', quantity: '4', daysAgo: 10, kind: 'stock', customer: '', note: '' },
  { piece: 'caddySpoon', quantity: '3', daysAgo: 9, kind: 'stock', customer: '', note: 'Bowls a touch deeper.' },
]; // prettier-ignore

const OPENS = 9 * 60;
const LUNCH = 12 * 60 + 30;
const AFTER_LUNCH = 13 * 60 + 15;
const CLOSES = 16 * 60;
const SATURDAY = 5;
/** How far the recipe is off, step by step, and how much one batch differs from another. */
const RECIPE_OFF = 0.22;
const BATCH_VARIES = 0.14;

interface Clock {
  day: string;
  minute: number;
}

/** Entries of a batch, one step after another, in the hours of the workshop. */
export function demoEntries(
  stores: Stores,
  batchId: string,
  batch: Batch,
  firstDay: string,
  { steps: stepsDone = Infinity, seed }: { readonly steps?: number; readonly seed: number },
): NewBenchEntry[] {
  const steps = benchSteps(madeLines(stores, batch), currentBasis(stores).rates.alloys).slice(0, stepsDone);
  const random = seeded(seed);
  const batchCount = countBatchNow(stores, batch);
  const issued = batchCount.grams.value * (1 + 0.02 * random());
  const finished = batchCount.runs.reduce((sum, run) => sum + run.quantity * run.count.weight.value, 0);
  // One batch in four loses more than is usual.
  const loss = seed % 4 === 2 ? 0.045 : 0.012;
  const clock: Clock = { day: workday(firstDay), minute: OPENS + Math.floor(random() * 40) };
  const entries: NewBenchEntry[] = [];
  // The second batch of every three has its lunch forgotten once.
  const forgetsLunch = seed % 3 === 1;
  let hasForgotten = false;
  for (const step of steps) {
    const maker = makerOf(step);
    const add = (how: NewBenchEntry['how'], detail: NewBenchEntry['detail'] = {}) => {
      const uid = `demo-${String(seed)}-${String(entries.length)}`;
      entries.push({ uid, batchId, step: step.key, how, maker, on: clock.day, minute: Math.floor(clock.minute), ms: Math.floor((clock.minute % 1) * 60_000), detail }); // prettier-ignore
    };
    if (clock.minute > CLOSES - 15) nextDay(clock);
    if (step === steps[0]) add('weighed', { weighing: 'in', grams: tenths(issued) });
    add('started');
    let left = step.exactMin * factorOf(step) * logNormal(BATCH_VARIES, random);
    while (clock.minute + left > endOfShift(clock) && !hasForgottenNow()) {
      left -= endOfShift(clock) - clock.minute;
      clock.minute = endOfShift(clock);
      add('paused');
      nextShift(clock);
      add('started');
    }
    clock.minute += left;
    if (clock.minute > LUNCH && clock.minute < AFTER_LUNCH) clock.minute += AFTER_LUNCH - LUNCH;
    count(step, add, random);
    if (step.unattendedMin > 0) {
      add('left');
      clock.minute += step.unattendedMin;
      if (clock.minute > CLOSES) nextDay(clock);
    }
    if (step === steps.at(-1) && stepsDone === Infinity) {
      add('weighed', { weighing: 'out', grams: tenths(finished) });
      add('weighed', { weighing: 'scrap', grams: tenths(Math.max(0, issued - finished - loss * issued)) });
    }
    add('done');
    clock.minute += 2;
  }
  return entries;

  function hasForgottenNow(): boolean {
    if (hasForgotten || !forgetsLunch || clock.minute >= LUNCH) return false;
    hasForgotten = true;
    return true;
  }
}

const tenths = (grams: number) => Math.round(grams * 10) / 10;

type Add = (how: NewBenchEntry['how'], detail?: NewBenchEntry['detail']) => void;

function count({ kind, pieces }: BenchStep, add: Add, random: () => number): void {
  const share = (chance: number) => Array.from({ length: pieces }, random).filter((value) => value < chance).length;
  const again = kind === 'solder' ? share(0.11) : 0;
  const lost = kind === 'solder' || kind === 'set' ? share(0.02) : 0;
  if (kind !== 'solder' && random() > 0.4) return;
  add('counted', { good: pieces - lost });
  if (again > 0) add('counted', { again });
  if (lost > 0) add('counted', { lost });
  if (again > 1) add('noted', { what: 'solder-did-not-flow' satisfies Happening });
  else if (random() < 0.05) add('noted', { what: 'tool-broke' satisfies Happening });
}

/** Motor and tumbler are the second maker's, as in the settings; the torch is the first maker's. */
const makerOf = ({ station }: BenchStep) => (station === 'motor' || station === 'tumbler' ? 'tam' : 'isa');

/** How far the recipe is off: the same for a step in every batch. */
function factorOf({ step, piece }: BenchStep): number {
  const seed = Number.parseInt(fingerprint([piece, step.name]).slice(0, 8), 16);
  return Math.exp(RECIPE_OFF * normal(seeded(seed)) + 0.05);
}

const endOfShift = ({ minute }: Clock) => (minute < LUNCH ? LUNCH : CLOSES);

function nextShift(clock: Clock): void {
  if (clock.minute <= LUNCH) clock.minute = AFTER_LUNCH;
  else nextDay(clock);
}

function nextDay(clock: Clock): void {
  clock.day = workday(dayAfter(clock.day, 1));
  clock.minute = OPENS + 10;
}

/** The day itself, or the Monday after it. */
function workday(day: string): string {
  const weekday = weekdayOf(day);
  return weekday >= SATURDAY ? dayAfter(day, 7 - weekday) : day;
}
