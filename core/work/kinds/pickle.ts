// Work: pickling.
import type { WorkKind } from '../work-kind.ts';

/** Pickling. */
export const pickleWork = {
  kind: 'pickle',
  name: 'pickling',
  verb: 'Pickle',
  pattern: /pickle/i,
  on: ['part', 'group', 'join', 'piece'],
  driver: 'piece',
  start: { setUp: '1', each: '', unattended: '10', load: '40' },
  station: 'pickle',
  again: '',
  lost: '',
  place: 'after-join',
  needs: [],
  brings: [],
  uses: ['pickle'],
  cautions: ['acid', 'red-hot'],
  inspect: '',
} as const satisfies WorkKind;
