// Work: assembling.
import type { WorkKind } from '../work-kind.ts';

/** Assembling. */
export const assembleWork = {
  kind: 'assemble',
  name: 'assembling',
  verb: 'Assemble',
  pattern: /assembl|join|fit\b|screw/i,
  on: ['join', 'piece'],
  driver: 'joint',
  start: { setUp: '2', each: '1' },
  station: 'bench',
  again: '',
  lost: '',
  place: 'at-join',
  needs: [],
  brings: [],
  uses: [],
  cautions: [],
  inspect: 'parts sit without force',
} as const satisfies WorkKind;
