// The line sheet: what a shop is shown of each piece, and the content of its price tags.
import { given } from '../../figure/figure.ts';
import { showFigure } from '../../figure/show.ts';
import { showNumber } from '../../format/numbers.ts';
import { sizesOf } from '../../piece/all-sizes.ts';
import type { Piece } from '../../piece/piece.ts';
import { gaugedMm } from '../../stock/gauged.ts';
import type { Selling } from '../../studio/selling.ts';
import type { PieceCount } from '../piece/count-piece.ts';
import { type Priced, sizePrice } from '../piece/standing.ts';

interface LineSheetSize {
  readonly name: string;
  readonly grams: number;
  /** Whole minor units. */
  readonly wholesale: number;
  readonly retail: number;
}

/** Diameter, or width and height, of a blank, mm. */
interface BlankDrawing {
  readonly isRound: boolean;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** A piece on a line sheet. */
export interface LineSheetItem {
  /** Code of the piece for tags and orders, made from its name. */
  readonly code: string;
  readonly name: string;
  readonly metals: string;
  readonly collection: string;
  /** Id of its first picture; '' for none. */
  readonly photo: string;
  /** Its blanks to scale, the largest first, for a piece without a picture. */
  readonly blanks: readonly BlankDrawing[];
  readonly soldBy: Piece['soldBy'];
  /** One for each size, at least one. */
  readonly sizes: readonly LineSheetSize[];
}

/**
 * @param countOf  counts the piece in a size
 * @param priced   its prices
 */
export function lineSheetItem(
  piece: Piece,
  priced: Priced | null,
  countOf: (size?: string) => PieceCount,
): LineSheetItem {
  const rows = sizesOf(piece).length > 0 ? sizesOf(piece) : [{ id: undefined, name: '' }];
  const counts = rows.map(({ id }) => countOf(id));
  const metals = new Set(counts.flatMap(({ parts }) => parts.flatMap(({ alloy }) => alloy?.name ?? [])));
  return {
    code: codeOf(piece.name),
    name: piece.name.trim() || 'Unnamed piece',
    metals: [...metals].join(', '),
    collection: piece.collection.trim(),
    photo: piece.photos[0]?.id ?? '',
    blanks: blanksOf(counts[0]),
    soldBy: piece.soldBy,
    sizes: counts.map(({ prices, weight }, index) => {
      const { wholesale, retail } = sizePrice(priced, piece, index, prices);
      return { name: rows[index]?.name ?? '', grams: weight.value, wholesale, retail };
    }),
  };
}

const MOST_BLANKS = 6;

function blanksOf(count: PieceCount | undefined): BlankDrawing[] {
  const drawings = (count?.parts ?? []).flatMap(({ cut, section }): BlankDrawing[] => {
    if (!cut || !section || section.form === 'grain') return [];
    switch (cut.kind) {
      case 'length':
        return [{ isRound: false, widthMm: cut.length.value, heightMm: gaugedMm(section) }];
      case 'disc':
        return [{ isRound: true, widthMm: cut.diameter.value, heightMm: cut.diameter.value }];
      case 'rectangle':
        return [{ isRound: false, widthMm: cut.length.value, heightMm: cut.width.value }];
      case 'outline': {
        const [length = 0, width = length] = cut.sizes.map(({ value }) => value);
        return [{ isRound: cut.outline.shape === 'oval', widthMm: length, heightMm: width }];
      }
      case 'weight':
        return [];
    }
  });
  return drawings.sort((a, b) => b.widthMm * b.heightMm - a.widthMm * a.heightMm).slice(0, MOST_BLANKS);
}

/**
 * A short code of a name: the first letters of its words and a number that tells similar names apart.
 * @example codeOf('Tide hair fork') // 'THF-64'
 */
export function codeOf(name: string): string {
  const words = name
    .normalize('NFKD')
    .replace(/[^A-Za-z0-9 -]/g, '')
    .split(/[\s-]+/)
    .filter(Boolean);
  const letters =
    words
      .map(([first = '']) => first.toUpperCase())
      .join('')
      .slice(0, 4) || 'X';
  let sum = 0;
  for (const character of name.trim().toLowerCase()) sum = (sum * 31 + character.charCodeAt(0)) % 97;
  return `${letters}-${String(sum).padStart(2, '0')}`;
}

/** Column heads, documented in docs/formats/line-sheet.md. */
export const lineSheetHeads = [
  'code', 'name', 'collection', 'metals', 'size', 'sold_by', 'weight_g', 'wholesale', 'suggested_retail', 'currency',
] as const; // prettier-ignore

/** Rows of the line sheet, one a size. @param places  decimal places of the currency */
export function lineSheetRows(items: readonly LineSheetItem[], currency: string, places: number): string[][] {
  const money = (minor: number) => (minor / 10 ** places).toFixed(places);
  return items.flatMap((item) =>
    item.sizes.map((size) => [
      item.code,
      item.name,
      item.collection,
      item.metals,
      size.name,
      item.soldBy,
      size.grams.toFixed(2),
      money(size.wholesale),
      money(size.retail),
      currency,
    ]),
  );
}

/**
 * The terms of sale that stand on a line sheet.
 * @param leastOrderMinor  minimum order, minor units; 0 for none
 */
export function lineSheetTerms(
  { leastOrderMinor, volumeBreaks }: Pick<Selling, 'leastOrderMinor' | 'volumeBreaks'>,
  currency: string,
): string[] {
  const least = leastOrderMinor > 0 ? [`Minimum order ${showFigure(given('', leastOrderMinor, currency, ''))}.`] : [];
  return [
    ...least,
    ...volumeBreaks.map(
      ({ from, off }) => `From ${String(from)} of a kind, ${showNumber(off.value * 100, 0, 1)} % less.`,
    ),
  ];
}
