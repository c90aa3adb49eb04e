// Work: stringing and knotting beads or pearls.
import type { WorkKind } from '../work-kind.ts';

/** Stringing and knotting beads or pearls. */
export const stringWork = {
  kind: 'string',
  name: 'stringing',
  verb: 'String',
  pattern: /\bstring(?:ing)?\b|\bknot|\bcrimp/i,
  on: ['part', 'group', 'finding', 'piece'],
  driver: 'piece',
  start: { setUp: '3', each: '10' },
  station: 'bench',
  again: '',
  lost: '',
  place: 'end',
  needs: [],
  brings: [],
  uses: ['thread', 'crimps'],
  cautions: [],
  inspect: 'no thread shows; knots tight, ends sealed',
} as const satisfies WorkKind;
