// Which changes the state of a batch allows, and the next state.
import { local } from '../format/variants.ts';
import type { Batch, BatchState } from './batch.ts';

interface StateWords {
  readonly name: string;
  /** Label of the button that leads to the next state; '' for the last one. */
  readonly onward: string;
}

/** Each state in words, with the button that leads on. */
export const stateWords = {
  planned: { name: 'planned', onward: 'Issue metal' },
  issued: { name: 'metal issued', onward: 'Start work' },
  bench: { name: 'in progress', onward: 'Mark finished' },
  finished: { name: 'finished', onward: 'Close batch' },
  closed: { name: 'closed', onward: '' },
  'called-off': { name: 'cancelled', onward: '' },
} as const satisfies Record<BatchState, StateWords>;

const onward = {
  planned: 'issued',
  issued: 'bench',
  bench: 'finished',
  finished: 'closed',
  closed: null,
  'called-off': null,
} as const satisfies Record<BatchState, BatchState | null>;

/** The next state; null after the last. */
export function stateAfter(state: BatchState): BatchState | null {
  return onward[state];
}

/** Whether a batch in this state gives its metal back: it is planned again or called off. */
export function givesMetalBack({ state }: Pick<Batch, 'state'>): boolean {
  return state === 'planned' || state === 'called-off';
}

/** What is made, and so what is cut, cannot change once metal is issued. */
export function mayChangeWhatIsMade({ state }: Pick<Batch, 'state'>): boolean {
  return state === 'planned';
}

/** A closed batch does not change. In any other state the due date, the customer and the note may. */
export function mayChangeTerms({ state }: Pick<Batch, 'state'>): boolean {
  return state !== 'closed' && state !== 'called-off';
}

/**
 * Why a change of a batch is refused.
 * @param before  as accepted last
 * @returns a sentence, or null when the change is allowed
 */
export function refusedChange(before: Batch, after: Batch): string | null {
  const made = ({ lines, spares, blanks }: Batch) => JSON.stringify([lines, spares, blanks]);
  if (!mayChangeWhatIsMade(before) && !mayChangeWhatIsMade(after) && made(before) !== made(after))
    return 'Metal is issued for this batch. Set its status to planned to change pieces and quantities.';
  const terms = ({ kind, due, priority, customer, note, materialsOn }: Batch) =>
    JSON.stringify([kind, due, priority, customer, note, materialsOn]);
  if (!mayChangeTerms(before) && !mayChangeTerms(after) && terms(before) !== terms(after))
    return `This batch is ${local(stateWords[after.state].name)}. Change its status first.`;
  return null;
}
