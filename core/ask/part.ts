// An answer taken into a piece: the stock and the blank as a maker would have typed them.
import { inSum, type Figure } from '../figure/figure.ts';
import type { Alloy } from '../metal/alloys.ts';
import type { Blank, PartSection } from '../piece/piece.ts';
import type { TakenPart } from './question.ts';
import type { Stock } from './slots.ts';

/** @returns null when a piece cannot hold such stock */
export function takenPart(name: string, alloy: Alloy, stock: Stock, blank: Blank, count = 1): TakenPart | null {
  const section = typedSection(stock);
  return section && { name, alloy: alloy.id, section, blank, count: inSum(count), trim: '' };
}

/** A size as it was asked: by its gauge, or in mm. */
export function typedSize({ value, source }: Figure): string {
  return /^(\S+ ga), /.exec(source)?.[1] ?? `${inSum(value)} mm`;
}

function typedSection({ section: { form }, sizes: [first, second] }: Stock): PartSection | null {
  if (!first) return null;
  switch (form) {
    case 'round':
      return { form, diameter: typedSize(first) };
    case 'square':
      return { form, side: typedSize(first) };
    case 'sheet':
      return { form, thickness: typedSize(first) };
    case 'strip':
      return second ? { form, width: typedSize(first), thickness: typedSize(second) } : null;
    case 'tube':
      return second ? { form, outside: typedSize(first), wall: typedSize(second) } : null;
    default:
      return null;
  }
}
