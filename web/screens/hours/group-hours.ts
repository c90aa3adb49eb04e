// Hours of a week in groups, the largest first.
import type { WorkedPage } from '../../../contract/bench.ts';
import { groupBy } from '../../../core/bench/group-by.ts';

/** What hours are grouped by. */
export type HoursBy = 'batch' | 'kind' | 'maker';

/** A group of hours with its colour. */
export interface HoursGroup {
  readonly name: string;
  readonly minutes: number;
  readonly tint: string;
  readonly rows: readonly WorkedPage[];
}

const TINTS = ['blue', 'green', 'violet', 'rose', 'sand', 'teal', 'slate', 'olive'] as const;

/** @param nameOf  the name of the group of a row */
export function groupHours(rows: readonly WorkedPage[], nameOf: (row: WorkedPage) => string): HoursGroup[] {
  const total = (own: readonly WorkedPage[]) => own.reduce((sum, { minutes }) => sum + minutes, 0);
  return [...groupBy(rows, nameOf)]
    .map(([name, own]) => ({ name, minutes: total(own), rows: own }))
    .toSorted((a, b) => b.minutes - a.minutes)
    .map((group, at) => ({ ...group, tint: TINTS[at % TINTS.length] ?? 'slate' }));
}
