// Other devices: switched on, addresses, a code for one device, the list of devices; and the passcode of this computer.
import { useState } from 'react';
import { type Access, accessRoutes, type DeviceRole } from '../../../contract/access.ts';
import { fullDay } from '../../../core/format/days.ts';
import { Choice } from '../../components/choice.tsx';
import { Failure } from '../../components/failure.tsx';
import {
  useGetAccessQuery,
  useNewCodeMutation,
  useRevokeDeviceMutation,
  useSetAccessMutation,
  useSetPasscodeMutation,
} from '../../state/endpoints/access.ts';
import { roleWords, words } from '../../words/access.ts';

const roles = (Object.keys(roleWords) as DeviceRole[]).map((value) => ({ value, label: roleWords[value] }));

export function DevicesBox() {
  const { data } = useGetAccessQuery();
  const [setOn, { error, isLoading }] = useSetAccessMutation();
  return (
    <section aria-labelledby="devices" className="mt-6">
      <h2 id="devices">{words.otherDevices}</h2>
      {data && !data.isOn && (
        <>
          <p className="text-[15px]">{words.notOn}</p>
          <button
            type="button"
            className="button button-quiet chrome mt-2"
            disabled={isLoading}
            onClick={() => void setOn(true)}
          >
            {words.letOthersIn}
          </button>
          {data.problem && <p className="problem">{data.problem}</p>}
        </>
      )}
      {data?.isOn && <Open access={data} onStop={() => void setOn(false)} />}
      <Failure of={[error]} />
      {data && data.devices.length > 0 && <Devices access={data} />}
      {data && <Passcode access={data} />}
    </section>
  );
}

function Open({ access: { addresses, fingerprint, code }, onStop }: { access: Access; onStop: () => void }) {
  const [role, setRole] = useState<DeviceRole>('bench');
  const [newCode, { error }] = useNewCodeMutation();
  return (
    <>
      <p className="text-[15px]">{words.addresses}:</p>
      <ul className="num text-[15px] wrap-anywhere">
        {addresses.map((address) => (
          <li key={address}>{address}</li>
        ))}
      </ul>
      <p className="chrome mt-2 flex flex-wrap items-baseline gap-3 text-[15px]">
        <Choice
          open
          value={role}
          options={roles}
          label={words.role}
          onChange={(value) => setRole(value as DeviceRole)}
        />
        <button type="button" className="button" onClick={() => void newCode(role)}>
          {words.makeACode}
        </button>
        <button type="button" className="button button-quiet" onClick={onStop}>
          {words.stop}
        </button>
      </p>
      <Failure of={[error]} />
      {code && (
        <div className="mt-3 flex flex-wrap items-center gap-5">
          <img
            src={`${accessRoutes.qr.path}?${code.digits}`}
            alt=""
            width={150}
            height={150}
            className="rounded bg-white p-2"
          />
          <span>
            <output className="num block text-[34px] font-bold tracking-[0.08em]" aria-label={words.code}>
              {code.digits.slice(0, 3)} {code.digits.slice(3)}
            </output>
            <span className="aside block max-w-[30ch]">{words.scanOrType}</span>
          </span>
        </div>
      )}
      <p className="aside mt-2">{words.certificateWarning}</p>
      <p className="aside num mt-1 wrap-anywhere">
        {words.certificate}: {fingerprint}
      </p>
      <p className="aside mt-1">{words.notToInternet}</p>
    </>
  );
}

function Devices({ access: { devices } }: { access: Access }) {
  const [revoke, { error }] = useRevokeDeviceMutation();
  return (
    <>
      <ul className="mt-3 text-[15px]" aria-label={words.otherDevices}>
        {devices.map(({ id, name, role, seenAt, isRevoked }) => (
          <li key={id} className="flex flex-wrap items-baseline justify-between gap-x-4 border-b border-hair py-1">
            <span className={isRevoked ? 'text-soft line-through' : 'font-semibold'}>{name}</span>
            <span className="text-soft">
              {role}, {words.seen} {fullDay(seenAt.slice(0, 'yyyy-mm-dd'.length))}
            </span>
            {isRevoked ? (
              <span className="text-soft">{words.wasShutOut}</span>
            ) : (
              <button type="button" className="link chrome" onClick={() => void revoke(id)}>
                {words.shutOut}
              </button>
            )}
          </li>
        ))}
      </ul>
      <Failure of={[error]} />
    </>
  );
}

function Passcode({ access: { hasPasscode, idleMinutes } }: { access: Access }) {
  const [typed, setTyped] = useState({ present: '', passcode: '', minutes: '' });
  const [setPasscode, { error }] = useSetPasscodeMutation();
  const minutes = Number(typed.minutes || idleMinutes);
  const keep = async (passcode: string) => {
    const answer = await setPasscode({ present: typed.present, passcode, idleMinutes: minutes });
    if (!('error' in answer)) setTyped({ present: '', passcode: '', minutes: '' });
  };
  const field = (key: 'present' | 'passcode', label: string) => (
    <input
      type="password"
      className="field field-open w-[11em]"
      autoComplete={key === 'present' ? 'current-password' : 'new-password'}
      aria-label={label}
      placeholder={label}
      value={typed[key]}
      maxLength={100}
      onChange={(event) => setTyped({ ...typed, [key]: event.target.value })}
    />
  );
  return (
    <form
      className="mt-5"
      aria-labelledby="passcode"
      onSubmit={(event) => {
        event.preventDefault();
        void keep(typed.passcode);
      }}
    >
      <h3 id="passcode" className="font-semibold">
        {words.passcode}
      </h3>
      <p className="text-[15px]">{words.passcodeLine}</p>
      <p className="chrome flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[15px]">
        {hasPasscode && field('present', words.presentPasscode)}
        {field('passcode', words.newPasscode)}
        <span>
          <input
            type="number"
            min={1}
            max={480}
            className="field field-open num w-[4em]"
            aria-label={words.minutes}
            value={typed.minutes || String(idleMinutes)}
            onChange={(event) => setTyped({ ...typed, minutes: event.target.value })}
          />{' '}
          {words.minutes}
        </span>
        <button type="submit" className="button button-quiet" disabled={typed.passcode === ''}>
          {words.setPasscode}
        </button>
        {hasPasscode && (
          <button type="button" className="link" onClick={() => void keep('')}>
            {words.removePasscode}
          </button>
        )}
      </p>
      <Failure of={[error]} />
    </form>
  );
}
