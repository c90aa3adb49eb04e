// Work: stamping.
import type { WorkKind } from '../work-kind.ts';

/** Stamping. */
export const stampWork = {
  kind: 'stamp',
  name: 'stamping',
  verb: 'Stamp',
  pattern: /stamp|\bletter/i,
  on: ['part', 'group', 'piece'],
  driver: 'part',
  start: { setUp: '3', each: '2' },
  station: 'block',
  again: '',
  lost: '0.5 %',
  place: 'before-join',
  needs: ['anneal'],
  brings: ['straighten'],
  uses: [],
  cautions: ['hammer'],
  inspect: '',
} as const satisfies WorkKind;
