// Work: piercing.
import type { WorkKind } from '../work-kind.ts';

/** Piercing. */
export const sawPatternWork = {
  kind: 'saw-pattern',
  name: 'piercing',
  verb: 'Saw',
  pattern: /pierc|saw (?:out )?(?:a |the )?(?:pattern|opening)|fret/i,
  on: ['part', 'group', 'finding'],
  driver: 'opening',
  start: { setUp: '3', each: '4' },
  station: 'peg',
  again: '1 %',
  lost: '1 %',
  place: 'before-join',
  needs: [],
  brings: [],
  uses: ['saw blades'],
  cautions: ['saw'],
  inspect: '',
} as const satisfies WorkKind;
