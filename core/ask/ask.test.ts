import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { gaugeMm } from '../measure/gauge.ts';
import { gramsPer } from '../measure/mass-units.ts';
import { alloysWith } from '../metal/alloy.ts';
import type { Fix } from '../metal/fix.ts';
import { type Answer, ask, type AskBasis } from './ask.ts';
import { askExamples } from './examples.ts';
import { checkGrammar, readLine } from './grammar.ts';

const basis: AskBasis = { alloys: alloysWith([]), fix: null };
const fix: Fix = {
  id: 1,
  at: '2026-01-02T12:00:00Z',
  on: '2026-01-02',
  currency: 'GBP',
  prices: { Ag: '0.80 / g' },
  source: 'typed',
};

function answered(line: string, on: AskBasis = basis): Answer {
  const answer = ask(line, on);
  if (!answer.ok) throw new Error(`${line}: ${answer.sentence}`);
  return answer;
}
const main = (line: string) => answered(line).figures[0]?.value ?? NaN;

describe('answers against outside sources', () => {
  // ASTM B258 and the handbook density of sterling, 10.36 g/cm³: π/4 × 1.0237² × 120 × 10.36 ÷ 1000.
  test('18 gauge sterling has the diameter of ASTM B258', () => {
    expect(main('18 ga sterling round 120 mm')).toBeCloseTo((Math.PI / 4) * gaugeMm('awg', 18) ** 2 * 0.12 * 10.36, 12);
  });

  // Copper wire tables after ASTM B258 print 12.43 lb for 1000 ft of 14 gauge (from memory).
  test('1000 ft of 14 gauge copper weighs what the wire tables print', () => {
    expect(main('1000 ft of 14 ga copper') / 453.59237).toBeCloseTo(12.43, 1);
  });

  test('a ring of size 7 in 1.5 mm wire follows the published scale and π', () => {
    expect(main('ring 7 us, 1.5 mm')).toBeCloseTo(Math.PI * ((0.458 + 0.032 * 7) * 25.4 + 1.5), 9);
  });

  // 1959 agreement: a troy ounce is 31.1034768 g.
  test('troy ounces convert by their definition', () => {
    expect(main('54 g sterling in ozt')).toBeCloseTo(54 / 31.1034768, 12);
  });

  test('100 g of fine silver takes 8 g of copper to sterling (common practice)', () => {
    expect(main('100 g fine silver to sterling')).toBeCloseTo(8, 12);
  });
});

describe('word order and spelling', () => {
  const words = ['18 ga', 'sterling', 'round wire', '120 mm'];
  test('words in any order give one answer', () => {
    const expected = main(words.join(' '));
    fc.assert(
      fc.property(fc.shuffledSubarray(words, { minLength: words.length }), (shuffled) => {
        return Math.abs(main(shuffled.join(' ')) - expected) < 1e-12;
      }),
    );
  });

  test.each([
    ['2 mm aluminium round 10 cm', '2 millimeters aluminum rod 100 millimetres'],
    ['jump rings 5 mm inside 1 mm wire x 50', '50 jump rings, 1 mm wire, 5 mm ID'],
    ['18 gauge sterling 6 in', '6" of 18 gage sterling silver'],
    ['tube 6 mm od 0.5 mm wall sterling 50 mm', 'sterling tubing 50 mm long, wall 0.5 mm, 6 mm outside diameter'],
  ])('%s is %s', (one, other) => {
    expect(main(other)).toBeCloseTo(main(one), 9);
  });

  test('mass is linear in length, and the inverse question returns the length', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 5000, noNaN: true }), (mm) => {
        const length = mm.toFixed(3);
        const mass = main(`1 mm round sterling ${length} mm long`);
        const back = main(`1 mm round sterling ${mass.toFixed(12)} g`);
        return (
          Math.abs(back / Number(length) - 1) < 1e-6 &&
          Math.abs(mass / (main('1 mm round sterling 1 mm long') * Number(length)) - 1) < 1e-9
        );
      }),
      { numRuns: 40 },
    );
  });

  test.each(['dwt', 'ozt', 'grain', 'kg', 'mg'])('grams to %s and back gives the same number', (unit) => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 100_000 }), (grams) => {
        const there = main(`${String(grams)} g in ${unit}`);
        return Math.abs((there * (gramsPer(unit) ?? NaN)) / grams - 1) < 1e-9;
      }),
      { numRuns: 30 },
    );
  });
});

