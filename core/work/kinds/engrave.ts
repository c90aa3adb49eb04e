// Work: engraving.
import type { WorkKind } from '../work-kind.ts';

/** Engraving. */
export const engraveWork = {
  kind: 'engrave',
  name: 'engraving',
  verb: 'Engrave',
  pattern: /engrav|bright[- ]?cut|\bchas(?:e|ing)\b|repouss|milgrain|\bscribe a\b|graver/i,
  on: ['part', 'group', 'piece'],
  driver: 'piece',
  start: { setUp: '5', each: '8' },
  station: 'bench',
  again: '',
  lost: '',
  place: 'finish',
  offered: true,
  needs: [],
  brings: [],
  uses: [],
  cautions: ['hammer'],
  inspect: '',
} as const satisfies WorkKind;
