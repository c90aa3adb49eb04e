// What a batch's state allows, and what comes after it.
import { batchStates, type Batch, type BatchState } from './batch.ts';

interface StateWords {
  readonly name: string;
  /** The button that leads on from here; '' at the end. */
  readonly onward: string;
  /** The button that leads back; '' at the start. */
  readonly back: string;
}

export const stateWords = {
  planned: { name: 'planned', onward: 'Metal is issued', back: '' },
  issued: { name: 'metal issued', onward: 'On the bench', back: 'Back to planning' },
  bench: { name: 'on the bench', onward: 'All finished', back: 'Off the bench' },
  finished: { name: 'finished', onward: 'Close it', back: 'Take up again' },
  closed: { name: 'closed', onward: '', back: 'Open it again' },
} as const satisfies Record<BatchState, StateWords>;

export function stateAfter(state: BatchState): BatchState | null {
  return batchStates[batchStates.indexOf(state) + 1] ?? null;
}

export function stateBefore(state: BatchState): BatchState | null {
  return batchStates[batchStates.indexOf(state) - 1] ?? null;
}

/** What is made, and so what is cut for it, is settled once metal is issued. */
export function mayChangeWhatIsMade({ state }: Pick<Batch, 'state'>): boolean {
  return state === 'planned';
}

/** A closed batch is as it was; of any other the day, the customer and the note may change. */
export function mayChangeTerms({ state }: Pick<Batch, 'state'>): boolean {
  return state !== 'closed';
}

/**
 * Why a batch may not become what is asked; null when it may.
 * @param before  as accepted last
 */
export function refusedChange(before: Batch, after: Batch): string | null {
  const made = ({ lines, spares, blanks }: Batch) => JSON.stringify([lines, spares, blanks]);
  if (!mayChangeWhatIsMade(before) && !mayChangeWhatIsMade(after) && made(before) !== made(after))
    return 'Metal is issued for this batch. Take it back to planning to change what is made.';
  const terms = ({ kind, due, priority, customer, note }: Batch) =>
    JSON.stringify([kind, due, priority, customer, note]);
  if (!mayChangeTerms(before) && !mayChangeTerms(after) && terms(before) !== terms(after))
    return 'This batch is closed. Open it again to change it.';
  return null;
}
