// Work: wrapping.
import type { WorkKind } from '../work-kind.ts';

/** Wrapping. */
export const wrapWork = {
  kind: 'wrap',
  name: 'wrapping',
  verb: 'Wrap',
  pattern: /\bwrap/i,
  on: ['join', 'part'],
  driver: 'turn',
  start: { setUp: '1', each: '0.3' },
  station: 'bench',
  again: '3 %',
  lost: '',
  place: 'at-join',
  needs: [],
  brings: [],
  uses: [],
  cautions: [],
  inspect: 'turns tight, end pressed flat',
} as const satisfies WorkKind;
