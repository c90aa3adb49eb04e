import { runInNewContext } from 'node:vm';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { type Figure, given } from '../figure/figure.ts';
import { gaugeMm } from '../measure/gauge.ts';
import { alloysWith } from '../metal/alloy.ts';
import type { PartSection } from '../stock/typed-section.ts';
import { computePart } from './compute-part.ts';
import { type Part, partSchema, type PartTyped } from './part.ts';

const alloys = alloysWith([]);
const part = (section: PartSection, blank: PartTyped['blank'], more: Partial<PartTyped> = {}): Part =>
  partSchema.parse({
    id: 'p',
    name: 'part',
    alloy: 'silver-925',
    section,
    blank,
    count: '1',
    trim: '',
    ...more,
  });
const grams = (figure: Figure | null) => figure?.value ?? NaN;

/** Does the sum of a working again, as a person with paper would. */
function again(how: string): number {
  const sum = how
    .replaceAll('π', 'Math.PI')
    .replaceAll('×', '*')
    .replaceAll('÷', '/')
    .replaceAll('−', '-')
    .replaceAll('²', '**2');
  return runInNewContext(sum, { Math }) as number;
}

describe('mass of a part, against the section formulae', () => {
  // Density 10.36 g/cm³ for sterling, 8.53 for C260, 7.87 for low-carbon steel: the built-in table.
  test('round wire weighs π/4 d² l ρ', () => {
    const { net } = computePart(
      part({ form: 'round', diameter: '2 mm' }, { rule: 'straight', length: '100 mm' }),
      alloys,
    );
    expect(grams(net)).toBeCloseTo(((Math.PI / 4) * 4 * 100 * 10.36) / 1000, 9);
  });

  test('gauge wire weighs by the diameter of its gauge', () => {
    const { net } = computePart(
      part({ form: 'round', diameter: '18 ga' }, { rule: 'straight', length: '6 in' }),
      alloys,
    );
    expect(grams(net)).toBeCloseTo(((Math.PI / 4) * gaugeMm('awg', 18) ** 2 * 152.4 * 10.36) / 1000, 9);
  });

  test('a 6 × 1.2 mm strip weighs width × thickness × length × ρ', () => {
    const { net } = computePart(
      part({ form: 'strip', width: '6', thickness: '1.2' }, { rule: 'straight', length: '112' }),
      alloys,
    );
    expect(grams(net)).toBeCloseTo((6 * 1.2 * 112 * 10.36) / 1000, 9);
  });

  test('a disc and a rectangle of sheet weigh area × thickness × ρ', () => {
    const disc = computePart(part({ form: 'sheet', thickness: '0.9' }, { rule: 'disc', diameter: '34' }), alloys);
    expect(grams(disc.net)).toBeCloseTo(((Math.PI / 4) * 34 ** 2 * 0.9 * 10.36) / 1000, 9);
    const rectangle = computePart(
      part({ form: 'sheet', thickness: '0.9' }, { rule: 'rectangle', width: '3', length: '22' }),
      alloys,
    );
    expect(grams(rectangle.net)).toBeCloseTo((3 * 22 * 0.9 * 10.36) / 1000, 9);
  });

  test('a ring band of UK size N in 1.5 mm wire is π × (inside + 1.5) long', () => {
    const { blank } = computePart(
      part({ form: 'round', diameter: '1.5' }, { rule: 'ring-band', system: 'uk', size: 'N' }),
      alloys,
    );
    // BS 6820: N is 53.75 mm round the inside.
    expect(blank?.kind === 'length' && blank.length.value).toBeCloseTo(53.75 + Math.PI * 1.5, 9);
  });

  test('jump rings are π × (inside + wire) each, times their number', () => {
    const { net } = computePart(
      part({ form: 'round', diameter: '1' }, { rule: 'jump-ring', inside: '4' }, { count: '12' }),
      alloys,
    );
    expect(grams(net)).toBeCloseTo(((Math.PI / 4) * Math.PI * 5 * 10.36 * 12) / 1000, 9);
  });

  test('16 ga steel sheet is thicker than 16 ga silver', () => {
    const sheet: PartSection = { form: 'sheet', thickness: '16 ga' };
    const disc: PartTyped['blank'] = { rule: 'disc', diameter: '20' };
    expect(computePart(part(sheet, disc), alloys).section).toEqual({ form: 'sheet', thicknessMm: gaugeMm('awg', 16) });
    expect(computePart(part(sheet, disc, { alloy: 'steel-low-carbon' }), alloys).section).toEqual({
      form: 'sheet',
      thicknessMm: 0.0598 * 25.4,
    });
  });
});

describe('trim', () => {
  test('is added once to a length, and all round to an outline', () => {
    const wire = computePart(
      part({ form: 'round', diameter: '2' }, { rule: 'straight', length: '100' }, { trim: '1 mm' }),
      alloys,
    );
    expect(wire.cut?.kind === 'length' && wire.cut.length.value).toBe(101);
    const disc = computePart(
      part({ form: 'sheet', thickness: '1' }, { rule: 'disc', diameter: '20' }, { trim: '0.5 mm' }),
      alloys,
    );
    expect(disc.cut?.kind === 'disc' && disc.cut.diameter.value).toBe(21);
  });

  test('keeps gross at least net, and equal without trim', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 500 }), fc.integer({ min: 0, max: 50 }), (length, tenths) => {
        const computation = computePart(
          part(
            { form: 'square', side: '2' },
            { rule: 'straight', length: `${String(length)} mm` },
            { trim: `${String(tenths / 10)} mm` },
          ),
          alloys,
        );
        return tenths === 0
          ? grams(computation.gross) === grams(computation.net)
          : grams(computation.gross) > grams(computation.net);
      }),
    );
  });
});

