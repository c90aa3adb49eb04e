// Work: pressing.
import type { WorkKind } from '../work-kind.ts';

/** Pressing. */
export const pressWork = {
  kind: 'press',
  name: 'pressing',
  verb: 'Press',
  pattern: /\bpress/i,
  on: ['part', 'group'],
  driver: 'part',
  start: { setUp: '6', each: '3' },
  station: 'press',
  again: '2 %',
  lost: '1 %',
  place: 'before-join',
  needs: [],
  brings: [],
  uses: [],
  cautions: ['press'],
  inspect: 'form full, no fold or tear',
} as const satisfies WorkKind;
