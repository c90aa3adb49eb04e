// Work: plating.
import type { WorkKind } from '../work-kind.ts';

/** Plating. */
export const plateWork = {
  kind: 'plate',
  name: 'plating',
  verb: 'Plate',
  pattern: /\bplat(?:e|ing)\b|gild|vermeil/i,
  on: ['part', 'group', 'piece'],
  driver: 'piece',
  start: { setUp: '10', each: '2' },
  station: 'sink',
  again: '',
  lost: '',
  place: 'end',
  offered: true,
  needs: ['clean', 'polish'],
  brings: [],
  uses: ['plating solution'],
  cautions: ['plating'],
  inspect: '',
} as const satisfies WorkKind;
