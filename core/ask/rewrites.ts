// Wordings that say the same as a plainer one, rewritten before the line is read. Terms keep their order.
import { withoutAbbreviations } from './abbreviations.ts';
import { bentWireRewrites } from './rewrites/bent-wire.ts';
import { countsRewrites } from './rewrites/counts.ts';
import { measuresRewrites } from './rewrites/measures.ts';
import { meltedRewrites } from './rewrites/melted.ts';
import { metalsRewrites } from './rewrites/metals.ts';
import { numberWordsRewrites } from './rewrites/number-words.ts';
import { ringSizesRewrites } from './rewrites/ring-sizes.ts';
import { sumsRewrites } from './rewrites/sums.ts';

/** By family, in turn. */
const rewrites = [
  ...sumsRewrites,
  ...numberWordsRewrites,
  ...ringSizesRewrites,
  ...meltedRewrites,
  ...measuresRewrites,
  ...metalsRewrites,
  ...bentWireRewrites,
  ...countsRewrites,
];

/** Short forms and number words written out, and longer wordings as the plain question. */
export function normalised(line: string): string {
  return rewrites.reduce((said, [pattern, by]) => said.replace(pattern, by as string), withoutAbbreviations(line));
}
