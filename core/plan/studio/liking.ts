// Where a step stands among what a maker likes.
import type { StepKind } from '../../piece/step.ts';
import type { Liking } from '../../studio/preferences.ts';
import { workNamed } from '../../work/work-kinds.ts';

/** Place of a step, by its station or its kind of work; −1 where it is not listed. */
export function likingOf(likings: readonly Liking[], station: string, kind: StepKind): number {
  return likings.findIndex(({ name }) => name === station || (workNamed(name) !== 'other' && workNamed(name) === kind));
}
