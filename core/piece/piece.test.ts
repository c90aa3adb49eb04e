import { describe, expect, test } from 'vitest';
import { type Blank, blankRulesOf } from '../blank/blank.ts';
import { readBlank } from '../blank/blank.ts';
import { gaugeSystemOf } from '../stock/gauged.ts';
import { readSection } from '../stock/read-section.ts';
import type { PartSection } from '../stock/typed-section.ts';
import { emptyPiece, pieceSchema } from './piece.ts';

const step = { id: 's', name: '', station: '', setUp: '', each: '', unattended: '', overlaps: false };

describe('the piece schema', () => {
  test('accepts an empty piece', () => {
    expect(pieceSchema.parse(emptyPiece)).toEqual(emptyPiece);
  });

  test('accepts any text up to 60 characters in a number field', () => {
    expect(pieceSchema.safeParse({ ...emptyPiece, batchSize: 'a dozen or so' }).success).toBe(true);
    expect(pieceSchema.safeParse({ ...emptyPiece, batchSize: '9'.repeat(61) }).success).toBe(false);
  });

  test('accepts 200 steps and refuses 201', () => {
    const steps = (count: number) => Array.from({ length: count }, (_, index) => ({ ...step, id: String(index) }));
    expect(pieceSchema.safeParse({ ...emptyPiece, steps: steps(200) }).success).toBe(true);
    const refused = pieceSchema.safeParse({ ...emptyPiece, steps: steps(201) });
    expect(refused.error?.issues[0]?.message).toBe('A piece holds 200 steps at most.');
  });

  test('accepts exactly the sizes of a section’s form', () => {
    const part = {
      id: 'a',
      name: '',
      alloy: 'silver-925',
      count: '1',
      trim: '',
      blank: { rule: 'straight', length: '' },
    };
    const withSection = (section: object) =>
      pieceSchema.safeParse({ ...emptyPiece, parts: [{ ...part, section }] }).success;
    expect(withSection({ form: 'round', diameter: '1' })).toBe(true);
    expect(withSection({ form: 'round', side: '1' })).toBe(false);
    expect(withSection({ form: 'round', diameter: '1', side: '1' })).toBe(false);
    expect(withSection({ form: 'hexagon', side: '1' })).toBe(false);
  });
});

describe('the gauge system follows metal and form', () => {
  test.each([
    ['silver', 'round', 'awg'],
    ['brass', 'sheet', 'awg'],
    ['steel', 'sheet', 'msg'],
    ['stainless-steel', 'sheet', 'usg'],
    ['steel', 'round', 'none'],
    ['stainless-steel', 'strip', 'none'],
    ['titanium', 'sheet', 'awg'],
  ] as const)('%s %s has gauge system %s', (family, form, system) => {
    expect(gaugeSystemOf(family, form)).toBe(system);
  });
});

const sections: Record<PartSection['form'], PartSection> = {
  round: { form: 'round', diameter: '2 mm' },
  square: { form: 'square', side: '2 mm' },
  strip: { form: 'strip', width: '5 mm', thickness: '1 mm' },
  'half-round': { form: 'half-round', width: '4 mm', height: '2 mm' },
  d: { form: 'd', width: '4 mm', height: '3 mm' },
  triangle: { form: 'triangle', width: '3 mm', height: '3 mm' },
  oval: { form: 'oval', width: '4 mm', height: '2 mm' },
  patterned: { form: 'patterned', width: '5 mm', thickness: '1 mm', weight: '4 g / 100 mm' },
  tube: { form: 'tube', outside: '4 mm', wall: '0.5 mm' },
  'square-tube': { form: 'square-tube', outside: '4 mm', wall: '0.5 mm' },
  sheet: { form: 'sheet', thickness: '1 mm' },
  grain: { form: 'grain' },
};
const blanks: Record<Blank['rule'], Blank> = {
  straight: { rule: 'straight', length: '40 mm' },
  'ring-band': { rule: 'ring-band', system: 'mm', size: '18 mm', ease: 'habit' },
  bangle: { rule: 'bangle', inside: '62 mm', opening: '' },
  'jump-ring': { rule: 'jump-ring', inside: '18 mm', passes: '' },
  chain: { rule: 'chain', length: '180 mm', inside: '5 mm' },
  woven: { rule: 'woven', length: '180 mm', pitch: '4 mm', each: '30 mm' },
  wrap: { rule: 'wrap', turns: '6', core: '1.2 mm' },
  twist: { rule: 'twist', length: '90 mm', system: '', strands: '2', turns: '30', per: '' },
  balled: { rule: 'balled', length: '40 mm', ball: '3 mm', ends: '1' },
  granule: { rule: 'granule', diameter: '2 mm' },
  bezel: { rule: 'bezel', stone: '', around: '31 mm', clearance: '' },
  'ring-bezel': { rule: 'ring-bezel', girth: '88 mm', inside: '5 mm' },
  knuckles: { rule: 'knuckles', width: '15 mm', knuckles: '3' },
  'hinge-pin': { rule: 'hinge-pin', width: '15 mm' },
  worked: { rule: 'worked', length: '60 mm', width: '4 mm', thickness: '0.7 mm' },
  disc: { rule: 'disc', diameter: '18 mm' },
  washer: { rule: 'washer', outside: '18 mm', inside: '7 mm' },
  rectangle: { rule: 'rectangle', width: '8 mm', length: '18 mm' },
  oval: { rule: 'oval', width: '8 mm', length: '18 mm' },
  teardrop: { rule: 'teardrop', width: '8 mm', length: '18 mm' },
  outline: { rule: 'outline', points: '0,0 24,0 12,18' },
  dome: { rule: 'dome', across: '20 mm', height: '6 mm' },
  pressed: { rule: 'pressed', width: '8 mm', length: '18 mm', depth: '0.8 mm', excess: '3 mm' },
  'pressed-bar': {
    rule: 'pressed-bar',
    width: '8 mm',
    length: '18 mm',
    thick: '1.2 mm',
    depth: '',
    excess: '15 %',
    pressings: '2',
  },
  trimmed: {
    rule: 'trimmed',
    width: '12 mm',
    length: '20 mm',
    keeps: 'teardrop',
    keptWidth: '9 mm',
    keptLength: '17 mm',
  },
  weight: { rule: 'weight', grams: '12 g' },
};

describe.each(Object.values(sections).map((section): [string, PartSection] => [section.form, section]))(
  'stock of form %s',
  (form, section) => {
    test('accepts the blank rules that fit it, and refuses the others in a sentence', () => {
      const stock = readSection(section, 'awg', () => undefined);
      for (const blank of Object.values(blanks)) {
        const problems: string[] = [];
        const read = readBlank(blank, section.form, stock, ({ sentence }) => problems.push(sentence));
        const fits = blankRulesOf(section.form).includes(blank.rule);
        expect(read !== null, `${form} as ${blank.rule}`).toBe(fits);
        expect(problems).toHaveLength(fits ? 0 : 1);
      }
    });
  },
);

test('a ring blank is longer than its inside by the thickness of its stock', () => {
  const lengthOf = (section: PartSection) => {
    const read = readBlank(
      blanks['ring-band'],
      section.form,
      readSection(section, 'awg', () => undefined),
      () => undefined,
    );
    return read?.cut.kind === 'length' ? read.cut.length.value : NaN;
  };
  expect(lengthOf(sections.round)).toBeCloseTo(Math.PI * 20, 9);
  expect(lengthOf(sections.square)).toBeCloseTo(Math.PI * 20, 9);
  expect(lengthOf(sections.strip)).toBeCloseTo(Math.PI * 19, 9);
});
