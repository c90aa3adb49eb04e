// Work: drilling.
import type { WorkKind } from '../work-kind.ts';

/** Drilling. */
export const drillWork = {
  kind: 'drill',
  name: 'drilling',
  verb: 'Drill',
  pattern:
    /drill|\bream|\btap (?:the |a )?(?:thread|hole)|cent(?:re|er) punch|punch (?:a )?hole|\bseat\b|\bburr? out\b/i,
  on: ['part', 'group', 'finding'],
  driver: 'hole',
  start: { setUp: '1', each: '1' },
  station: 'peg',
  again: '1 %',
  lost: '0.3 %',
  place: 'before-join',
  needs: [],
  brings: [],
  uses: ['drill bits'],
  cautions: ['drill'],
  inspect: 'burr gone; the ring passes',
} as const satisfies WorkKind;
