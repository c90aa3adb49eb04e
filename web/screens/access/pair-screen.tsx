// A device that is not let in yet: the code that the computer shows, and a name for the device.
import { useState } from 'react';
import { Failure } from '../../components/failure.tsx';
import { usePairMutation } from '../../state/endpoints/access.ts';
import { words } from '../../words/access.ts';
import { Door } from './door.tsx';

export function PairScreen() {
  // The QR code brings the digits behind the address, where no server sees them.
  const [digits, setDigits] = useState(() => location.hash.replace(/\D/g, ''));
  const [name, setName] = useState('');
  const [pair, { error, isLoading }] = usePairMutation();
  const letIn = async () => {
    const answer = await pair({ digits, name });
    if (!('error' in answer)) location.replace('/');
  };
  return (
    <Door title={words.thisDeviceIsNotLetIn} says={words.codeOnTheComputer}>
      <form
        className="mt-6 grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          void letIn();
        }}
      >
        <label className="grid gap-1">
          {words.code}
          <input
            className="field field-open num min-h-[56px] text-[28px] tracking-[0.1em]"
            inputMode="numeric"
            autoComplete="one-time-code"
            value={digits}
            maxLength={7}
            onChange={(event) => setDigits(event.target.value)}
          />
        </label>
        <label className="grid gap-1">
          {words.nameOfDevice}
          <input
            className="field field-open min-h-[44px]"
            value={name}
            maxLength={60}
            placeholder={words.nameExample}
            onChange={(event) => setName(event.target.value)}
          />
        </label>
        <button type="submit" className="button min-h-[56px]" disabled={isLoading || !digits || !name.trim()}>
          {words.letIn}
        </button>
        <Failure of={[error]} />
      </form>
    </Door>
  );
}
