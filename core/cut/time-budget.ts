// Time budget of a cutting planner.

/** Time that may pass, and time that has. */
export interface TimeBudget {
  /** Seconds in total. */
  readonly seconds: number;
  /** Seconds since the start. */
  readonly elapsed: () => number;
}
