// Work: etching a resisted face in acid or salts.
import type { WorkKind } from '../work-kind.ts';

/** Etching a resisted face in acid or salts. */
export const etchWork = {
  kind: 'etch',
  name: 'etching',
  verb: 'Etch',
  pattern: /\betch/i,
  on: ['part', 'group'],
  driver: 'part',
  start: { setUp: '10', each: '2', unattended: '60' },
  station: 'sink',
  again: '',
  lost: '',
  place: 'before-join',
  needs: ['clean'],
  brings: [],
  uses: ['resist', 'etchant'],
  cautions: ['acid'],
  inspect: 'lines even and deep enough; resist off, neutralised',
} as const satisfies WorkKind;
