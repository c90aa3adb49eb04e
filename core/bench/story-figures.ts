// What came of a batch, as figures that open: minutes, labour, metal.
import type { BatchCount } from '../batch/count-batch.ts';
import { computed, type Figure, given, inSum, totalOf } from '../figure/figure.ts';
import type { BatchStory, StepStory } from './batch-story.ts';

/** Loss of metal that is usual at the bench, as a share of what was issued (common practice: filings, polishing, fire). */
const USUAL_LOSS = 0.03;

const LOG = 'the bench log';

/** Attended minutes of a step, with a line a maker. @param nameOf  of a maker by id; '' where unknown */
export function actualMinutes({ name, byMaker }: StepStory, nameOf: (maker: string) => string): Figure {
  const lines = [...byMaker].map(([maker, minutes]) => given(nameOf(maker) || 'a maker', minutes, 'min', LOG));
  return totalOf(name, 'min', lines);
}

/** Minutes of finished steps, estimated and actual, and the estimate of what is left. */
export function storyMinutes({ estimatedDoneMin, actualDoneMin, estimatedLeftMin }: BatchStory): {
  readonly estimated: Figure;
  readonly actual: Figure;
  readonly left: Figure;
} {
  return {
    estimated: given('estimate of finished steps', estimatedDoneMin, 'min', 'the route'),
    actual: given('actual', actualDoneMin, 'min', LOG),
    left: given('bench time left', estimatedLeftMin, 'min', 'the route and the bench log'),
  };
}

/** What the minutes above the estimate cost, minor units; negative where they are below it. @param labour  per hour */
export function labourDifference(story: BatchStory, labour: Figure): Figure {
  const { estimated, actual } = storyMinutes(story);
  const more = actual.value - estimated.value;
  const [currency = ''] = labour.unit.split('/');
  return computed(
    'difference in labour',
    (more / 60) * labour.value,
    currency,
    () => `(${inSum(actual.value)} − ${inSum(estimated.value)}) ÷ 60 × ${inSum(labour.value, labour.unit)}`,
    [actual, estimated, labour],
  );
}

/** Weights of a batch, g; null where nothing was weighed. */
export interface WeighedMetal {
  readonly issued: Figure | null;
  readonly finished: Figure | null;
  readonly scrap: Figure | null;
  /** What did not come back; null until metal issued and finished pieces were weighed. */
  readonly loss: Figure | null;
  /** Whether the loss is more than is usual. */
  readonly isUnusual: boolean;
}

/** Weights of a batch with the loss. */
export function weighedMetal({ metalIn, metalOut, scrap }: BatchStory): WeighedMetal {
  const weighed = (label: string, grams: number | null) =>
    grams === null ? null : given(label, grams, 'g', 'weighed at the bench');
  const [issued, finished, back] = [
    weighed('metal issued', metalIn),
    weighed('finished pieces', metalOut),
    weighed('scrap and offcuts', scrap),
  ];
  if (!issued || !finished) return { issued, finished, scrap: back, loss: null, isUnusual: false };
  const from = [issued, finished, ...(back ? [back] : [])];
  const grams = issued.value - finished.value - (back?.value ?? 0);
  const loss = computed('loss', grams, 'g', () => from.map(({ value }) => inSum(value)).join(' − '), from);
  return { issued, finished, scrap: back, loss, isUnusual: grams > USUAL_LOSS * issued.value };
}

/** Weight of the finished pieces by the recipe, with a line a size. */
export function finishedByRecipe({ runs }: Pick<BatchCount, 'runs'>): Figure {
  return totalOf(
    'finished pieces',
    'g',
    runs.map(({ name, quantity, count: { weight } }) =>
      computed(name, quantity * weight.value, 'g', `${String(quantity)} × ${inSum(weight.value, 'g')}`, [weight]),
    ),
  );
}
