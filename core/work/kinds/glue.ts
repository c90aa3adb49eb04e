// Work: gluing.
import type { WorkKind } from '../work-kind.ts';

/** Gluing. */
export const glueWork = {
  kind: 'glue',
  name: 'gluing',
  verb: 'Glue',
  pattern: /\bglu(?:e|ing)|epoxy|cement/i,
  on: ['join'],
  driver: 'joint',
  start: { setUp: '3', each: '1', unattended: '60' },
  station: 'bench',
  again: '',
  lost: '',
  place: 'at-join',
  needs: [],
  brings: [],
  uses: ['epoxy'],
  cautions: ['glue'],
  inspect: 'nothing moves',
} as const satisfies WorkKind;
