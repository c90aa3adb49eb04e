// What waits on this device, in the head of every page: how many changes, whether the ledger answers, what was refused.
import { CloudOff } from 'lucide-react';
import { Suspense, useState } from 'react';
import { isUnsaved } from '../state/saving.ts';
import { useAppSelector } from '../state/store.ts';
import { words } from '../words/waiting.ts';
import { optionalPart } from './optional-part.ts';

const WaitingDialog = optionalPart(async () => (await import('./waiting-dialog.tsx')).WaitingDialog);

export function WaitingChip() {
  const { isAway, requests, isFull } = useAppSelector(({ waiting }) => waiting);
  const drafts = useAppSelector(({ drafts: open }) => Object.values(open).filter(isUnsaved).length);
  const [isOpen, setOpen] = useState(false);
  const refused = requests.filter(({ refusal }) => refusal !== '');
  const count = requests.length + (isAway ? drafts : 0);
  const isQuiet = !isAway && !isFull && requests.length === 0;
  const said = count === 0 ? words.away : `${String(count)} ${count === 1 ? 'change' : 'changes'} waiting`;
  return (
    <span role="status">
      {!isQuiet && (
        <button
          type="button"
          className="flex items-center gap-2 rounded px-2 py-1 text-[14px] font-semibold whitespace-nowrap text-warn"
          onClick={() => setOpen(true)}
        >
          <CloudOff size={16} aria-hidden />
          {/* On a phone the icon has to do: the line below the head says the rest. */}
          <span className="max-[480px]:sr-only">
            {isFull ? words.notSent : refused.length > 0 ? `${String(refused.length)} refused` : said}
          </span>
        </button>
      )}
      <Suspense>
        {isOpen && <WaitingDialog isFull={isFull} isAway={isAway} requests={requests} onClose={() => setOpen(false)} />}
      </Suspense>
    </span>
  );
}

/** Below the head while the ledger does not answer: nothing on the page is newer than that. */
export function AwayLine() {
  const { isAway, isFull } = useAppSelector(({ waiting }) => waiting);
  if (!isAway && !isFull) return null;
  return (
    <aside className="chrome bg-warn-wash px-5 py-1 text-[14px]" aria-label={words.away}>
      <b>{words.away}.</b> {isFull ? words.storageFull : words.typedIsStored}
    </aside>
  );
}
