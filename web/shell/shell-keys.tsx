// The keys that work on every screen, and what they open.
import { Suspense, useState } from 'react';
import { useNavigate } from 'react-router';
import { useKeys } from '../hooks/use-keys.ts';
import { isTyping } from '../keys/bind-keys.ts';
import { undoLatest, useToasts } from '../state/toasts.ts';
import { optionalPart } from './optional-part.ts';
import { otherLeaf } from './other-leaf.ts';

const finder = async () => await import('./finder.tsx');
const FinderDialog = optionalPart(async () => (await finder()).FinderDialog);
// Fetched while the browser is idle: no letter typed after its key is lost.
window.requestIdleCallback(() => void finder().catch(() => undefined));
const Toaster = optionalPart(async () => (await import('./toaster.tsx')).Toaster);
const PickedBar = optionalPart(async () => (await import('../grid/picked-bar.tsx')).PickedBar);
const FileDrop = optionalPart(async () => (await import('./file-drop.tsx')).FileDrop);
const KeyList = optionalPart(async () => (await import('./key-list.tsx')).KeyList);

/** The finder opens from the header, too. */
export function ShellKeys({ isFinding, setFinding }: { isFinding: boolean; setFinding: (is: boolean) => void }) {
  const [isListing, setListing] = useState(false);
  const navigate = useNavigate();
  const to = (path: string) => () => void navigate(path);
  const find = (event: KeyboardEvent) => {
    event.preventDefault();
    setFinding(true);
  };
  const leaf = (by: 1 | -1) => (event: KeyboardEvent) => {
    event.preventDefault();
    otherLeaf(by);
  };
  const toasts = useToasts();
  useKeys({
    // In a field the key undoes what was typed; elsewhere what a message offers, before the edits of a document.
    undo: (event) => {
      if (!isTyping(event.target) && undoLatest()) event.preventDefault();
    },
    find,
    findBySlash: find,
    keys: () => setListing(true),
    otherPage: leaf(1),
    pageBefore: leaf(-1),
    goBench: to('/bench'),
    goDay: to('/day'),
    goPieces: to('/pieces'),
    goBatches: to('/batches'),
    goStock: to('/shelf'),
    goPrices: to('/prices'),
    goHelp: to('/help'),
  });
  return (
    <Suspense>
      {isFinding && <FinderDialog onClose={() => setFinding(false)} onKeys={() => setListing(true)} />}
      <PickedBar />
      <FileDrop />
      {toasts.length > 0 && <Toaster />}
      {isListing && <KeyList onClose={() => setListing(false)} />}
    </Suspense>
  );
}
