// Which copies are kept: the last one of each of 7 days, 5 weeks and 12 months. The newest copy is always kept.

/** Copies kept of each kind. */
const retained = { days: 7, weeks: 5, months: 12 } as const;

/** A dated copy. */
export interface DatedCopy {
  readonly name: string;
  /** Moment it was made, ISO 8601. */
  readonly at: string;
}

const MS_A_DAY = 86_400_000;
const DAYS_A_WEEK = 7;
/** 1970-01-01 was a Thursday: weeks start on Monday. */
const THURSDAY = 3;

const dayOf = ({ at }: DatedCopy) => Math.floor(Date.parse(at) / MS_A_DAY);
const weekOf = (copy: DatedCopy) => Math.floor((dayOf(copy) + THURSDAY) / DAYS_A_WEEK);
const monthOf = ({ at }: DatedCopy) => at.slice(0, 'yyyy-mm'.length);

/** Copies that are not kept any longer. */
export function outdatedCopies<Copy extends DatedCopy>(copies: readonly Copy[]): Copy[] {
  const latestFirst = copies.toSorted((a, b) => b.at.localeCompare(a.at));
  const kept = new Set<Copy>(latestFirst.slice(0, 1));
  for (const [periodOf, most] of [
    [dayOf, retained.days],
    [weekOf, retained.weeks],
    [monthOf, retained.months],
  ] as const) {
    const seen = new Set<number | string>();
    for (const copy of latestFirst) {
      const period = periodOf(copy);
      if (seen.has(period) || seen.size >= most) continue;
      seen.add(period);
      kept.add(copy);
    }
  }
  return latestFirst.filter((copy) => !kept.has(copy));
}
