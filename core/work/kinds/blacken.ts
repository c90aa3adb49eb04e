// Work: blackening steel.
import type { WorkKind } from '../work-kind.ts';

/** Blackening steel. */
export const blackenWork = {
  kind: 'blacken',
  name: 'blackening steel',
  verb: 'Blacken',
  pattern: /blacken|blue the|gun ?blue|rust (?:patina|brown)/i,
  on: ['part', 'group', 'piece'],
  driver: 'piece',
  start: { setUp: '3', each: '2' },
  station: 'sink',
  again: '',
  lost: '',
  place: 'end',
  needs: [],
  brings: ['wax'],
  uses: ['blackening solution'],
  cautions: ['patina'],
  inspect: '',
} as const satisfies WorkKind;
