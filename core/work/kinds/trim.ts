// Work: trimming.
import type { WorkKind } from '../work-kind.ts';

/** Trimming. */
export const trimWork = {
  kind: 'trim',
  name: 'trimming',
  verb: 'Trim',
  pattern: /\btrim|saw .*to the line|snip .*flush/i,
  on: ['part', 'join', 'group'],
  driver: 'edge',
  start: { setUp: '2', each: '0.4' },
  station: 'peg',
  again: '1 %',
  lost: '',
  place: 'after-join',
  needs: [],
  brings: [],
  uses: ['saw blades'],
  cautions: ['saw'],
  inspect: 'edge flush, the wall not cut',
} as const satisfies WorkKind;
