// The computer is locked: the passcode.
import { useState } from 'react';
import { Failure } from '../../components/failure.tsx';
import { api, tags } from '../../state/api.ts';
import { doorChanged } from '../../state/device/waiting.ts';
import { useUnlockMutation } from '../../state/endpoints/access.ts';
import { useAppDispatch } from '../../state/store.ts';
import { words } from '../../words/access.ts';
import { Door } from './door.tsx';

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
    <Door title={words.locked}>
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
    </Door>
  );
}
