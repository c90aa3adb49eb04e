// Fills one sheet by cuts right across, blank by blank in a given order: a first plan for shears.
import type { BeamKind, BeamPlace, BeamPlate } from './beam-problem.ts';
import type { Laying } from './lay-sheet.ts';

/** @returns as many places as fit in this order; whole numbers */
export function fillByGuillotine(
  kinds: readonly BeamKind[],
  plate: BeamPlate,
  { order, towards, lying }: Laying,
): Omit<BeamPlace, 'plate'>[] {
  const left = kinds.map(({ count }) => count);
  const open = [{ x: 0, y: 0, ...plate }];
  const places: Omit<BeamPlace, 'plate'>[] = [];
  for (let part = open.pop(); part; part = open.pop()) {
    const { x, y, width, height } = part;
    const fits = order.flatMap((kind) => {
      const own = kinds[kind];
      if (!own || (left[kind] ?? 0) === 0) return [];
      const ways = own.canTurn ? [false, true] : [false];
      return ways.flatMap((isTurned) => {
        const [w, h] = isTurned ? [own.height, own.width] : [own.width, own.height];
        if (w > width || h > height) return [];
        const isAsked = lying === 'free' || (lying === 'flat' ? w >= h : w <= h);
        return [{ kind, isTurned, w, h, isAsked, rest: Math.min(width - w, height - h) }];
      });
    });
    const [first] = fits;
    if (!first) continue;
    const ofKind = fits.filter(({ kind }) => kind === first.kind);
    const [chosen = first] = ofKind.sort((a, b) => Number(b.isAsked) - Number(a.isAsked) || a.rest - b.rest);
    const { kind, isTurned, w, h } = chosen;
    left[kind] = (left[kind] ?? 0) - 1;
    places.push({ kind, isTurned, x, y });
    // Rows, columns, or the larger rest whole.
    const isUp = towards === 'left' || (towards !== 'bottom' && towards !== 'rows' && width - w > height - h);
    const right = { x: x + w, y, width: width - w, height: isUp ? height : h };
    const upper = { x, y: y + h, width: isUp ? w : width, height: height - h };
    // The part beside the blank is filled first.
    open.push(...(isUp ? [right, upper] : [upper, right]));
  }
  return places;
}
