// Work: twisting.
import type { WorkKind } from '../work-kind.ts';

/** Twisting. */
export const twistWork = {
  kind: 'twist',
  name: 'twisting',
  verb: 'Twist',
  pattern: /\btwist/i,
  on: ['part'],
  driver: 'part',
  start: { setUp: '2', each: '2' },
  station: 'bench',
  again: '',
  lost: '',
  place: 'before-join',
  needs: [],
  brings: [],
  uses: [],
  cautions: ['winding'],
  inspect: '',
} as const satisfies WorkKind;
