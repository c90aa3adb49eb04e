// What becomes of a part when its stock, or the way it is cut, is changed: as little as possible is lost.
import { expect, test } from 'vitest';
import type { Blank } from '../../../core/blank/blank.ts';
import type { PartSection } from '../../../core/stock/typed-section.ts';
import { sectionFor } from '../../components/section-fields.tsx';
import { changeRows } from '../../hooks/use-row-moves.ts';
import { blankFor } from './parts/blank-fields.tsx';

test('another form of stock keeps the thickness', () => {
  const wire: PartSection = { form: 'round', diameter: '18 ga' };
  expect(sectionFor('sheet', wire)).toEqual({ form: 'sheet', thickness: '18 ga' });
  expect(sectionFor('strip', wire)).toEqual({ form: 'strip', width: '', thickness: '18 ga' });
  expect(sectionFor('tube', wire)).toEqual({ form: 'tube', outside: '', wall: '18 ga' });
  expect(sectionFor('square', { form: 'strip', width: '5', thickness: '1' })).toEqual({ form: 'square', side: '1' });
  expect(sectionFor('round', { form: 'tube', outside: '5', wall: '0.5' })).toEqual({ form: 'round', diameter: '0.5' });
});

test('another stock keeps a blank rule that fits it', () => {
  const band: Blank = { rule: 'ring-band', system: 'us', size: '7', ease: 'habit' };
  expect(blankFor(band, 'strip')).toBe(band);
  expect(blankFor(band, 'sheet')).toEqual({ rule: 'disc', diameter: '' });
});

test('another blank rule keeps the typed length', () => {
  const straight: Blank = { rule: 'straight', length: '40 mm' };
  expect(blankFor(straight, 'sheet')).toEqual({ rule: 'disc', diameter: '40 mm' });
  expect(blankFor(straight, 'round', 'ring-band')).toEqual({
    rule: 'ring-band',
    system: 'mm',
    size: '40 mm',
    ease: 'habit',
  });
  expect(blankFor(straight, 'round', 'jump-ring')).toEqual({ rule: 'jump-ring', inside: '40 mm', passes: '' });
  expect(blankFor({ rule: 'disc', diameter: '20 mm' }, 'sheet', 'rectangle')).toEqual({
    rule: 'rectangle',
    width: '',
    length: '20 mm',
  });
  expect(blankFor({ rule: 'jump-ring', inside: '4 mm', passes: '' }, 'round', 'straight')).toEqual({
    rule: 'straight',
    length: '4 mm',
  });
});

test('a blank rule that does not fit the stock is not applied', () => {
  expect(blankFor({ rule: 'straight', length: '4 mm' }, 'tube', 'disc')).toEqual({ rule: 'straight', length: '4 mm' });
});

test('a row moves by one and stays within the table', () => {
  const moved = (index: number, by: 1 | -1) => {
    const rows = ['a', 'b', 'c'];
    changeRows(rows, index, by, String);
    return rows.join('');
  };
  expect([moved(0, 1), moved(2, -1), moved(0, -1), moved(2, 1)]).toEqual(['bac', 'acb', 'abc', 'abc']);
});
