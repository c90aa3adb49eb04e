// What the recipe would have in its route: offered, never done unasked.
import { useMemo, useState } from 'react';
import type { Recipe } from '../../../core/piece/recipe.ts';
import { changeInWords, routeChanges, withChanges, type RouteChange } from '../../../core/piece/route.ts';
import type { EditPiece } from '../../parts/remark-lines.tsx';

export function RouteOffer({ recipe, edit }: { recipe: Recipe; edit: EditPiece }) {
  const changes = useMemo(() => routeChanges(recipe), [recipe]);
  const [open, setOpen] = useState(false);
  if (changes.length === 0) return null;
  const take = (taken: readonly RouteChange[]) =>
    edit('', (draft) => {
      draft.steps = withChanges(recipe.piece.steps, taken, () => crypto.randomUUID());
    });
  const { steps } = recipe.piece;
  const isEmpty = steps.length === 0;
  // A route written by hand is the maker's own: what the recipe would have is there to see, and is not pressed.
  const isOwn = !isEmpty && steps.every(({ from }) => from === '');
  if (isOwn && !open)
    return (
      <p className="chrome mt-1">
        <button type="button" className="link text-[14px]" onClick={() => setOpen(true)}>
          What the recipe would have besides
        </button>
      </p>
    );
  return (
    <div className="note note-quiet chrome mt-1 mb-2" data-offer="route">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <span className="flex-1">
          {isEmpty
            ? `A route of ${String(changes.length)} steps can be proposed from the parts and joins, with usual times.`
            : `The recipe asks for ${changes.length === 1 ? 'a change' : `${String(changes.length)} changes`} in the route. Steps changed by hand stay.`}
        </span>
        <button type="button" className="link" onClick={() => take(changes)}>
          {isEmpty ? 'Propose the route' : changes.length === 1 ? 'Take it' : 'Take all'}
        </button>
        <button type="button" className="link" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Fold' : 'Show'}
        </button>
      </div>
      {open && (
        <ul className="mt-2">
          {changes.map((change) => (
            <li key={keyOf(change)} className="flex flex-wrap items-baseline gap-x-4 border-t border-hair py-1">
              <span className="flex-1">{changeInWords(change)}</span>
              <button type="button" className="link" onClick={() => take([change])}>
                Take
              </button>
              <button type="button" className="link" onClick={() => edit('', (draft) => decline(draft, change))}>
                Not wanted
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

function keyOf(change: RouteChange): string {
  return `${change.kind} ${change.kind === 'remove' ? change.step.id : change.proposal.from}`;
}

// A step to be added is not offered again; one that is here stays as it is from now on.
function decline(draft: { declined: string[]; steps: { id: string; byHand: boolean }[] }, change: RouteChange): void {
  if (change.kind === 'add') draft.declined.push(change.proposal.from);
  else {
    const step = draft.steps.find(({ id }) => id === change.step.id);
    if (step) step.byHand = true;
  }
}
