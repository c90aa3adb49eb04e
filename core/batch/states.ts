// What a batch's state allows, and what comes after it.
import type { Batch, BatchState } from './batch.ts';

interface StateWords {
  readonly name: string;
  /** The button that leads on from here; '' at the end. */
  readonly onward: string;
}

export const stateWords = {
  planned: { name: 'planned', onward: 'Metal is issued' },
  issued: { name: 'metal issued', onward: 'On the bench' },
  bench: { name: 'on the bench', onward: 'All finished' },
  finished: { name: 'finished', onward: 'Close it' },
  closed: { name: 'closed', onward: '' },
  'called-off': { name: 'called off', onward: '' },
} as const satisfies Record<BatchState, StateWords>;

const onward = {
  planned: 'issued',
  issued: 'bench',
  bench: 'finished',
  finished: 'closed',
  closed: null,
  'called-off': null,
} as const satisfies Record<BatchState, BatchState | null>;

export function stateAfter(state: BatchState): BatchState | null {
  return onward[state];
}

/** A batch that goes back to planning or is called off gives back what metal it holds. */
export function givesMetalBack({ state }: Pick<Batch, 'state'>): boolean {
  return state === 'planned' || state === 'called-off';
}

/** What is made, and so what is cut for it, is settled once metal is issued. */
export function mayChangeWhatIsMade({ state }: Pick<Batch, 'state'>): boolean {
  return state === 'planned';
}

/** A closed batch is as it was; of any other the day, the customer and the note may change. */
export function mayChangeTerms({ state }: Pick<Batch, 'state'>): boolean {
  return state !== 'closed' && state !== 'called-off';
}

/**
 * Why a batch may not become what is asked; null when it may.
 * @param before  as accepted last
 */
export function refusedChange(before: Batch, after: Batch): string | null {
  const made = ({ lines, spares, blanks }: Batch) => JSON.stringify([lines, spares, blanks]);
  if (!mayChangeWhatIsMade(before) && !mayChangeWhatIsMade(after) && made(before) !== made(after))
    return 'Metal is issued for this batch. Take it back to planning to change what is made.';
  const terms = ({ kind, due, priority, customer, note, materialsOn }: Batch) =>
    JSON.stringify([kind, due, priority, customer, note, materialsOn]);
  if (!mayChangeTerms(before) && !mayChangeTerms(after) && terms(before) !== terms(after))
    return `This batch is ${stateWords[after.state].name}. Take it up again to change it.`;
  return null;
}
