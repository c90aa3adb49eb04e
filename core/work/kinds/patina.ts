// Work: patina.
import type { WorkKind } from '../work-kind.ts';

/** Patina. */
export const patinaWork = {
  kind: 'patina',
  name: 'patina',
  verb: 'Patina',
  pattern: /patina|oxidi[sz]e|liver|sulph|sulf|antique/i,
  on: ['part', 'group', 'piece'],
  driver: 'piece',
  start: { setUp: '4', each: '1.5' },
  station: 'sink',
  again: '',
  lost: '',
  place: 'end',
  offered: true,
  needs: ['clean'],
  brings: ['wax'],
  uses: ['liver of sulphur'],
  cautions: ['patina'],
  inspect: 'even colour, high places rubbed back',
} as const satisfies WorkKind;
