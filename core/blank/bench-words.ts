// What the bench must know of a blank beside its cut size: mandrel, ball, turns, knuckle lengths.
import { showNumber } from '../format/numbers.ts';
import { countedNoun } from '../format/variants.ts';
import { readLength } from '../measure/read/read-length.ts';
import { readCount } from '../measure/read/read-number.ts';
import type { Blank } from './blank.ts';
import { knuckleLengthsMm } from './rules/knuckles.ts';

/**
 * A blank in words for the job sheet.
 * @returns '' where the cut size says it all
 */
export function benchWords(blank: Blank): string {
  switch (blank.rule) {
    case 'jump-ring':
      return `wind on a ${blank.inside.trim()} mandrel`;
    case 'ring-band':
      return blank.system === 'mm'
        ? `inside ${blank.size.trim()}`
        : `size ${blank.size.trim()} ${blank.system.toUpperCase()}`;
    case 'wrap':
      return `${blank.turns.trim()} turns round ${blank.core.trim()}`;
    case 'balled':
      return `ball ${blank.ball.trim()}, ${countedNoun(Number(blank.ends) || 1, 'end')}`;
    case 'granule':
      return 'melt into a granule';
    case 'knuckles':
      return knuckleWords(blank.width, blank.knuckles);
    case 'bangle':
      return 'bend to the girth, then close';
    default:
      return '';
  }
}

// `knuckles 5.00 / 4.00 / 5.00 mm, outer ends filed flush`.
function knuckleWords(width: string, knuckles: string): string {
  const [across, count] = [readLength(width, { what: 'width' }), readCount(knuckles)];
  if (!across.ok || !count.ok) return '';
  try {
    const lengths = knuckleLengthsMm(across.value, count.value).map((mm) => showNumber(mm, 2));
    return `knuckles ${lengths.join(' / ')} mm, outer ends filed flush`;
  } catch (error) {
    if (error instanceof RangeError) return '';
    throw error;
  }
}
