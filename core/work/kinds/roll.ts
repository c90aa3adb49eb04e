// Work: roll printing.
import type { WorkKind } from '../work-kind.ts';

/** Roll printing. */
export const rollWork = {
  kind: 'roll',
  name: 'roll printing',
  verb: 'Roll',
  pattern: /roll(?:er)? ?print|roll out|corrugat|roll (?:a |the )?(?:pattern|texture)/i,
  on: ['part', 'group', 'finding'],
  driver: 'part',
  start: { setUp: '5', each: '2' },
  station: 'mill',
  again: '',
  lost: '',
  place: 'before-join',
  needs: ['anneal'],
  brings: ['straighten'],
  uses: [],
  cautions: ['mill'],
  inspect: 'pattern clear to the edge',
} as const satisfies WorkKind;
