// An answer as a part of a piece: the stock and the blank as a maker would type them.
import { type Figure, inSum } from '../figure/figure.ts';
import type { Alloy } from '../metal/alloys.ts';
import type { PartTyped } from '../piece/part.ts';
import type { PartSection } from '../stock/typed-section.ts';
import type { TakenPart } from './question.ts';
import type { Stock } from './slots.ts';

/** @returns null when a piece cannot hold such stock */
export function takenPart(
  name: string,
  alloy: Alloy,
  stock: Stock,
  blank: PartTyped['blank'],
  count = 1,
): TakenPart | null {
  const section = typedSection(stock);
  return section && { name, alloy: alloy.id, section, blank, count: inSum(count), trim: '' };
}

/** A size as it was typed: as a gauge, or in mm. */
export function typedSize({ value, source }: Figure): string {
  return /^(\S+ ga), /.exec(source)?.[1] ?? `${inSum(value)} mm`;
}

function typedSection({ section: { form }, sizes: [first, second] }: Stock): PartSection | null {
  if (!first) return null;
  const [one, other] = [typedSize(first), second && typedSize(second)];
  switch (form) {
    case 'round':
      return { form, diameter: one };
    case 'square':
      return { form, side: one };
    case 'sheet':
      return { form, thickness: one };
    case 'strip':
      return other ? { form, width: one, thickness: other } : null;
    case 'half-round':
    case 'd':
    case 'triangle':
    case 'oval':
      return other ? { form, width: one, height: other } : null;
    case 'tube':
    case 'square-tube':
      return other ? { form, outside: one, wall: other } : null;
    case 'patterned':
      return null;
  }
}
