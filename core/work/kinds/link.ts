// Work: linking.
import type { WorkKind } from '../work-kind.ts';

/** Linking. */
export const linkWork = {
  kind: 'link',
  name: 'linking',
  verb: 'Link',
  pattern: /\blink(?:ing)?\b|\bhang\b|(?<!tap (?:the |a )?)thread/i,
  on: ['join'],
  driver: 'joint',
  start: { setUp: '1', each: '0.3' },
  station: 'bench',
  again: '',
  lost: '',
  place: 'at-join',
  needs: [],
  brings: [],
  uses: [],
  cautions: [],
  inspect: 'rings closed, no gap to the nail',
} as const satisfies WorkKind;
