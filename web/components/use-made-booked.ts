// What follows an entry of finished pieces: its toast, with the counter-entries as its Undo.
import { useReverseMadeMutation } from '../state/endpoints/made.ts';
import { showToast } from '../state/toasts.ts';
import { isTaken } from './failure.tsx';

interface Booked {
  readonly data?: readonly { readonly id: number }[];
  readonly error?: unknown;
}

/** @returns a function that tells what was booked, and whether the form is done with it */
export function useMadeBooked(): (answer: Booked, text: string) => boolean {
  const [reverse] = useReverseMadeMutation();
  return (answer, text) => {
    if (!isTaken(answer)) return false;
    const entries = [...(answer.data ?? [])].reverse();
    const undo = async () => {
      // The last first: what it moved is taken back before where it came from.
      for (const { id } of entries) await reverse({ id, why: '' });
    };
    showToast(text, entries.length === 0 ? null : () => void undo());
    return true;
  };
}
