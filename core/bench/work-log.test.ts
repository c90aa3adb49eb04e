import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { BenchMaker } from '../studio/bench.ts';
import { inOrder, momentOf, type NewBenchEntry, newBenchEntrySchema, standingKey } from './bench-entry.ts';
import { forgottenStop } from './forgotten-stop.ts';
import { attendedLeft, standings } from './standing.ts';
import { workLog } from './work-log.ts';

const day = '2026-03-02';
let made = 0;
const entry = (how: NewBenchEntry['how'], minute: number, more: Partial<NewBenchEntry> = {}): NewBenchEntry => ({
  uid: `u${String((made += 1))}`,
  batchId: 'b',
  step: 's',
  how,
  maker: 'ann',
  on: day,
  minute,
  ...more,
});
const end = momentOf(entry('done', 1440));
const log = (entries: readonly NewBenchEntry[], now = end) => workLog(entries, now).get(standingKey('b', 's'));
const standing = (entries: readonly NewBenchEntry[]) => standings(entries).get(standingKey('b', 's'));

describe('attended minutes', () => {
  test('a pause does not count', () => {
    const told = log([entry('started', 600), entry('paused', 630), entry('started', 690), entry('done', 700)]);
    expect(told).toMatchObject({ state: 'done', minutes: 40, doneAt: end - 740 });
  });

  test('two steps at once share the minutes of their maker', () => {
    const entries = [
      entry('started', 600),
      entry('started', 610, { step: 't' }),
      entry('done', 630),
      entry('done', 640, { step: 't' }),
    ];
    expect(log(entries)?.minutes).toBe(20);
    expect(workLog(entries, end).get(standingKey('b', 't'))?.minutes).toBe(20);
  });

  test('two makers at one step both count, and a helper counts without a start', () => {
    const entries = [
      entry('started', 600),
      entry('started', 610, { maker: 'bo' }),
      entry('paused', 620, { maker: 'bo' }),
      entry('worked', 625, { maker: 'cy', detail: { minutes: 15 } }),
      entry('done', 630),
    ];
    const told = log(entries);
    expect(Object.fromEntries(told?.byMaker ?? [])).toEqual({ ann: 30, bo: 10, cy: 15 });
    expect(told?.minutes).toBe(55);
  });

  test('what is left unattended counts no minutes until somebody is back', () => {
    const entries = [entry('started', 600), entry('left', 605), entry('done', 700)];
    expect(log(entries.slice(0, 2))).toMatchObject({ state: 'left', minutes: 5 });
    expect(log(entries)).toMatchObject({ state: 'done', minutes: 5 });
  });

  test('work that goes on counts to the present minute', () => {
    expect(log([entry('started', 600)], end - 820)).toMatchObject({ state: 'started', minutes: 20 });
  });
});

describe('corrections', () => {
  test('a voided entry does not count: started half an hour before', () => {
    const wrong = entry('started', 630);
    const right = [entry('voided', 640, { detail: { of: wrong.uid } }), entry('started', 600)];
    expect(log([wrong, ...right, entry('done', 650)])?.minutes).toBe(50);
  });

  test('counts add up, and a tap too many is taken off', () => {
    const tap = entry('counted', 612, { detail: { good: 1 } });
    const entries = [
      entry('counted', 610, { detail: { good: 3 } }),
      entry('counted', 611, { detail: { again: 1 } }),
      tap,
      entry('voided', 613, { detail: { of: tap.uid } }),
      entry('counted', 614, { detail: { lost: 1 } }),
    ];
    expect(log(entries)).toMatchObject({ good: 3, again: 1, lost: 1 });
  });

  test('weights, notes and photos stay with their step', () => {
    const told = log([
      entry('weighed', 600, { detail: { weighing: 'in', grams: 84.2 } }),
      entry('noted', 610, { detail: { what: 'tool-broke' } }),
      entry('photo', 620, { detail: { photo: 'p1' } }),
    ]);
    expect(told).toMatchObject({
      weights: [{ weighing: 'in', grams: 84.2 }],
      notes: [{ what: 'tool-broke', maker: 'ann' }],
      photos: ['p1'],
    });
  });

  test.each([
    ['weighed', {}],
    ['voided', {}],
    ['counted', { good: 0 }],
  ] as const)('%s without what it needs is refused', (how, detail) => {
    expect(newBenchEntrySchema.safeParse(entry(how, 600, { detail })).success).toBe(false);
  });
});

