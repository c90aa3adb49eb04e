// The words for other devices, the pairing code and the passcode.
import type { DeviceRole } from '../../contract/access.ts';
import { localWords } from './local-words.ts';

export const words = localWords({
  addresses: 'On the other device, open one of these addresses',
  certificate: 'Certificate, SHA-256',
  certificateWarning:
    'The browser of the other device warns once that the connection is not private: the certificate was made on this computer, and no authority signed it. The connection is encrypted. Compare the fingerprint that the browser shows with this one, then continue.',
  code: 'Code',
  codeOnTheComputer: 'In Settings on the computer, under “Other devices”, make a code.',
  letIn: 'Let this device in',
  letOthersIn: 'Let other devices in',
  locked: 'Noon Ledger is locked',
  makeACode: 'Make a code',
  minutes: 'minutes without a touch',
  nameOfDevice: 'Name of this device',
  nameExample: 'Bench tablet',
  newPasscode: 'New passcode',
  notOn:
    'A tablet or another computer can use this ledger over your own network. Nothing listens on the network until you allow it.',
  notToInternet: 'For your own network only. Never forward this port on the router.',
  otherDevices: 'Other devices',
  passcode: 'Passcode',
  passcodeLine: 'With a passcode, this computer asks for it after a time without a touch.',
  presentPasscode: 'Present passcode',
  removePasscode: 'Remove passcode',
  role: 'What it may do',
  scanOrType: 'Scan this with the other device, or type the code there. It lets one device in, within five minutes.',
  seen: 'last seen',
  setPasscode: 'Set passcode',
  shutOut: 'Shut out',
  stop: 'Stop',
  thisDeviceIsNotLetIn: 'This device is not let in yet',
  unlock: 'Unlock',
  wasShutOut: 'shut out',
});

/** What each role may do. */
export const roleWords: Readonly<Record<DeviceRole, string>> = {
  bench: 'bench: read, and log work',
  maker: 'maker: all but settings and backups',
  owner: 'owner: everything',
};
