// The computer is locked: the passcode.
import { useState } from 'react';
import { Failure } from '../../components/failure.tsx';
import { Mark } from '../../components/mark.tsx';
import { api, tags } from '../../state/api.ts';
import { doorChanged } from '../../state/device/waiting.ts';
import { useUnlockMutation } from '../../state/endpoints/access.ts';
import { useAppDispatch } from '../../state/store.ts';
import { words } from '../../words/access.ts';

export function LockedScreen() {
  const dispatch = useAppDispatch();
  const [passcode, setPasscode] = useState('');
  const [unlock, { error, isLoading }] = useUnlockMutation();
  const open = async () => {
    const answer = await unlock(passcode);
    if ('error' in answer) return;
    dispatch(doorChanged('open'));
    dispatch(api.util.invalidateTags([...tags]));
  };
  return (
    <main className="mx-auto mt-[14vh] max-w-[400px] bg-page px-8 py-8">
      <p className="flex items-center gap-2 text-[18px] font-bold">
        <Mark /> Noon Ledger
      </p>
      <h1 className="mt-5">{words.locked}</h1>
      <form
        className="mt-4 grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          void open();
        }}
      >
        <label className="grid gap-1">
          {words.passcode}
          <input
            type="password"
            className="field field-open min-h-[44px]"
            autoComplete="current-password"
            autoFocus
            value={passcode}
            onChange={(event) => setPasscode(event.target.value)}
          />
        </label>
        <button type="submit" className="button" disabled={isLoading || passcode === ''}>
          {words.unlock}
        </button>
        <Failure of={[error]} />
      </form>
    </main>
  );
}
