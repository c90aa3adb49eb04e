// The size of a bar or a sheet in words.
import { showNumber } from '../../format/numbers.ts';
import type { StockSize } from './shelf.ts';

/** `1000 mm`, or `100 × 60 mm`. */
export function sizeInWords(size: StockSize): string {
  return 'lengthMm' in size
    ? `${showNumber(size.lengthMm, 0, 1)} mm`
    : `${showNumber(size.widthMm, 0, 1)} × ${showNumber(size.heightMm, 0, 1)} mm`;
}