test('every calculation gives its figure again, within five digits', () => {
  const parts = [
    part(
      { form: 'round', diameter: '18 ga' },
      { rule: 'ring-band', system: 'us', size: '7 1/2' },
      { count: '3', trim: '0.3 mm' },
    ),
    part({ form: 'tube', outside: '3.2', wall: '0.4' }, { rule: 'straight', length: '3.5' }),
    part(
      { form: 'strip', width: '1/4 in', thickness: '20 ga' },
      { rule: 'straight', length: '4 1/2 in' },
      { trim: '1' },
    ),
    part({ form: 'sheet', thickness: '22 ga' }, { rule: 'rectangle', width: '1 in', length: '2 in' }, { count: '2' }),
    part({ form: 'sheet', thickness: '0.9' }, { rule: 'disc', diameter: '34' }, { trim: '0.5' }),
  ];
  const check = (figure: Figure): void => {
    if (figure.how) expect(Math.abs(again(figure.how) / figure.value - 1), figure.how).toBeLessThan(5e-4);
    figure.from.forEach(check);
  };
  for (const { net, gross } of parts.map((one) => computePart(one, alloys))) {
    check(net ?? given('', 0, '', ''));
    check(gross ?? given('', 0, '', ''));
  }
});

describe('parts that cannot be computed name the field', () => {
  const problems = (made: Part, own = alloys) => computePart(made, own).problems;
  const wire: PartSection = { form: 'round', diameter: '1' };
  const straight: PartTyped['blank'] = { rule: 'straight', length: '50' };

  test.each([
    [part({ form: 'round', diameter: '99 ga' }, straight), 'section.diameter', /no 99 gauge/],
    [part(wire, { rule: 'straight', length: '-3 mm' }), 'blank.length', /negative/],
    [part(wire, { rule: 'straight', length: '10 mm/0' }), 'blank.length', /divided by zero/],
    [part(wire, { rule: 'disc', diameter: '5' }), 'blank.rule', /cut from sheet/],
    [part({ form: 'sheet', thickness: '1' }, straight), 'blank.rule', /disc or a rectangle/],
    [part({ form: 'tube', outside: '3', wall: '1.6' }, straight), 'section.wall', /no bore/],
    [part(wire, { rule: 'ring-band', system: 'uk', size: '7' }), 'blank.size', /letters/],
    [part(wire, straight, { count: '1.5' }), 'count', /whole number/],
    [part(wire, straight, { trim: 'abc' }), 'trim', /“abc”/],
    [part(wire, straight, { alloy: 'unobtainium' }), 'alloy', /not in the book/],
    [
      part({ form: 'round', diameter: '18 ga' }, straight, { alloy: 'steel-low-carbon' }),
      'section.diameter',
      /mm or inches/,
    ],
  ])('case %# names its field and reason', (made, path, sentence) => {
    const [first] = problems(made);
    expect(first?.path).toBe(path);
    expect(first?.sentence).toMatch(sentence);
  });

  test('an alloy without a density has no weight', () => {
    const own = alloysWith([
      {
        id: 'tide',
        name: 'Tide bronze',
        family: 'bronze',
        composition: {},
        fineness: null,
        densityGPerCm3: null,
        solidusC: null,
        liquidusC: null,
        fusible: false,
        densitySource: '',
      },
    ]);
    const computation = computePart(part(wire, straight, { alloy: 'tide' }), own);
    expect(computation.problems[0]?.sentence).toMatch(/Tide bronze has no density yet/);
    expect(computation.net).toBeNull();
  });

  test('all wrong fields are named at once', () => {
    expect(
      problems(part({ form: 'strip', width: 'x', thickness: '99 ga' }, { rule: 'straight', length: '' })).map(
        ({ path }) => path,
      ),
    ).toEqual(['section.width', 'section.thickness', 'blank.length']);
  });
});

test('a twist for a ring size is bent along its middle, with its turns per cm', () => {
  // UK N: 37.5 + 13 × 1.25 = 53.75 mm round the finger. Two strands of 1 mm are 2 mm across: 53.75 + 2π = 60.03 mm.
  // Take-up: √(1 + (π × 1 × 0.4)²) = 1.606; a strand of 96.4 mm, two of them.
  const part = partSchema.parse({
    id: 't',
    name: 'Twist',
    alloy: 'silver-925',
    section: { form: 'round', diameter: '1 mm' },
    blank: { rule: 'twist', length: 'N', system: 'uk', strands: '2', turns: '4', per: 'cm' },
    count: '1',
    trim: '',
  });
  const { cut, count, problems } = computePart(part, alloysWith([]));
  expect(problems).toEqual([]);
  expect(count).toBe(2);
  expect(cut?.kind === 'length' ? cut.length.value : NaN).toBeCloseTo(96.41, 1);
});
