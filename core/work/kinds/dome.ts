// Work: doming.
import type { WorkKind } from '../work-kind.ts';

/** Doming. */
export const domeWork = {
  kind: 'dome',
  name: 'doming',
  verb: 'Dome',
  pattern: /\bdome|\bsink(?:ing)?\b|\bdap|doming/i,
  on: ['part', 'group'],
  driver: 'part',
  start: { setUp: '3', each: '1.5' },
  station: 'block',
  again: '1 %',
  lost: '',
  place: 'before-join',
  needs: [],
  brings: [],
  uses: [],
  cautions: ['hammer'],
  inspect: 'sits level; edge round',
} as const satisfies WorkKind;
