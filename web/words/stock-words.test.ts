import { expect, test } from 'vitest';
import { given } from '../../core/figure/figure.ts';
import { gaugeMm } from '../../core/measure/gauge.ts';
import { alloysWith } from '../../core/metal/alloy.ts';
import { blankInWords, lengthInWords, nearest64th } from '../../core/piece/cut-words.ts';
import { sectionInWords } from '../../core/stock/words.ts';
import { alloyInText, gaugeInWords } from './stock-words.ts';

const alloys = alloysWith([]);
const silver = alloys.get('silver-925') ?? null;
const steel = alloys.get('steel-low-carbon') ?? null;
const both = { mm: true, gauge: true };

test('a thickness is given in mm and in the gauge of its metal', () => {
  expect(gaugeInWords({ form: 'round', diameterMm: gaugeMm('awg', 20) }, silver, both)).toBe('0.81 mm, 20 ga B&S');
  expect(gaugeInWords({ form: 'sheet', thicknessMm: 0.9 }, silver, both)).toBe('0.90 mm, about 19 ga B&S');
  expect(gaugeInWords({ form: 'sheet', thicknessMm: gaugeMm('msg', 16) }, steel, both)).toBe(
    '1.52 mm, 16 ga steel sheet',
  );
});

test('no gauge is given where none is in use or none is near', () => {
  expect(gaugeInWords({ form: 'round', diameterMm: 1 }, steel, both)).toBe('1.00 mm');
  expect(gaugeInWords({ form: 'round', diameterMm: 40 }, silver, both)).toBe('40.00 mm');
  expect(gaugeInWords({ form: 'round', diameterMm: 1 }, null, both)).toBe('1.00 mm');
});

test('the typed name of a thickness is not repeated', () => {
  const wire = { form: 'round', diameterMm: gaugeMm('awg', 20) } as const;
  expect(gaugeInWords(wire, silver, { mm: false, gauge: true })).toBe('20 ga B&S');
  expect(gaugeInWords(wire, silver, { mm: true, gauge: false })).toBe('0.81 mm');
});

test('stock and blanks are named in the maker’s units', () => {
  expect(sectionInWords({ form: 'strip', widthMm: 6, thicknessMm: 1.2 })).toBe('strip 6.0 × 1.20 mm');
  expect(sectionInWords({ form: 'tube', outsideMm: 3.2, wallMm: 0.4 })).toBe('tube 3.2 mm, wall 0.40');
  expect(lengthInWords(25.4, 'inch')).toBe('1.000 in (25.4 mm)');
  expect(lengthInWords(106.81, 'mm')).toBe('106.8 mm');
  const mm = (value: number) => given('', value, 'mm', '');
  expect(blankInWords({ kind: 'disc', diameter: mm(35) }, 'mm')).toBe('disc 35.0 mm');
  expect(blankInWords({ kind: 'rectangle', width: mm(4), length: mm(23) }, 'mm')).toBe('4.00 × 23.0 mm');
  expect([0, 0.2, 12.7, 25.4].map(nearest64th)).toEqual(['0', '1/64', '1/2', '1']);
  // 106.8 mm is 4.2047 in; 13/64 is 0.2031.
  expect(blankInWords({ kind: 'length', length: mm(106.8) }, 'inch')).toBe('4.205 in, 4 13/64 (106.8 mm)');
  expect(blankInWords({ kind: 'rectangle', width: mm(25.4), length: mm(50.8) }, 'inch')).toBe(
    '1.000 × 2.000 in, 1 × 2 (25.4 × 50.8 mm)',
  );
});

test('an alloy’s name in a sentence starts with a small letter, unless it is a number or a letter code', () => {
  expect(['Sterling silver', '9k yellow gold'].map((name) => alloyInText({ name }))).toEqual([
    'sterling silver',
    '9k yellow gold',
  ]);
});
