// Work: closing seams.
import type { WorkKind } from '../work-kind.ts';

/** Closing seams. */
export const trueWork = {
  kind: 'true',
  name: 'closing seams',
  verb: 'Close',
  pattern:
    /true (?:up|on)|round (?:it )?up|make round|close up|size the (?:ring|band)|stretch on|close (?:the )?(?:rims?|joints?|seams?|rings?|bands?)/i,
  on: ['part', 'group', 'finding', 'join'],
  driver: 'part',
  start: { setUp: '', each: '0.4' },
  station: 'bench',
  again: '',
  lost: '',
  place: 'before-join',
  needs: [],
  brings: [],
  uses: [],
  cautions: [],
  inspect: 'no light shines through the seam',
} as const satisfies WorkKind;
