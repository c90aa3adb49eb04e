// The names of the priorities.
import type { Batch } from '../../core/batch/batch.ts';

/** A priority by its name, the most urgent first. */
export const priorityNames = {
  first: 'rush',
  '': 'normal',
  low: 'low',
  last: 'when there is time',
} as const satisfies Record<Batch['priority'], string>;

/** The priorities as options of a choice. */
export const priorityOptions = (['first', '', 'low', 'last'] as const).map((value) => ({
  value,
  label: priorityNames[value],
}));
