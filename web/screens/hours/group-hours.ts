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

/** The smallest groups together. */
const OTHERS = 'others';
const TINTS = ['blue', 'green', 'violet', 'rose', 'sand', 'teal', 'slate', 'olive'] as const;

/** @param nameOf  the name of the group of a row */
export function groupHours(rows: readonly WorkedPage[], nameOf: (row: WorkedPage) => string): HoursGroup[] {
  const total = (own: readonly WorkedPage[]) => own.reduce((sum, { minutes }) => sum + minutes, 0);
  const sorted = [...groupBy(rows, nameOf)]
    .map(([name, own]) => ({ name, minutes: total(own), rows: own }))
    .toSorted((a, b) => b.minutes - a.minutes);
  // No two groups share a colour: the smallest are shown together.
  const last = sorted.length > TINTS.length ? TINTS.length - 1 : sorted.length;
  const rest = sorted.slice(last).flatMap((group) => group.rows);
  const shown =
    rest.length > 0 ? [...sorted.slice(0, last), { name: OTHERS, minutes: total(rest), rows: rest }] : sorted;
  return shown.map((group, at) => ({ ...group, tint: TINTS[at] ?? 'slate' }));
}
