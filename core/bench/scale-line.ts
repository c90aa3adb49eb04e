// Reads the lines that a scale sends: plain ASCII with a sign, digits, a unit, and a mark for a steady weight.

/** How the lines of a scale look. */
export interface ScaleFormat {
  /** Text in a line of a steady weight; '' where the scale sends only steady ones. */
  readonly steady: string;
  /** Unit of weight that the line must name; '' where it names none and sends grams. */
  readonly unit: string;
}

/** A reading. */
export type ScaleReading =
  | { readonly ok: true; readonly grams: number; readonly isSteady: boolean }
  | { readonly ok: false; readonly sentence: string };

/** g of a unit (ozt and dwt: by the definition of the troy pound, NIST Handbook 44, appendix C). */
const grams: Readonly<Record<string, number>> = {
  g: 1,
  kg: 1000,
  mg: 0.001,
  ct: 0.2,
  ozt: 31.1034768,
  dwt: 1.55517384,
};

/** A format that most scales can be set to. */
export const usualFormat: ScaleFormat = { steady: 'S', unit: 'g' };

/** Reads a line: `S  +   12.34 g`. */
export function readScaleLine(line: string, { steady, unit }: ScaleFormat): ScaleReading {
  const found = /([+-]?)\s*(\d+(?:[.,]\d+)?)\s*([a-zA-Z]*)/.exec(line);
  if (!found) return { ok: false, sentence: `“${line.trim()}” holds no weight.` };
  const [whole, sign = '', digits = '', named = ''] = found;
  if (unit !== '' && named.toLowerCase() !== unit.toLowerCase())
    return {
      ok: false,
      sentence: named
        ? `The scale shows ${named}. It is set up for ${unit}: switch the scale, or its settings here.`
        : `The scale names no unit. It is set up for ${unit}.`,
    };
  const factor = grams[(unit || named || 'g').toLowerCase()];
  if (factor === undefined) return { ok: false, sentence: `${named} is not a unit of weight.` };
  const around = line.slice(0, found.index) + line.slice(found.index + whole.length);
  const value = Number(digits.replace(',', '.')) * factor;
  return {
    ok: true,
    grams: sign === '-' ? -value : value,
    isSteady: steady === '' || new RegExp(`(^|[^A-Za-z])${escaped(steady)}([^A-Za-z]|$)`).test(around),
  };
}

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** Splits what arrives into lines; what has no end yet waits. */
export function linesOf(before: string, arrived: string): { readonly lines: string[]; readonly rest: string } {
  const parts = (before + arrived).split(/\r\n|\r|\n/);
  const rest = parts.pop() ?? '';
  return { lines: parts.filter((line) => line.trim() !== ''), rest };
}
