// Text in and beside the bars of a chart. It is never cut off: what has no room in its bar stands below it.

/** Average width of a letter at 13 px, bold, px. */
const LETTER_PX = 7.1;
const PAD_PX = 10;
/** Between two names in a row, px. */
const APART_PX = 8;

/** Width of a text, px. */
export const textWidth = (text: string) => text.length * LETTER_PX;

/** @param texts  the longest first @param width  px of the bar @returns the first that fits; '' where none does */
export function fittedText(texts: readonly string[], width: number): string {
  return texts.find((text) => textWidth(text) + PAD_PX <= width) ?? '';
}

/** A bar with its name; px. */
interface NamedBar {
  readonly x: number;
  readonly width: number;
  readonly name: string;
}

/** Where the name of a bar stands. */
export interface PlacedName {
  /** 0 in the bar; 1, 2, ... in a row below it. */
  readonly row: number;
  readonly x: number;
}

/**
 * Places the names of the bars of a lane: in the bar where there is room, else in the first row below in which it meets
 * no other name, under the start or the end of its bar.
 * @param right  px; no name reaches beyond it
 * @param most   number of rows; a name that has no room in them is left out
 * @returns by bar, in their order, and the number of rows
 */
export function placeNames(
  bars: readonly NamedBar[],
  right: number,
  most = Infinity,
): { names: (PlacedName | undefined)[]; rows: number } {
  const ends: number[] = [];
  const names: (PlacedName | undefined)[] = bars.map(() => undefined);
  const order = bars.map((_bar, at) => at).sort((a, b) => (bars[a]?.x ?? 0) - (bars[b]?.x ?? 0));
  for (const at of order) {
    const bar = bars[at];
    if (!bar) continue;
    const { x, width, name } = bar;
    if (!name) continue;
    if (fittedText([name], width)) {
      names[at] = { row: 0, x: x + 6 };
      continue;
    }
    const long = textWidth(name);
    const under = [x, x + width - long].map((left) => Math.max(0, Math.min(left, right - long)));
    const rowFor = (left: number) => {
      const free = ends.findIndex((end) => end + APART_PX <= left);
      return free < 0 ? ends.length : free;
    };
    const start = under.toSorted((a, b) => rowFor(a) - rowFor(b))[0] ?? x;
    const row = rowFor(start);
    if (row >= most) continue;
    ends[row] = start + long;
    names[at] = { row: row + 1, x: start };
  }
  return { names, rows: ends.length };
}
