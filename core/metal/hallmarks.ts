// Standards of fineness and hallmark limits, as commonly given. The law of the maker's country decides; this is only a
// starting point.

/** The caution shown with every mention of marks. */
export const hallmarkCaution =
  'From memory, statutes and standards not consulted; editions differ. Follow the law where you make and sell, and ask your assay office.';

/**
 * Articles lighter than this are commonly exempt from compulsory hallmarks in Britain (Hallmarking Act 1973 as
 * amended), g.
 */
export const ukExemptBelowG = { silver: 7.78, gold: 1, platinum: 0.5, palladium: 1 } as const satisfies Record<
  PreciousMetal,
  number
>;

/** Precious metals. */
export const preciousMetals = ['silver', 'gold', 'platinum', 'palladium'] as const;
/** A precious metal. */
export type PreciousMetal = (typeof preciousMetals)[number];

/** Standards of fineness of ISO 9202 and of the British hallmarks, parts per thousand. */
export const standardsOfFineness = {
  silver: { iso9202: [800, 925, 958, 999], uk: [800, 925, 958, 999] },
  gold: { iso9202: [333, 375, 417, 585, 750, 916, 990, 999], uk: [375, 585, 750, 916, 990, 999] },
  platinum: { iso9202: [850, 900, 950, 999], uk: [850, 900, 950, 999] },
  palladium: { iso9202: [500, 950, 999], uk: [500, 950, 999] },
} as const satisfies Record<PreciousMetal, { iso9202: readonly number[]; uk: readonly number[] }>;
