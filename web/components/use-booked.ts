// What follows an entry of the account: its toast, with the counter-entry as its Undo.
import { useCorrectEntryMutation } from '../state/endpoints/account.ts';
import { showToast } from '../state/toasts.ts';
import { isTaken } from './failure.tsx';

interface Booked {
  readonly data?: readonly { readonly id: number }[];
  readonly error?: unknown;
}

/** @returns a function that tells what was booked, and whether the form is done with it */
export function useBooked(): (answer: Booked, text: string) => boolean {
  const [correct] = useCorrectEntryMutation();
  return (answer, text) => {
    if (!isTaken(answer)) return false;
    const entry = answer.data?.[0]?.id;
    showToast(text, entry === undefined ? null : () => void correct({ id: entry, why: '' }));
    return true;
  };
}
