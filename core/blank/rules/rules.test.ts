// Rules whose blank is a plain outline or length: what they cut, by hand.
import { expect, test } from 'vitest';
import { outlineAreaMm2 } from '../../geometry/outline.ts';
import type { Issue } from '../../measure/issue.ts';
import { readSection } from '../../stock/read-section.ts';
import type { PartSection } from '../../stock/typed-section.ts';
import { type Blank, blankSchema, readBlank } from '../blank.ts';
import { BlankContext } from '../blank-rule.ts';
import { linksOfPitch } from '../lengths/woven-links.ts';
import { disc } from './disc.ts';
import { jumpRing } from './jump-ring.ts';
import { outline } from './outline.ts';
import { oval } from './oval.ts';
import { pressed } from './pressed.ts';
import { pressedBarMm } from './pressed-bar.ts';
import { rectangle } from './rectangle.ts';
import { straight } from './straight.ts';
import { teardrop } from './teardrop.ts';
import { washer } from './washer.ts';
import { weight } from './weight.ts';
import { woven } from './woven.ts';

function cutOf(blank: object, typed: PartSection) {
  const problems: Issue[] = [];
  const report = (problem: Issue) => void problems.push(problem);
  const stock = readSection(typed, 'awg', report);
  const reading = readBlank(blankSchema.parse(blank), typed.form, stock, report);
  expect(problems).toEqual([]);
  return reading?.cut;
}

const sheet: PartSection = { form: 'sheet', thickness: '1 mm' };
const wire: PartSection = { form: 'round', diameter: '1 mm' };

test('every rule of this file is found by its name', () => {
  for (const rule of [disc, jumpRing, outline, oval, pressed, rectangle, straight, teardrop, washer, weight, woven])
    expect(rule.name.length).toBeGreaterThan(2);
});

test('lengths: a straight length is as typed, a jump ring one turn round its mandrel', () => {
  const cut = cutOf({ rule: 'straight', length: '42 mm' }, wire);
  expect(cut?.kind === 'length' && cut.length.value).toBe(42);
  const ring = cutOf({ rule: 'jump-ring', inside: '5 mm' }, wire);
  expect(ring?.kind === 'length' && ring.length.value).toBeCloseTo(Math.PI * 6, 9);
});

test('outlines of sheet: disc, washer, rectangle', () => {
  const round = cutOf({ rule: 'disc', diameter: '20 mm' }, sheet);
  expect(round?.kind === 'disc' && round.diameter.value).toBe(20);
  const ring = cutOf({ rule: 'washer', outside: '20 mm', inside: '8 mm' }, sheet);
  // The disc is cut; what is punched out of it is scrap.
  expect(ring?.kind === 'disc' && ring.diameter.value).toBe(20);
  const plate = cutOf({ rule: 'rectangle', width: '12 mm', length: '25.4 mm' }, sheet);
  expect(plate?.kind === 'rectangle' && [plate.length.value, plate.width.value].sort((a, b) => a - b)).toEqual([
    12, 25.4,
  ]);
});

test('an oval is an ellipse of its length and width', () => {
  const cut = cutOf({ rule: 'oval', length: '12 mm', width: '10 mm' }, sheet);
  expect(cut?.kind === 'outline' && cut.sizes.map((size) => size.value).sort((a, b) => a - b)).toEqual([10, 12]);
});

test('a weight is taken by weight', () => {
  const cut = cutOf({ rule: 'weight', grams: '3.2 g' }, { form: 'grain' });
  expect(cut?.kind === 'weight' && cut.grams.value).toBeCloseTo(3.2, 9);
});

test('a woven chain has as many links as pitches fit its length', () => {
  // 200 mm at 3 mm a link, one link at the end closes it.
  expect(linksOfPitch(200, 3)).toBeGreaterThanOrEqual(66);
  expect(linksOfPitch(200, 3)).toBeLessThanOrEqual(68);
});

test('a length is not cut from sheet, and the sentence says what is', () => {
  const problems: Issue[] = [];
  const blank: Blank = blankSchema.parse({ rule: 'straight', length: '42 mm' });
  expect(readBlank(blank, 'sheet', null, (problem) => void problems.push(problem))).toBeNull();
  expect(problems[0]?.sentence).toMatch(/outline/);
  expect(new BlankContext(null, null, () => undefined).stock).toBeNull();
});

test('a bar pressed in a die keeps its volume, and the excess is cut with it', () => {
  // 10 × 14 × 1.5 mm of a 4 mm bar: 210 mm³ ÷ 4π mm² = 16.71 mm, and a fifth more is cut.
  expect(pressedBarMm(10, 14, 1.5, 0, 4 * Math.PI)).toBeCloseTo(210 / (4 * Math.PI), 12);
  const blank = {
    rule: 'pressed-bar',
    width: '10 mm',
    length: '14 mm',
    thick: '1.5 mm',
    depth: '',
    excess: '20 %',
    pressings: '3',
  };
  const cut = cutOf(blank, { form: 'round', diameter: '4 mm' });
  expect(cut?.kind === 'length' && cut.length.value).toBeCloseTo((210 * 1.2) / (4 * Math.PI), 9);
});

test('a trimmed blank is cut as a rectangle and kept as its outline', () => {
  const blank = {
    rule: 'trimmed',
    width: '20 mm',
    length: '30 mm',
    keeps: 'oval',
    keptWidth: '16 mm',
    keptLength: '26 mm',
  };
  const cut = cutOf(blank, sheet);
  expect(cut?.kind === 'rectangle' && [cut.width.value, cut.length.value]).toEqual([20, 30]);
  const problems: Issue[] = [];
  const report = (problem: Issue) => void problems.push(problem);
  const stock = readSection(sheet, 'awg', report);
  const net = readBlank(blankSchema.parse(blank), 'sheet', stock, report)?.net;
  // An ellipse of 16 and 26 mm: π/4 × 16 × 26.
  expect(net?.kind === 'outline' && outlineAreaMm2(net.outline)).toBeCloseTo((Math.PI / 4) * 16 * 26, 9);
  readBlank(blankSchema.parse({ ...blank, keptWidth: '22 mm' }), 'sheet', stock, report);
  expect(problems.map(({ path }) => path)).toEqual(['blank.keptWidth']);
});

test('the core of a wrap may be a gauge, and several wires', () => {
  const wrapped = (core: string) => {
    const cut = cutOf({ rule: 'wrap', turns: '10', core }, wire);
    return cut?.kind === 'length' ? cut.length.value : NaN;
  };
  // 20 gauge (B&S) is 0.8118 mm (ASTM B258).
  expect(wrapped('20 ga')).toBeCloseTo(10 * Math.PI * (0.8118 + 1), 2);
  expect(wrapped('2*20 ga')).toBeCloseTo(10 * Math.PI * (2 * 0.8118 + 1), 2);
});
