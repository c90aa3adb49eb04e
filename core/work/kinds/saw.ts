// Work: sawing blanks.
import type { WorkKind } from '../work-kind.ts';

/** Sawing blanks. */
export const sawWork = {
  kind: 'saw',
  name: 'sawing blanks',
  verb: 'Saw',
  pattern: /saw/i,
  on: ['part'],
  driver: 'outline',
  start: { setUp: '2', each: '0.35' },
  station: 'peg',
  again: '',
  lost: '',
  place: 'before-join',
  needs: [],
  brings: [],
  uses: ['saw blades'],
  cautions: ['saw'],
  inspect: '',
} as const satisfies WorkKind;
