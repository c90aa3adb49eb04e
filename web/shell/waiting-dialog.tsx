// The changes that wait on this device, and those the ledger refused.
import { ModalDialog } from '../components/dialog.tsx';
import type { WaitingRequest } from '../state/device/device-store.ts';
import { discardRequest, sendNow } from '../state/device/outbox.ts';
import { useAppDispatch } from '../state/store.ts';
import { entryWords, words } from '../words/waiting.ts';

interface WaitingDialogProps {
  readonly isFull: boolean;
  readonly isAway: boolean;
  readonly requests: readonly WaitingRequest[];
  readonly onClose: () => void;
}

export function WaitingDialog({ isFull, isAway, requests, onClose }: WaitingDialogProps) {
  const refused = requests.filter(({ refusal }) => refusal !== '');
  return (
    <ModalDialog
      open
      title={words.changesWaiting}
      description={isFull ? words.storageFull : isAway ? words.typedIsStored : words.whatWaits}
      onClose={onClose}
    >
      <Requests of={requests.filter(({ refusal }) => refusal === '')} />
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
