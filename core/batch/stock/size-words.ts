// The size of a bar or a sheet in words.
import { showNumber } from '../../format/numbers.ts';
import { MM_PER_INCH } from '../../measure/length-units.ts';
import type { Units } from '../../piece/cut-words.ts';
import type { StockSize } from './shelf.ts';

/** `1,000 mm`, or `100 × 60 mm`; in inches with mm: `39.37 in (1,000 mm)`. */
export function sizeInWords(size: StockSize, units: Units = 'mm'): string {
  const sides = 'lengthMm' in size ? [size.lengthMm] : [size.widthMm, size.heightMm];
  const metric = `${sides.map((mm) => showNumber(mm, 0, 1)).join(' × ')} mm`;
  if (units === 'mm') return metric;
  return `${sides.map((mm) => showNumber(mm / MM_PER_INCH, 0, 2)).join(' × ')} in (${metric})`;
}
