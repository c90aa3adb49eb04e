import { describe, expect, test } from 'vitest';
import { given } from '../figure/figure.ts';
import type { BenchStep } from './batch-steps.ts';
import { batchStory } from './batch-story.ts';
import { momentOf, type NewBenchEntry } from './bench-entry.ts';
import { observationsOf } from './observations.ts';
import { actualMinutes, labourDifference, storyMinutes, weighedMetal } from './story-figures.ts';

const on = '2026-03-02';
let made = 0;
const entry = (step: string, how: NewBenchEntry['how'], minute: number, more: Partial<NewBenchEntry> = {}) => ({
  uid: `u${String((made += 1))}`,
  batchId: 'b',
  step,
  how,
  maker: 'ann',
  on,
  minute,
  ...more,
});
const benchStep = (key: string, index: number, exactMin: number, pieces = 10): BenchStep => ({
  key,
  index,
  name: key,
  piece: 'Pin',
  step: {} as BenchStep['step'],
  kind: 'solder',
  pieces,
  load: null,
  station: '',
  maker: '',
  attendedMin: Math.ceil(exactMin),
  unattendedMin: 0,
  spread: null,
  share: null,
  onceMin: 0,
  exactMin,
  exactOnceMin: 5,
  drivers: 2 * pieces,
  metals: '',
  after: [],
});
const steps = [benchStep('l/solder', 0, 40), benchStep('l/tumble', 1, 6, 6), benchStep('l/tumble#2', 1, 4, 4)];
const now = momentOf(entry('', 'done', 1440));
const story = (...entries: NewBenchEntry[]) => batchStory('b', steps, entries, now);
const solder = [entry('l/solder', 'started', 600), entry('l/solder', 'done', 650)];

describe('story of a batch', () => {
  test('a step that is done stands beside its estimate, and the rest is left', () => {
    const told = story(...solder);
    expect(told).toMatchObject({ estimatedDoneMin: 40, actualDoneMin: 50, estimatedLeftMin: 10 });
    expect(told.steps[0]).toMatchObject({ state: 'done', actualMin: 50, doneShare: 1 });
  });

  test('loads of a step are one line: done when the last one is', () => {
    const first = [entry('l/tumble', 'started', 700), entry('l/tumble', 'done', 706)];
    expect(story(...first).steps[1]).toMatchObject({ state: 'paused', pieces: 10, doneShare: 0.6 });
    expect(story(...first).estimatedLeftMin).toBeCloseTo(44, 9);
    const both = [...first, entry('l/tumble#2', 'started', 710), entry('l/tumble#2', 'done', 713)];
    expect(story(...both).steps[1]).toMatchObject({ state: 'done', actualMin: 9, estimatedMin: 10 });
  });

  test('pieces that were counted say how far a step is', () => {
    const counted = entry('l/solder', 'counted', 610, { detail: { good: 4, again: 1, lost: 2 } });
    const told = story(entry('l/solder', 'started', 600), counted);
    expect(told.steps[0]).toMatchObject({ doneShare: 0.4, good: 4, again: 1, lost: 2, state: 'started' });
    expect(told.lost).toBe(2);
  });

  test('work outside the route has a line of its own, and counts as actual minutes', () => {
    const told = story(...solder, entry('extra/polish', 'worked', 700, { detail: { minutes: 12 } }));
    expect(told.steps.at(-1)).toMatchObject({ key: 'extra/polish', index: -1, estimatedMin: 0, actualMin: 12 });
    expect(told).toMatchObject({ estimatedDoneMin: 40, actualDoneMin: 62 });
  });

  test('entries of other batches do not count', () => {
    const told = story(...solder.map((one) => ({ ...one, batchId: 'other' })));
    expect(told).toMatchObject({ actualDoneMin: 0, beganAt: null, metalIn: null });
  });
});

describe('figures of a batch', () => {
  const weighed = (weighing: 'in' | 'out' | 'scrap', grams: number) =>
    entry('l/solder', 'weighed', 600, { detail: { weighing, grams } });

  test('minutes of a step are those of its makers', () => {
    const helped = story(...solder, entry('l/solder', 'worked', 640, { maker: 'bo', detail: { minutes: 15 } }));
    const [step] = helped.steps;
    const figure = step && actualMinutes(step, (id) => id.toUpperCase());
    expect(figure?.value).toBe(65);
    expect(figure?.from.map(({ label, value }) => [label, value])).toEqual([
      ['ANN', 50],
      ['BO', 15],
    ]);
  });

  test('minutes above the estimate cost labour', () => {
    const told = story(...solder);
    expect(labourDifference(told, given('labour', 4200, 'EUR/h', 'Settings')).value).toBeCloseTo(700, 9);
    expect(storyMinutes(told).left.value).toBe(10);
  });

  test('what did not come back is loss; above 3 % it is unusual', () => {
    const usual = weighedMetal(story(weighed('in', 100), weighed('out', 82), weighed('scrap', 16)));
    expect(usual.loss?.value).toBeCloseTo(2, 9);
    expect(usual.isUnusual).toBe(false);
    expect(weighedMetal(story(weighed('in', 100), weighed('out', 90))).isUnusual).toBe(true);
    expect(weighedMetal(story(weighed('in', 60), weighed('in', 40))).loss).toBeNull();
    expect(weighedMetal(story(weighed('in', 60), weighed('in', 40))).issued?.value).toBe(100);
  });
});

describe('observations', () => {
  const observed = (...entries: NewBenchEntry[]) => observationsOf('b', steps, story(...entries), () => 'pin');

  test('only finished steps are learned from', () => {
    expect(observed(entry('l/solder', 'started', 600))).toEqual([]);
    expect(observed(...solder)).toMatchObject([
      { stepId: 'pin/solder', batchId: 'b', maker: 'ann', actualMin: 50, expectedMin: 40, drivers: 20, onceMin: 5 },
    ]);
  });

  test('a step is a maker’s where they did four fifths of it', () => {
    const helper = (minutes: number) => entry('l/solder', 'worked', 640, { maker: 'bo', detail: { minutes } });
    expect(observed(...solder, helper(12))[0]?.maker).toBe('ann');
    expect(observed(...solder, helper(20))[0]?.maker).toBe('');
  });

  test('work outside the route is not learned', () => {
    expect(observed(entry('extra/polish', 'worked', 700, { detail: { minutes: 12 } }))).toEqual([]);
  });
});
