// The schools of pricing a studio may go by: cost times a factor, a mark-up for each kind of cost, a margin on the price,
// or back from a price that visitors pay without thinking. Makers disagree; docs/decisions/003 says what each is good for.

export const pricingMethods = ['build-up', 'mark-ups', 'margin', 'price-point'] as const;
export type PricingMethod = (typeof pricingMethods)[number];
