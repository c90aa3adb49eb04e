// Work: other work.
import type { WorkKind } from '../work-kind.ts';

/** Other work. */
export const otherWork = {
  kind: 'other',
  name: 'other work',
  verb: 'Do',
  pattern: null,
  on: ['part', 'group', 'join', 'finding', 'piece'],
  driver: 'piece',
  start: { setUp: '', each: '' },
  station: 'bench',
  again: '',
  lost: '',
  place: 'finish',
  needs: [],
  brings: [],
  uses: [],
  cautions: [],
  inspect: '',
} as const satisfies WorkKind;
