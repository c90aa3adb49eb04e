// Why something that was just asked for did not happen, at the place where the hand is.
import { WAITS } from '../state/device/send-once.ts';
import { sentences } from '../state/device/sentences.ts';
import { problemOf } from '../state/saving.ts';

/** @param of  what endpoints failed with, in order; the first is shown */
export function Failure({ of }: { of: readonly unknown[] }) {
  const error = of.find((one) => one !== undefined && one !== null);
  if (!error) return null;
  return (
    <p role="status" className={isWaiting(error) ? 'mt-1 text-[15px] text-soft' : 'problem mt-1'}>
      {failureIn(error)}
    </p>
  );
}

/** The words of a failure. */
export function failureIn(error: unknown): string {
  return problemOf(error)?.detail ?? sentences.notAnswered;
}

/** Whether an entry waits on this device: its form is done with it. */
function isWaiting(error: unknown): boolean {
  return problemOf(error)?.type === WAITS;
}

/** Whether an entry is in the ledger, or waits on this device. */
export function isTaken(answer: { readonly error?: unknown }): boolean {
  return answer.error === undefined || isWaiting(answer.error);
}
