// Ring size scales. Each is a straight line, so sizes between the marks are valid.
import { showNumber } from '../format/numbers.ts';
import { MM_PER_INCH } from './length-units.ts';
import { readLength } from './read/read-length.ts';
import { readPlain } from './read/read-number.ts';
import { read, type Reading, unread } from './read/reading.ts';

/** Ring size scales. */
export const ringSizeSystems = ['us', 'uk', 'iso', 'jp', 'mm'] as const;

/**
 * - `us`: United States and Canada, inside diameter 0.458 in + 0.032 in a size (common practice; definitions a quarter
 *   size apart circulate).
 * - `uk`: Britain, Ireland, Australia: inside circumference 37.5 mm at A, 1.25 mm a letter (BS 6820).
 * - `iso`: the inside circumference in mm (ISO 8653).
 * - `jp`: inside diameter 13 mm at 1, a third of a mm a size (common practice).
 * - `mm`: no scale; the inside diameter as measured.
 */
export type RingSizeSystem = (typeof ringSizeSystems)[number];

/** Source of each scale. */
export const ringSizeSources = {
  us: 'US scale, 0.458 in + 0.032 in a size (common practice)',
  uk: 'UK scale, BS 6820',
  iso: 'ISO 8653, inside circumference',
  jp: 'Japanese scale, 13 mm + ⅓ mm a size (common practice)',
  mm: 'inside diameter as typed',
} as const satisfies Record<RingSizeSystem, string>;

const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';

/**
 * Inside diameter of a ring of a size.
 * @param size  number on the scale; for `uk` letters counted from A as 0, halves between (Z+1 is 26); for `mm` mm
 * @returns mm
 * @example ringInsideMm('us', 7) // 17.3228
 */
export function ringInsideMm(system: RingSizeSystem, size: number): number {
  switch (system) {
    case 'us':
      return (0.458 + 0.032 * size) * MM_PER_INCH;
    case 'uk':
      return (37.5 + 1.25 * size) / Math.PI;
    case 'iso':
      return size / Math.PI;
    case 'jp':
      return 13 + (size - 1) / 3;
    case 'mm':
      return size;
  }
}

/** The size of an inside diameter on a scale; the inverse of `ringInsideMm`. */
export function ringSizeOf(system: RingSizeSystem, insideMm: number): number {
  switch (system) {
    case 'us':
      return (insideMm / MM_PER_INCH - 0.458) / 0.032;
    case 'uk':
      return (insideMm * Math.PI - 37.5) / 1.25;
    case 'iso':
      return insideMm * Math.PI;
    case 'jp':
      return (insideMm - 13) * 3 + 1;
    case 'mm':
      return insideMm;
  }
}

/**
 * A size as it is written on its scale, to the nearest quarter (UK: half).
 * @example ringSizeText('us', 7.25) // '7 ¼'
 */
export function ringSizeText(system: RingSizeSystem, size: number): string {
  const step = system === 'uk' ? 2 : 4;
  const whole = Math.floor(Math.round(size * step) / step);
  const part = ['', '¼', '½', '¾'][Math.round((Math.round(size * step) / step - whole) * 4)] ?? '';
  if (system !== 'uk') return `${String(whole)}${part && ` ${part}`}`;
  const name = whole < 0 ? `A−${String(-whole)}` : whole > 25 ? `Z+${String(whole - 25)}` : (LETTERS[whole] ?? '');
  return `${name}${part}`;
}

/** A size that names its own scale: `7 us`, `uk N½`; null when it names none. */
export function sizeOnScale(text: string): { readonly system: RingSizeSystem; readonly size: string } | null {
  const found = /^\s*(?:(us|uk|iso|jp)\s+(.+?)|(.+?)\s*(us|uk|iso|jp))\s*$/i.exec(text);
  const scale = (found?.[1] ?? found?.[4])?.toLowerCase() as RingSizeSystem | undefined;
  const size = found?.[2] ?? found?.[3];
  return scale && size ? { system: scale, size } : null;
}

/**
 * Reads a ring size as typed: `7 1/2`, `N½`, `54`, `14`, `17.3 mm`. A scale typed with the size overrides the chosen
 * one.
 * @returns inside diameter in mm, or the problem in a sentence
 */
export function readRingSize(text: string, system: RingSizeSystem): Reading {
  const named = sizeOnScale(text);
  if (named) return readRingSize(named.size, named.system);
  if (system === 'mm') return readLength(text, { what: 'inside diameter' });
  if (text.trim() === '') return unread(`Give the ring size, for example ${examples[system]}.`);
  const size = system === 'uk' ? readLetter(text) : readNumber(text, examples[system]);
  if (!size.ok) return size;
  const insideMm = ringInsideMm(system, size.value);
  if (insideMm < 9 || insideMm > 30) {
    return unread(
      `Size ${text.trim()} is ${showNumber(insideMm, 1)} mm inside, which fits no finger. Check the scale beside it.`,
    );
  }
  return read(insideMm, `size ${text.trim()}, ${ringSizeSources[system]}`);
}

const examples = { us: '7 1/2', uk: 'N½', iso: '54', jp: '14' } as const satisfies Record<
  Exclude<RingSizeSystem, 'mm'>,
  string
>;

// 7-1/2 is written as often as 7 1/2; nothing is ever subtracted from a ring size.
function readNumber(text: string, example: string): Reading {
  return readPlain(text.replace(/^\s*(\d+)-(\d+\/\d+)\s*$/, '$1 $2'), 'ring size', example, () => undefined);
}

function readLetter(text: string): Reading {
  const parts = /^\s*([a-z])\s*(?:\+\s*(\d))?\s*(½|1\/2|\.5)?\s*$/i.exec(text);
  if (!parts || (parts[2] && parts[1]?.toUpperCase() !== 'Z')) {
    return unread(`UK sizes are letters, A to Z and Z+1 to Z+6, with halves. Try ${examples.uk}.`);
  }
  const letter = LETTERS.indexOf(parts[1]?.toUpperCase() ?? '');
  return read(letter + Number(parts[2] ?? 0) + (parts[3] ? 0.5 : 0), 'as typed');
}