describe('assumptions', () => {
  test('each assumption is named, and each choice asks the question in another way', () => {
    const answer = answered('18 ga 120 mm');
    expect(answer.assumptions.map(({ says }) => says)).toEqual(['Sterling silver', 'round wire', 'B&S gauge']);
    const copper = answer.assumptions[0]?.choices.find(({ label }) => label === 'copper');
    const chosen = answered(copper?.line ?? '');
    expect(chosen.assumptions.map(({ says }) => says)).not.toContain('Sterling silver');
    expect(chosen.figures[0]?.value).toBeLessThan(answer.figures[0]?.value ?? 0);
  });

  test.each([
    'brass 1 mm 100 mm',
    'steel 1 mm round 100 mm',
    '14k 1 mm 100 mm',
    'platinum 1 mm 100 mm',
    'aluminium 1 mm 100 mm',
    'germanium silver 1 mm 100 mm',
    'silver 1 mm 100 mm',
    'bronze 1 mm 100 mm',
  ])('%s offers the alloy as a choice', (line) => {
    for (const { label, line: other } of answered(line).assumptions[0]?.choices ?? []) {
      expect(answered(other).assumptions.map(({ says }) => says)).not.toContain(label);
      const chosen = answered(other);
      expect(chosen.question.alloys.map(({ alloy }) => alloy.name)).toEqual([label]);
    }
  });

  test('unused words are named, and a similar known word is offered', () => {
    expect(ask('18 ga stirlng round 120 mm', basis)).toMatchObject({
      ok: false,
      sentence: '“stirlng” is not known. Did you mean sterling?',
      corrections: [{ word: 'stirlng', meant: 'sterling', line: '18 ga sterling round 120 mm' }],
    });
    expect(ask('18 ga sterlng round 120 mm', basis)).toMatchObject({
      ok: true,
      assumptions: [{ says: '“sterlng” as sterling' }],
    });
    const longer = ask('sterling 1 mm round 120 mm long 35 mm', basis);
    expect(longer.ok ? [] : longer.nearest[0]).toBe('sterling 1 mm round 120 mm long');
  });
});

describe('value', () => {
  test('value needs metal prices and uses them', () => {
    expect(ask('value of 20 g sterling', basis)).toMatchObject({ ok: false });
    expect(answered('value of 20 g sterling', { ...basis, fix }).figures[0]).toMatchObject({ unit: 'GBP' });
    expect(answered('value of 20 g sterling', { ...basis, fix }).figures[0]?.value).toBeCloseTo(20 * 80 * 0.925, 9);
    expect(ask('value of 20 g 14k yellow', { ...basis, fix })).toMatchObject({ ok: false });
  });
});

describe('identification by weight', () => {
  test('the wire of a weight is found again, whatever it is', () => {
    const gauges = fc.integer({ min: 10, max: 26 });
    fc.assert(
      fc.property(gauges, (gauge) => {
        const mass = main(`${String(gauge)} ga copper round 100 mm`);
        const found = answered(`what is ${mass.toFixed(5)} g per 100 mm copper`).figures[0];
        return found?.label.includes(` ${String(gauge)} ga`) === true && found.value > 60;
      }),
    );
  });
});

test('no rule of the grammar is ambiguous', () => {
  expect(checkGrammar).not.toThrow();
});

describe('random text', () => {
  // The longest time belongs in the benchmark; here only that each line gives an answer or a sentence.
  test('any text gives an answer or a sentence', () => {
    const scraps = fc.constantFrom(
      '18',
      'ga',
      'sterling',
      '(',
      ')',
      '+',
      '-',
      '/',
      '*',
      'x',
      'in',
      'mm',
      '"',
      '3/0',
      'ring',
      'to',
      '½',
      '14k',
      'per',
      'é',
      '£',
      '1e9',
      '#',
      'round',
      'c260',
      '.',
      ',',
    );
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ maxLength: 500 }),
          fc.array(scraps, { maxLength: 80 }).map((all) => all.join(' ').slice(0, 500)),
        ),
        (line) => {
          const answer = ask(line, basis);
          return answer.ok ? answer.figures.every(({ value }) => Number.isFinite(value)) : answer.sentence !== '';
        },
      ),
      { numRuns: 600 },
    );
  });

  test.each(['(3 mm', '3/0 in', '2 mm + 3 g', `${'('.repeat(30)}1${')'.repeat(30)}`, 'a'.repeat(501)])(
    '%s is refused in a sentence',
    (line) => {
      expect(ask(line, basis)).toMatchObject({ ok: false });
    },
  );

  test('terms keep the positions where they were typed', () => {
    const line = 'ring N½, 1 1/2 in × 3';
    expect(readLine('18 ga sterling').map(({ start, end }) => 'x'.repeat(end - start).length)).toEqual([5, 8]);
    expect(readLine(line).length).toBeGreaterThan(3);
  });
});

test('every example in the help has an answer', () => {
  for (const line of askExamples.filter((each) => !each.startsWith('value')))
    expect(answered(line).figures.length).toBeGreaterThan(0);
});

describe('the other reading is shown with its figure', () => {
  // π × (160 + 3) − 25; 28.349523 and 31.103477 g over π/4 × d² × 8.89; 6 × 12 mm of 20 ga.
  test.each([
    ['cuff 160 mm inside, 3 mm thick, gap 25 mm', 'the diameter', Math.PI * 163 - 25],
    ['1 oz of 18 ga copper length', 'troy', 31_103.4768 / ((Math.PI / 4) * gaugeMm('awg', 18) ** 2 * 8.89)],
    ['20 ga copper 6 x 12', 'millimetres', (72 * gaugeMm('awg', 20) * 8.89) / 1000],
  ])('%s: %s', (line, label, value) => {
    const other = answered(line).assumptions.flatMap(({ choices }) => choices.filter((one) => one.label === label));
    expect(other[0]?.figure?.value).toBeCloseTo(value, 3);
  });

  test('an ounce of a base metal is an avoirdupois ounce', () => {
    const wire = (Math.PI / 4) * gaugeMm('awg', 18) ** 2;
    expect(answered('1 oz of 18 ga copper length').figures[0]?.value).toBeCloseTo(28_349.523125 / (wire * 8.89), 3);
    expect(answered('1 oz of 18 ga sterling length').figures[0]?.value).toBeCloseTo(31_103.4768 / (wire * 10.36), 3);
  });
});
