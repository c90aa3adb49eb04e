// Work: straightening.
import type { WorkKind } from '../work-kind.ts';

/** Straightening. */
export const straightenWork = {
  kind: 'straighten',
  name: 'straightening',
  verb: 'Straighten',
  pattern: /straighten|flatten/i,
  on: ['part', 'group', 'finding'],
  driver: 'part',
  start: { setUp: '1', each: '0.5' },
  station: 'block',
  again: '',
  lost: '',
  place: 'before-join',
  needs: [],
  brings: [],
  uses: [],
  cautions: [],
  inspect: '',
} as const satisfies WorkKind;
