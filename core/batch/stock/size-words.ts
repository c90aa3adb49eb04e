// The size of a bar or a sheet in words.
import type { StockSize } from './shelf.ts';

/** `1000 mm`, or `100 × 60 mm`. */
export function sizeInWords(size: StockSize): string {
  return 'lengthMm' in size
    ? `${String(Number(size.lengthMm.toFixed(1)))} mm`
    : `${String(Number(size.widthMm.toFixed(1)))} × ${String(Number(size.heightMm.toFixed(1)))} mm`;
}
