// Several edits as one step of Undo: a pasted block, rows deleted together.

let step = '';
let made = 0;

/** Edits made meanwhile are one step of Undo. */
export function asOneStep(work: () => void): void {
  const before = step;
  step ||= `together-${String((made += 1))}`;
  try {
    work();
  } finally {
    step = before;
  }
}

/** The name of an edit, for undo. */
export function stepOf(edit: string): string {
  return step || edit;
}
