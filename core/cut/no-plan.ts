// Why there is no cutting plan.

/** Why there is no plan, in a sentence. */
export interface NoPlan {
  readonly sentence: string;
}
