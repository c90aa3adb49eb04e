// Work: tumbling.
import type { WorkKind } from '../work-kind.ts';

/** Tumbling. */
export const tumbleWork = {
  kind: 'tumble',
  name: 'tumbling',
  verb: 'Tumble',
  pattern: /tumbl|barrel/i,
  on: ['part', 'group', 'piece'],
  driver: 'piece',
  start: { setUp: '2', each: '', unattended: '60', load: '40' },
  station: 'tumbler',
  again: '',
  lost: '',
  place: 'end',
  offered: true,
  needs: [],
  brings: [],
  uses: ['shot', 'soap'],
  cautions: ['motor'],
  inspect: '',
} as const satisfies WorkKind;
