// Which sizes a design sells in: its own sales, pooled with what the studio sells of the same sizes elsewhere.

/** Pieces of own sales that the sizes of other designs count as. */
const POOLED = 12;
/** Pieces of each size that are assumed before any sale. */
const FIRST = 0.5;

/**
 * Shares of the sizes: a Dirichlet belief whose prior is the mix of sizes over all designs (Gelman et al., Bayesian Data
 * Analysis, section 3.4).
 * @param sizes  names of the sizes of the design, in order
 * @param own    pieces sold of each
 * @param others pieces sold by name of the size over the other designs
 * @returns shares that add up to 1
 */
export function sizeShares(
  sizes: readonly string[],
  own: readonly number[],
  others: ReadonlyMap<string, number>,
): number[] {
  const pooled = sizes.map((size) => (others.get(sizeKey(size)) ?? 0) + FIRST);
  const all = pooled.reduce((sum, count) => sum + count, 0);
  const belief = sizes.map((_, at) => (own[at] ?? 0) + (POOLED * (pooled[at] ?? 0)) / all);
  const total = belief.reduce((sum, count) => sum + count, 0);
  return belief.map((count) => count / total);
}

/** Sizes of the same name are the same: `Size T` and `t`. */
export function sizeKey(name: string): string {
  return name
    .toLowerCase()
    .replace(/\bsize\b/g, '')
    .replace(/\s+/g, ' ')
    .trim();
}
