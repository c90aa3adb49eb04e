// A setting with a tenth more, to show what it does.
import { inStudioDecimals } from '../format/numbers.ts';

/** `26` becomes `28.6`, `30 %` becomes `33 %`; null where the text is no single number. */
export function aTenthMore(text: string): string | null {
  const [, number, unit = ''] = /^\s*(\d+(?:[.,]\d+)?)(\s*%?)\s*$/.exec(text) ?? [];
  if (number === undefined) return null;
  const more = Math.round(Number(number.replace(',', '.')) * 110) / 100;
  return more === 0 ? null : `${inStudioDecimals(String(more))}${unit}`;
}
