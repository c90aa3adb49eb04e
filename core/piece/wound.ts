// Blanks of wound and woven wire: too small to file, and finished in the tumbler.
import type { BlankRule } from '../blank/blank.ts';

const WOUND: ReadonlySet<BlankRule> = new Set(['jump-ring', 'ring-bezel', 'chain', 'woven', 'wrap', 'granule']);

/** Whether a part is wound or woven wire, or a granule: hands cannot file or sand it (common practice). */
export function isWound({ blank }: { readonly blank: { readonly rule: BlankRule } }): boolean {
  return WOUND.has(blank.rule);
}
