// Work: riveting.
import type { WorkKind } from '../work-kind.ts';

/** Riveting. */
export const rivetWork = {
  kind: 'rivet',
  name: 'riveting',
  verb: 'Rivet',
  pattern: /(?<!\bfor )rivet/i,
  on: ['join'],
  driver: 'joint',
  start: { setUp: '3', each: '2' },
  station: 'block',
  again: '5 %',
  lost: '0.5 %',
  place: 'at-join',
  needs: [],
  brings: [],
  uses: [],
  cautions: ['hammer'],
  inspect: 'head sits flat, nothing rattles',
} as const satisfies WorkKind;