describe('standings', () => {
  test('follow the last change of state, and a change that is taken back does not count', () => {
    const started = entry('started', 600);
    const done = entry('done', 630);
    expect(standing([started])).toMatchObject({ started: { minute: 600 }, done: false });
    expect(standing([started, done])).toMatchObject({ done: true });
    expect(standing([started, done, entry('taken-back', 631)])).toMatchObject({ done: false, started });
    expect(standing([started, entry('taken-back', 601)])?.started ?? null).toBeNull();
    expect(standing([entry('pinned', 700), entry('let-go', 601)])).toMatchObject({ pinned: null });
  });

  test('a paused step has its minutes behind it, and what is left goes by pieces where they are counted', () => {
    const paused = standing([entry('started', 600), entry('paused', 620)]);
    expect(paused).toMatchObject({ started: null, workedMin: 20 });
    if (!paused) throw new Error('It was started.');
    expect(attendedLeft(paused, 60, 12)).toBe(40);
    expect(attendedLeft({ ...paused, good: 9 }, 60, 12)).toBe(15);
    expect(attendedLeft({ ...paused, workedMin: 90 }, 60, 12)).toBe(1);
  });

  test('the order in which entries arrive does not matter', () => {
    const entries = [
      entry('started', 600),
      entry('paused', 610),
      entry('started', 620, { maker: 'bo' }),
      entry('counted', 621, { detail: { good: 4 } }),
      entry('done', 640),
      entry('taken-back', 641),
      entry('left', 650),
    ];
    const [told, stands] = [log(entries), standing(entries)];
    fc.assert(
      fc.property(fc.shuffledSubarray(entries, { minLength: entries.length }), (shuffled) => {
        expect(log(shuffled)).toEqual(told);
        expect(standing(shuffled)).toEqual(stands);
      }),
    );
  });

  test('entries of one moment keep one order', () => {
    const [a, b] = [entry('started', 600, { uid: 'b' }), entry('done', 600, { uid: 'a' })];
    expect(inOrder([a, b])).toEqual(inOrder([b, a]));
  });
});

describe('a forgotten stop', () => {
  const shifts = [
    { opensMin: 540, closesMin: 750 },
    { opensMin: 795, closesMin: 1020 },
  ];
  const ann: BenchMaker = {
    id: 'ann',
    name: 'Ann',
    week: [shifts, shifts, shifts, shifts, shifts, [], []],
    away: [],
    does: null,
    prefers: [],
  };
  const at = (minute: number, on = day) => momentOf(entry('started', minute, { on }));

  test('over lunch: it stopped when the shift ended and went on with the next', () => {
    expect(forgottenStop({ from: at(730) }, at(830), ann)).toEqual({ end: at(750), again: at(795) });
    expect(forgottenStop({ from: at(730) }, at(755), ann)).toBeNull();
    expect(forgottenStop({ from: at(600) }, at(740), ann)).toBeNull();
  });

  test('overnight and over a weekend: it stopped in the evening', () => {
    expect(forgottenStop({ from: at(1000) }, at(560, '2026-03-03'), ann)).toEqual({
      end: at(1020),
      again: at(540, '2026-03-03'),
    });
    // 7 March 2026 is a Saturday.
    expect(forgottenStop({ from: at(1000, '2026-03-06') }, at(600, '2026-03-07'), ann)).toEqual({
      end: at(1020, '2026-03-06'),
      again: null,
    });
  });
});
