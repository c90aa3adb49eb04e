// How many equal blanks a sheet gives in straight rows: discs, squares and rectangles.
import { discsInRows } from '../../cut/sheets/disc-rows.ts';
import { computed, type Figure, given, inSum } from '../../figure/figure.ts';
import type { AskSize, TopicAnswer } from '../question.ts';
import type { Slots } from '../slots.ts';

const ASKS = /\bhow many\s*\??$|\b(?:how many|number of) (?!grams?\b|g\b|ounces?\b|oz|dwt|mm\b|inch)/i;

/** @returns null where the line does not ask how many blanks a sheet gives */
export function sheetCountAnswer(slots: Slots): TopicAnswer | null {
  const { line, masses, sizes } = slots.question;
  if (!ASKS.test(line) || masses.length > 0) return null;
  const pairs = crossedPairs(sizes);
  const [sheet, ...smaller] = pairs.toSorted((a, b) => area(b) - area(a));
  const kerfSize = sizes.find(({ role }) => role === 'kerf');
  const single = sizes.find(
    (size) => size !== kerfSize && !size.gauge && size.role !== 'thick' && !pairs.flat().includes(size),
  );
  const blank = smaller[0] ?? (single && [single, single]);
  if (!sheet || !blank || pairs.length > 2 || area(blank) > area(sheet)) return null;
  const [length, width] = sheet.map((size, at) =>
    slots.figure(size, at === 0 ? 'length of the sheet' : 'width of the sheet'),
  ) as [Figure, Figure];
  const kerf = kerfSize ? slots.figure(kerfSize, 'kerf') : given('kerf', 0, 'mm', 'none given');
  // Thickness and metal change no count.
  for (const size of sizes) if (size.gauge || size.role === 'thick') size.used = true;
  for (const alloy of slots.question.alloys) alloy.used = true;
  const isDisc = !smaller[0] && (slots.question.topics.has('disc') || /\bround\b/i.test(line));
  const [a, b] = blank.map((size, at) =>
    slots.figure(size, isDisc ? 'diameter' : at === 0 ? 'length of a blank' : 'width of a blank'),
  ) as [Figure, Figure];
  const count = isDisc
    ? discsInRows(length.value - a.value, width.value - a.value, a.value + kerf.value).length
    : rectanglesInRows(length.value, width.value, a.value, b.value, kerf.value);
  const how = isDisc
    ? `rows of ${inSum(a.value)} mm discs on ${inSum(length.value)} × ${inSum(width.value)} mm`
    : `rows of ${inSum(a.value)} × ${inSum(b.value)} mm on ${inSum(length.value)} × ${inSum(width.value)} mm`;
  return {
    figures: [computed('blanks', count, '', how, [length, width, a, ...(isDisc || a === b ? [] : [b]), kerf])],
    note: 'In straight or staggered rows. Cut may find room for more.',
    topics: ['disc'],
  };
}

type Pair = readonly [AskSize, AskSize];

function crossedPairs(sizes: readonly AskSize[]): Pair[] {
  const crossed = sizes.filter((size) => size.crossed);
  return crossed.length % 2 === 1
    ? []
    : crossed.flatMap((size, at) => {
        const next = crossed[at + 1];
        return at % 2 === 0 && next ? [[size, next] as const] : [];
      });
}

function area([a, b]: Pair): number {
  return (a.mm ?? 0) * (b.mm ?? 0);
}

/**
 * The most rectangles in two blocks of rows, one of them turned.
 * @param length, width  of the sheet, mm
 * @param a, b           sides of a blank, mm
 * @param kerf           between blanks, mm
 */
function rectanglesInRows(length: number, width: number, a: number, b: number, kerf: number): number {
  const fit = (room: number, side: number) =>
    room < side - HAIR ? 0 : Math.floor((room + kerf) / (side + kerf) + HAIR);
  const block = (l: number, w: number, x: number, y: number) => fit(l, x) * fit(w, y);
  const split = (l: number, w: number, x: number, y: number) =>
    Math.max(
      ...Array.from({ length: fit(l, x) + 1 }, (_, columns) => {
        const rest = l - columns * (x + kerf);
        return columns * fit(w, y) + Math.max(0, block(rest, w, y, x));
      }),
    );
  return Math.max(
    split(length, width, a, b),
    split(length, width, b, a),
    split(width, length, a, b),
    split(width, length, b, a),
  );
}

const HAIR = 1e-9;
