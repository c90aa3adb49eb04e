// The route that the recipe suggests. It is never applied without a press.
import type { Draft } from '@reduxjs/toolkit';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { Piece } from '../../../../core/piece/piece.ts';
import { changeInWords, changeKey, type RouteChange, routeOffers, withChanges } from '../../../../core/piece/route.ts';
import type { Rates } from '../../../../core/studio/rates.ts';
import type { EditPiece } from '../../../components/remark-lines.tsx';
import { useBasis } from '../../../hooks/use-basis.ts';
import { FOLLOWS } from '../../../state/drafts.ts';
import { words } from '../../../words/piece.ts';

export function RouteOffer({ piece, edit }: { piece: Piece; edit: EditPiece }) {
  const { rates } = useBasis();
  const changes = useMemo(() => routeOffers(piece, rates.alloys, rates.standardTimes), [piece, rates]);
  const [open, setOpen] = useState(false);
  const follows = piece.route === 'recipe';
  useFollowing(piece, follows ? changes : NONE, rates, edit);
  if (follows)
    return (
      <p className="aside chrome mt-1">
        {words.followsTheRecipe}{' '}
        <button type="button" className="link" onClick={() => edit('', (draft) => void (draft.route = ''))}>
          {words.keepTheRouteAsItIs}
        </button>
      </p>
    );
  if (changes.length === 0) return null;
  // The offer may be a moment behind typing; a press applies what the recipe suggests now.
  const take = (wanted?: string) =>
    edit('', (draft) => {
      follow(draft, rates, wanted);
      if (wanted === undefined) draft.route = 'recipe';
    });
  const isEmpty = piece.steps.length === 0;
  // A route that the maker wrote has priority: the suggestion is shown, not urged.
  const isOwn = !isEmpty && piece.steps.every(({ from }) => from === '');
  if (isOwn && !open)
    return (
      <p className="chrome mt-1">
        <button type="button" className="link text-[14px]" onClick={() => setOpen(true)}>
          {words.suggestedSteps}
        </button>
      </p>
    );
  return (
    <div className="note note-quiet chrome mt-1 mb-2" data-offer="route">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <span className="flex-1">
          {isEmpty
            ? `A route of ${String(changes.length)} steps can be proposed from the parts and joins, with usual times.`
            : `The recipe suggests ${changes.length === 1 ? 'a change' : `${String(changes.length)} changes`} to the route. Steps edited by hand stay.`}
        </span>
        <button type="button" className="link" onClick={() => take()}>
          {isEmpty ? words.proposeTheRoute : words.buildTheRoute}
        </button>
        <button type="button" className="link" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? words.hide : words.show}
        </button>
      </div>
      {open && (
        <ul className="mt-2">
          {changes.map((change) => (
            <li key={changeKey(change)} className="flex flex-wrap items-baseline gap-x-4 border-t border-hair py-1">
              <span className="flex-1">{changeInWords(change)}</span>
              <button type="button" className="link" onClick={() => take(changeKey(change))}>
                {words.apply}
              </button>
              <button type="button" className="link" onClick={() => edit('', (draft) => decline(draft, change))}>
                {words.dismiss}
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** What proposals rest on beside the piece. */
type Following = Pick<Rates, 'alloys' | 'standardTimes'>;

const NONE: readonly RouteChange[] = [];

/** Applies what the recipe suggests now. @param wanted  key of one change; left out: all of them */
function follow(draft: Draft<Piece>, rates: Following, wanted?: string): void {
  const now = JSON.parse(JSON.stringify(draft)) as Piece;
  const taken = routeOffers(now, rates.alloys, rates.standardTimes).filter(
    (change) => wanted === undefined || changeKey(change) === wanted,
  );
  draft.steps = withChanges(now.steps, taken, () => crypto.randomUUID());
}

/** Keeps the route in step with the recipe while it is edited; a piece that is only opened does not change. */
function useFollowing(piece: Piece, changes: readonly RouteChange[], rates: Following, edit: EditPiece): void {
  const last = useRef(piece);
  useEffect(() => {
    if (last.current === piece || changes.length === 0) return;
    last.current = piece;
    edit(FOLLOWS, (draft) => follow(draft, rates));
  }, [piece, changes, rates, edit]);
}

// A step to be added is not suggested again; an existing one stays as it is.
function decline(draft: { declined: string[]; steps: { id: string; byHand: boolean }[] }, change: RouteChange): void {
  if (change.kind === 'add') draft.declined.push(change.proposal.from);
  else {
    const step = draft.steps.find(({ id }) => id === change.step.id);
    if (step) step.byHand = true;
  }
}
