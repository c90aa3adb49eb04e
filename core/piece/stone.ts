// The outline of a stone, from its finding.
import { readOutline } from '../blank/read-outline.ts';
import { type Figure, given } from '../figure/figure.ts';
import type { Outline } from '../geometry/outline.ts';
import { readLength } from '../measure/read/read-length.ts';
import type { Finding } from './piece.ts';

/** What a bezel goes round: an outline with its sizes, or a girth as measured. */
type StoneMeasures =
  | { readonly outline: Outline; readonly sizes: readonly Figure[] }
  | { readonly girth: Figure; readonly sizes: readonly Figure[] };

/** @returns null while its sizes are missing or cannot be read */
export function stoneOutline(stone: Finding): StoneMeasures | null {
  const { name, shape, length, width } = stone;
  if (shape === 'free') return freeOutline(stone);
  const long = readLength(length, { what: 'length' });
  if (!long.ok) return null;
  const sizes = [given(`${name || 'stone'}, length`, long.value, 'mm', long.source)];
  if (shape === 'round') return { outline: { shape, diameterMm: long.value }, sizes };
  const wide = readLength(width, { what: 'width' });
  if (!wide.ok) return null;
  sizes.push(given(`${name || 'stone'}, width`, wide.value, 'mm', wide.source));
  const [lengthMm, widthMm] = [long.value, wide.value];
  if (shape === 'teardrop') return { outline: { shape, lengthMm, diameterMm: widthMm }, sizes };
  // Cushion-cut stones have a corner radius of about a quarter of their width (common practice).
  if (shape === 'cushion')
    return { outline: { shape, lengthMm, widthMm, cornerMm: Math.min(lengthMm, widthMm) / 4 }, sizes };
  return { outline: { shape, lengthMm, widthMm }, sizes };
}

function freeOutline({ name, girth, points }: Finding): StoneMeasures | null {
  if (girth.trim()) {
    const around = readLength(girth, { what: 'girth' });
    return around.ok
      ? { girth: given(`${name || 'stone'}, girth`, around.value, 'mm', around.source), sizes: [] }
      : null;
  }
  const outline = readOutline(points);
  return 'points' in outline ? { outline: { shape: 'polygon', points: outline.points }, sizes: [] } : null;
}
