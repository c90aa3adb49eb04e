// Pricing methods a studio can use: cost × multiplier, markup by category, target margin, or back from a target retail
// price. Makers disagree; docs/decisions/003 says what each is good for.

/** Pricing methods, by the names that are stored. */
export const pricingMethods = ['build-up', 'mark-ups', 'margin', 'price-point'] as const;
/** A pricing method. */
export type PricingMethod = (typeof pricingMethods)[number];
