// Reads an area as typed: `12 x 8 mm`, `12 mm * 8 mm`, or bare square millimetres.
import { mmPer } from '../length-units.ts';
import { evaluate, SumError } from './arithmetic.ts';
import { read, type Reading, unread } from './reading.ts';

const EXAMPLE = 'Give an area, for example 12 mm * 8 mm or 96.';

/** @returns mm², or the problem in a sentence */
export function readArea(text: string): Reading {
  if (text.trim() === '') return unread(EXAMPLE);
  try {
    const { value, power } = evaluate(withUnitLent(text), (number, unit) => {
      const mm = mmPer(unit);
      return mm === undefined ? undefined : number * mm;
    });
    if (power !== 0 && power !== 2) return unread(`“${text.trim()}” does not come out as an area. ${EXAMPLE}`);
    return value > 0 ? read(value, 'as typed') : unread('An area must be above 0.');
  } catch (error) {
    if (error instanceof SumError) return unread(`${error.message} ${EXAMPLE}`);
    throw error;
  }
}

// In 12 x 8 mm the unit applies to both numbers.
function withUnitLent(text: string): string {
  const match = /^\s*([\d.,]+)\s*[x×]\s*([\d.,]+)\s*([a-z"″]*)\s*$/i.exec(text);
  if (!match) return text;
  const [, a = '', b = '', unit = ''] = match;
  return `${a}${unit || 'mm'}*${b}${unit || 'mm'}`;
}
