// What waits on this device, in the head of every page: how many changes, whether the ledger answers, what was refused.
import { CloudOff } from 'lucide-react';
import { useState } from 'react';
import { ModalDialog } from '../components/dialog.tsx';
import type { WaitingRequest } from '../state/device/device-store.ts';
import { discardRequest, sendNow } from '../state/device/outbox.ts';
import { isUnsaved } from '../state/saving.ts';
import { useAppDispatch, useAppSelector } from '../state/store.ts';
import { entryWords, words } from '../words/waiting.ts';

export function WaitingChip() {
  const { isAway, requests, isFull } = useAppSelector(({ waiting }) => waiting);
  const drafts = useAppSelector(({ drafts: open }) => Object.values(open).filter(isUnsaved).length);
  const [isOpen, setOpen] = useState(false);
  const waiting = requests.filter(({ refusal }) => refusal === '');
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
          {isFull ? words.notSent : refused.length > 0 ? `${String(refused.length)} refused` : said}
        </button>
      )}
      <ModalDialog
        open={isOpen}
        title={words.changesWaiting}
        description={isFull ? words.storageFull : isAway ? words.typedIsStored : words.whatWaits}
        onClose={() => setOpen(false)}
      >
        <Requests of={waiting} />
        {refused.length > 0 && (
          <>
            <h2 className="mt-5 text-[17px] font-bold">{words.refused}</h2>
            <p className="text-[15px] text-soft">{words.whatWasRefused}</p>
            <Requests of={refused} />
          </>
        )}
        <div className="mt-5 flex justify-end">
          <button type="button" className="button" onClick={sendNow}>
            {words.sendNow}
          </button>
        </div>
      </ModalDialog>
    </span>
  );
}

/** Below the head while the ledger does not answer: nothing on the page is newer than that. */
export function AwayLine() {
  const { isAway, isFull } = useAppSelector(({ waiting }) => waiting);
  if (!isAway && !isFull) return null;
  return (
    <p className="chrome bg-warn-wash px-5 py-1 text-[14px]">
      <b>{words.away}.</b> {isFull ? words.storageFull : words.typedIsStored}
    </p>
  );
}

function Requests({ of }: { of: readonly WaitingRequest[] }) {
  const dispatch = useAppDispatch();
  if (of.length === 0) return null;
  return (
    <ul className="mt-3">
      {of.map(({ id, endpoint, refusal, order }) => (
        <li key={id} className="border-b border-hair py-2">
          <span className="flex items-baseline justify-between gap-4">
            <span>{entryWords[endpoint] ?? endpoint}</span>
            <span className="num text-[14px] text-soft">
              {new Date(order).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })}
            </span>
          </span>
          {refusal && (
            <span className="flex items-baseline justify-between gap-4">
              <span className="problem">{refusal}</span>
              <button type="button" className="link" onClick={() => void discardRequest(id, dispatch)}>
                {words.discard}
              </button>
            </span>
          )}
        </li>
      ))}
    </ul>
  );
}
