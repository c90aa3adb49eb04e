// Work: rounding ends.
import type { WorkKind } from '../work-kind.ts';

/** Rounding ends. */
export const roundEndsWork = {
  kind: 'round-ends',
  name: 'rounding ends',
  verb: 'Round',
  pattern: /round (?:off )?(?:the )?(?:ends?|tips?)|\bburr|cup (?:the )?ends?|file (?:the )?(?:ends?|tips?) round/i,
  on: ['part', 'group', 'finding'],
  driver: 'end',
  start: { setUp: '', each: '0.5' },
  station: 'bench',
  again: '',
  lost: '',
  place: 'finish',
  needs: [],
  brings: [],
  uses: [],
  cautions: [],
  inspect: 'cut ends smooth to a finger',
} as const satisfies WorkKind;
