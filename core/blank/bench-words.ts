// What the bench must know of a blank beside its cut size: mandrel, ball, turns, knuckle lengths.
import { showNumber } from '../format/numbers.ts';
import { countedNoun } from '../format/variants.ts';
import { readLength } from '../measure/read/read-length.ts';
import { readCount } from '../measure/read/read-number.ts';
import type { Blank } from './blank.ts';
import { knuckleLengthsMm } from './lengths/knuckle-lengths.ts';

/**
 * A blank in words for the job sheet.
 * @returns '' where the cut size says it all
 */
export function benchWords(blank: Blank): string {
  switch (blank.rule) {
    case 'jump-ring':
    case 'chain':
    case 'ring-bezel':
      return `wind on a ${blank.inside.trim()} mandrel`;
    case 'twist':
      return twistWords(blank);
    case 'worked':
      return blank.thickness.trim()
        ? `forge to ${blank.width.trim()} × ${blank.thickness.trim()}, ${blank.length.trim()} long`
        : `draw to ${blank.width.trim()} round, ${blank.length.trim()} long`;
    case 'dome':
      return `dome to ${blank.across.trim()} across, ${blank.height.trim()} high`;
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
      return `inside ${blank.inside.trim()}, ${blank.opening.trim() ? `open ${blank.opening.trim()}` : 'closed'}`;
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

const turnsIn = { '': 'turns in total', cm: 'turns per cm', in: 'turns per inch' } as const;

// `twist 2 strands, 4 turns per cm, for size L½ UK`.
function twistWords({ length, system, strands, turns, per }: Extract<Blank, { rule: 'twist' }>): string {
  const size =
    system && (system === 'mm' ? `, inside ${length.trim()}` : `, for size ${length.trim()} ${system.toUpperCase()}`);
  return `twist ${strands.trim()} strands, ${turns.trim()} ${turnsIn[per]}${size}`;
}
