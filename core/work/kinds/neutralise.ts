// Work: flushing.
import type { WorkKind } from '../work-kind.ts';

/** Flushing. */
export const neutraliseWork = {
  kind: 'neutralise',
  name: 'flushing',
  verb: 'Flush',
  pattern: /neutrali[sz]e|^flush(?! set)|flush (?:and|out|with|in)\b|bicarb|boil out/i,
  on: ['group', 'part', 'join'],
  driver: 'piece',
  start: { setUp: '1', each: '1', unattended: '10' },
  station: 'sink',
  again: '',
  lost: '',
  place: 'after-join',
  needs: [],
  brings: [],
  uses: ['bicarbonate'],
  cautions: ['hollow', 'acid'],
  inspect: '',
} as const satisfies WorkKind;
