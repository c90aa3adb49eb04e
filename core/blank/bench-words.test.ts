// The words of a blank for the bench.
import { expect, test } from 'vitest';
import { benchWords } from './bench-words.ts';
import { blankSchema } from './blank.ts';

const words = (blank: object) => benchWords(blankSchema.parse(blank));

test.each([
  [{ rule: 'jump-ring', inside: '5 mm' }, 'wind on a 5 mm mandrel'],
  [{ rule: 'ring-band', system: 'uk', size: 'N' }, 'size N UK'],
  [{ rule: 'ring-band', system: 'mm', size: '17.2 mm' }, 'inside 17.2 mm'],
  [{ rule: 'balled', length: '40 mm', ball: '2.4 mm', ends: '1' }, 'ball 2.4 mm, 1 end'],
  [{ rule: 'balled', length: '40 mm', ball: '2.4 mm', ends: '2' }, 'ball 2.4 mm, 2 ends'],
  [{ rule: 'bangle', inside: '64 mm', opening: '' }, 'inside 64 mm, closed'],
  [{ rule: 'bangle', inside: '58 mm', opening: '26 mm' }, 'inside 58 mm, open 26 mm'],
  [{ rule: 'twist', length: '80 mm', strands: '2', turns: '30' }, 'twist 2 strands, 30 turns in total'],
  [
    { rule: 'twist', length: 'N', system: 'uk', strands: '3', turns: '4', per: 'cm' },
    'twist 3 strands, 4 turns per cm, for size N UK',
  ],
  [{ rule: 'worked', length: '90 mm', width: '5 mm', thickness: '1.8 mm' }, 'forge to 5 mm × 1.8 mm, 90 mm long'],
  [{ rule: 'straight', length: '40 mm' }, ''],
])('%j reads %s', (blank, text) => {
  expect(words(blank)).toBe(text);
});

test('the knuckles of a hinge of 15 mm are five each, the outer ones a millimetre longer', () => {
  expect(words({ rule: 'knuckles', width: '15 mm', knuckles: '3' })).toBe(
    'knuckles 6.00 / 5.00 / 6.00 mm, outer ends filed flush',
  );
  // An even number is refused at the part; the sheet stays silent.
  expect(words({ rule: 'knuckles', width: '15 mm', knuckles: '4' })).toBe('');
});
