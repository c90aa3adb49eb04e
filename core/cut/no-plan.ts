// Why there is no cutting plan.

/** The reason, in a sentence. */
export interface NoPlan {
  readonly sentence: string;
}
