// Whole recipes: every kind of work can be entered, weighs what it does by hand, and keeps its metal.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { blankRules } from '../blank/blank.ts';
import type { Figure } from '../figure/figure.ts';
import { alloysWith } from '../metal/alloy.ts';
import { solderById } from '../metal/solders.ts';
import { benchCheckAll, standing } from './checks/bench-check.ts';
import { computePart } from './compute-part.ts';
import { computeRecipe } from './compute-recipe.ts';
import { recipes } from './fixtures/recipes.ts';
import type { Join } from './join.ts';
import { partSchema, type PartTyped } from './part.ts';
import { pieceSchema } from './piece.ts';

const alloys = alloysWith([]);
const sum = (figures: readonly (Figure | null | undefined)[]) =>
  figures.reduce((total, figure) => total + (figure?.value ?? 0), 0);

test('there are recipes of at least 18 kinds, and they use every blank rule', () => {
  expect(new Set(recipes.map(({ kind }) => kind)).size).toBeGreaterThanOrEqual(18);
  const used = new Set(recipes.flatMap(({ piece }) => piece.parts.map(({ blank }) => blank.rule)));
  const all = new Set(blankRules.map(({ fresh }) => fresh.rule));
  expect([...all].filter((rule) => !used.has(rule))).toEqual(['oval']);
});

describe.each(recipes.map((recipe) => [recipe.kind, recipe] as const))(
  'the recipe %s',
  (_kind, { piece, net, gross }) => {
    const recipe = computeRecipe(piece, alloys);

    test('is computed in full', () => {
      expect(recipe.problems).toEqual([]);
    });

    test('weighs what it weighs by hand', () => {
      expect(sum(recipe.parts.map((part) => part.net)) / net).toBeCloseTo(1, 9);
      expect(sum(recipe.parts.map((part) => part.gross)) / gross).toBeCloseTo(1, 9);
    });

    test('cuts exactly what stays and what is lost', () => {
      for (const part of recipe.parts) {
        const lost = sum(Object.values(part.scrap));
        expect(part.gross?.value ?? NaN).toBeCloseTo((part.net?.value ?? NaN) + lost, 9);
      }
    });

    test('passes the bench check without a stop', () => {
      expect(standing(benchCheckAll(piece, alloys, 'GB')).map(({ sentence }) => sentence)).toEqual([]);
    });

    test('is unchanged after JSON', () => {
      expect(pieceSchema.parse(JSON.parse(JSON.stringify(piece)))).toEqual(piece);
    });
  },
);

const mm = (least: number, most: number) =>
  fc.integer({ min: least * 100, max: most * 100 }).map((hundredths) => `${String(hundredths / 100)} mm`);
const lengths: fc.Arbitrary<PartTyped['blank']> = fc.oneof(
  mm(1, 300).map((length) => ({ rule: 'straight', length }) as const),
  mm(2, 60).map((inside) => ({ rule: 'jump-ring', inside }) as const),
  fc.record({ rule: fc.constant('bangle' as const), inside: mm(40, 70), opening: mm(0, 30) }),
  fc.record({ rule: fc.constant('balled' as const), length: mm(5, 60), ball: mm(1, 4), ends: fc.constant('2') }),
);
const outlines: fc.Arbitrary<PartTyped['blank']> = fc.oneof(
  mm(1, 80).map((diameter) => ({ rule: 'disc', diameter }) as const),
  fc.record({ rule: fc.constant('rectangle' as const), width: mm(1, 60), length: mm(1, 60) }),
  fc.record({ rule: fc.constant('oval' as const), width: mm(1, 60), length: mm(1, 60) }),
  fc.record({ rule: fc.constant('washer' as const), outside: mm(20, 60), inside: mm(1, 19) }),
  fc.record({
    rule: fc.constant('pressed' as const),
    width: mm(5, 40),
    length: mm(5, 40),
    depth: mm(1, 2),
    excess: mm(0, 6),
  }),
);
const losses = { trim: mm(0, 5), kerf: mm(0, 1), scrap: fc.constantFrom('clean', 'soldered', 'filings') } as const;

describe('conservation of metal: gross = net + scrap + kerf', () => {
  const keeps = (section: PartTyped['section'], blank: PartTyped['blank'], more: Partial<PartTyped>) => {
    const part = partSchema.parse({
      id: 'p',
      name: '',
      alloy: 'silver-925',
      section,
      blank,
      count: '3',
      trim: '',
      ...more,
    });
    const { net, gross, scrap } = computePart(part, alloys, 2);
    if (!net || !gross) throw new Error('It was not weighed.');
    const all = net.value + sum(Object.values(scrap));
    return Math.abs(gross.value / all - 1) < 1e-9 && Object.values(scrap).every(({ value }) => value > 0);
  };

  test('holds for any length', () => {
    fc.assert(
      fc.property(mm(1, 6), lengths, fc.record(losses), (diameter, blank, more) =>
        keeps({ form: 'round', diameter }, blank, more),
      ),
    );
  });

  test('holds for any outline, drilled or not', () => {
    fc.assert(
      fc.property(
        mm(1, 3),
        outlines,
        fc.record({ ...losses, hole: fc.constantFrom('', '0.8 mm') }),
        (thickness, blank, more) => keeps({ form: 'sheet', thickness }, blank, more),
      ),
    );
  });
});

describe('solder against its geometry', () => {
  const grams = (form: Join['form'], amount: string, snippet = '') => {
    const piece = pieceSchema.parse({
      ...recipes[1]?.piece,
      snippet,
      joins: [
        { id: 'j', name: 'j', kind: 'solder', parts: ['rings'], solder: 'silver-medium', form, amount, count: '3' },
      ],
    });
    return computeRecipe(piece, alloys).joins[0]?.grams?.value;
  };
  const density = solderById.get('silver-medium')?.densityGPerCm3 ?? NaN;

  test('pallions of 1.25 × 1 × 0.25 mm, two at each of three joints (common practice)', () => {
    expect(grams('snippets', '2')).toBeCloseTo((3 * 2 * 1.25 * 1 * 0.25 * density) / 1000, 9);
  });

  test('pallions have the size the maker enters', () => {
    expect(grams('snippets', '1', '1.5 x 0.8 x 0.3 mm')).toBeCloseTo((3 * 1.5 * 0.8 * 0.3 * density) / 1000, 9);
  });

  test('a strip runs along 40 mm of seam', () => {
    expect(grams('seam', '40 mm')).toBeCloseTo((3 * 40 * 1 * 0.25 * density) / 1000, 9);
  });

  test('pallions along a seam stand 3 mm apart, one at each end', () => {
    // 20 mm: 7 gaps, 8 pallions.
    expect(grams('seam-snippets', '20 mm')).toBeCloseTo(grams('snippets', '8') ?? NaN, 9);
    expect(grams('seam-snippets', '2 mm')).toBeCloseTo(grams('snippets', '2') ?? NaN, 9);
  });

  test('a dot of paste may have its diameter: it weighs with its cube', () => {
    expect((grams('beads', '3 x 1 mm') ?? NaN) / (grams('beads', '3') ?? NaN)).toBeCloseTo(1 / 8, 9);
  });

  test('beads of paste are spheres, about one third metal', () => {
    const whole = (3 * 2 * (Math.PI / 6) * 8 * density) / 1000;
    expect((grams('beads', '2') ?? NaN) / whole).toBeCloseTo(0.356, 3);
  });

  test('a film of a tenth of a millimetre fills the gap between two faces (common practice)', () => {
    expect(grams('sweat', '12 x 8 mm')).toBeCloseTo((3 * 96 * 0.1 * density) / 1000, 9);
  });
});
