// Work: winding and cutting rings.
import type { WorkKind } from '../work-kind.ts';

/** Winding and cutting rings. */
export const windWork = {
  kind: 'wind',
  name: 'winding and cutting rings',
  verb: 'Wind',
  pattern: /\bwind|\bcoil|cut (?:the )?(?:jump )?rings/i,
  on: ['part'],
  driver: 'ring',
  start: { setUp: '3', each: '0.35' },
  station: 'bench',
  again: '2 %',
  lost: '',
  place: 'before-join',
  needs: [],
  brings: [],
  uses: [],
  cautions: ['winding'],
  inspect: 'ends flush, all of one size',
} as const satisfies WorkKind;
