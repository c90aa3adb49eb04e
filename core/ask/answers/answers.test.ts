// Each answer called on its own, against a sum by hand. Wire gauges by the formula of ASTM B258; densities of the alloy
// table: sterling silver 10.36, fine silver 10.49, copper 8.89 g/cm³.
import { describe, expect, test } from 'vitest';
import { alloysWith } from '../../metal/alloy.ts';
import { questionOf } from '../interpret-terms.ts';
import { isLength, isPlain, lentUnits } from '../lent-units.ts';
import { meltQuestion } from '../melt-question.ts';
import { takenPart, typedSize } from '../part.ts';
import type { TopicAnswer } from '../question.ts';
import { Slots } from '../slots.ts';
import { bangleAnswer } from './bangles.ts';
import { hingeAnswer, twistAnswer, wrapAnswer } from './bends.ts';
import { bezelAnswer, ringsAroundAnswer } from './bezels.ts';
import { chainAnswer } from './chains.ts';
import { identifyAnswer } from './identify.ts';
import { jumpRingAnswer } from './jump-rings.ts';
import { conversionAnswer, gaugeAnswer, isBareMeasure, onlyGauge } from './measures.ts';
import { meltAnswer } from './melts.ts';
import { densityAnswer, finenessAnswer, finenessOrKarat, meltingAnswer } from './metals.ts';
import { ringAnswer } from './rings.ts';
import { massOf, roundPart } from './round-wire.ts';
import { discAnswer, stockAnswer, stripByMassAnswer } from './stock.ts';
import { ballAnswer, domeAnswer, granuleAnswer } from './volumes.ts';
import { workAnswer } from './work.ts';

const basis = { alloys: alloysWith([]), fix: null };
const slotsOf = (line: string) => new Slots(questionOf(line, basis));
/** The first figure with a unit. */
const value = (answer: TopicAnswer | null, unit: string) =>
  answer?.figures.find((figure) => figure.unit === unit)?.value;
const perB258 = (gauge: number) => 0.127 * 92 ** ((36 - gauge) / 39);

describe('lengths', () => {
  test.each([
    ['bangle 65 mm inside 3 mm', bangleAnswer, Math.PI * (65 + 3)],
    ['wrap 10 turns 4 mm core 1 mm wire', wrapAnswer, 10 * Math.PI * (4 + 1)],
    ['jump ring 5 mm inside 1 mm wire', jumpRingAnswer, Math.hypot(Math.PI * (5 + 1), 1)],
    ['ring 17 mm inside 1.5 mm wire', ringAnswer, Math.PI * (17 + 1.5)],
  ] as const)('%s', (line, answer, mm) => {
    const lengths = answer(slotsOf(line))
      .figures.filter(({ unit }) => unit === 'mm')
      .map((figure) => figure.value);
    expect(lengths.some((length) => Math.abs(length - mm) < 1e-6)).toBe(true);
  });

  test('an oval bezel is as long as the ellipse through the middle of its strip', () => {
    const answer = bezelAnswer(slotsOf('bezel round 10 mm 0.4 mm strip'));
    expect(value(answer, 'mm')).toBeCloseTo(Math.PI * (10 + 0.4), 6);
  });

  test('rings as a bezel stand side by side round the stone', () => {
    // 84 mm girth, rings of 6 + 2 × 0.8 mm across: 11 and a rest.
    const answer = ringsAroundAnswer(slotsOf('jump rings as a bezel 84 mm girth 6 mm inside 0.8 mm wire'));
    expect(answer?.figures.map((figure) => figure.value)).toContain(11);
  });

  test('a hinge of 15 mm in five knuckles has inner knuckles of 3 mm', () => {
    const answer = hingeAnswer(slotsOf('hinge 15 mm wide 5 knuckles 1.2 mm pin'));
    expect(answer.figures.map((figure) => Math.round(figure.value * 1000) / 1000)).toContain(3);
  });

  test('a chain of links loses two thicknesses at each link', () => {
    const answer = chainAnswer(slotsOf('chain 10 jump rings 6 mm inside 1 mm wire'));
    // 10 × 6 + 2 × 1 mm from end to end.
    expect(answer.figures.some((figure) => Math.abs(figure.value - 62) < 1e-6)).toBe(true);
  });

  test('each strand of a twist is longer by its slope', () => {
    // √(1 + (π × 1 × 0.3)²) × 100 mm, for 3 turns in a centimetre.
    const answer = twistAnswer(slotsOf('twist 2 strands 1 mm wire 100 mm long 3 turns per cm'));
    expect(value(answer, 'mm')).toBeCloseTo(100 * Math.sqrt(1 + (Math.PI * 0.3) ** 2), 6);
  });
});

describe('gauges and units', () => {
  test.each([18, 20, 24])('%d gauge B&S is as thick as the formula says', (gauge) => {
    const answer = gaugeAnswer(slotsOf(`${String(gauge)} gauge in mm`));
    expect(value(answer, 'mm')).toBeCloseTo(perB258(gauge), 3);
  });

  test('an ounce troy is 31.1034768 g, and an inch 25.4 mm', () => {
    expect(value(conversionAnswer(slotsOf('1 ozt in g')), 'g')).toBeCloseTo(31.1034768, 7);
    expect(value(conversionAnswer(slotsOf('2 in in mm')), 'mm')).toBeCloseTo(50.8, 9);
  });

  test('a bare measure and a bare gauge are told apart', () => {
    expect(isBareMeasure(questionOf('12 mm', basis))).toBe(true);
    expect(isBareMeasure(questionOf('12 mm sterling', basis))).toBe(false);
    expect(onlyGauge(questionOf('18 ga', basis).sizes)).toBe(true);
    expect(onlyGauge(questionOf('1 mm', basis).sizes)).toBe(false);
  });

  test('a number without a unit borrows that of its neighbour', () => {
    // The second 2 of 4 x 2 mm is a length as the first is.
    const { sizes } = questionOf('rectangle 4 x 2 mm copper', basis);
    expect(sizes.map((size) => size.mm)).toEqual([4, 2]);
    expect(lentUnits([]).size).toBe(0);
    expect([isPlain, isLength].every((test_) => typeof test_ === 'function')).toBe(true);
  });
});

describe('weights', () => {
  test('wire and sheet weigh volume times density', () => {
    expect(value(stockAnswer(slotsOf('round 2 mm sterling 100 mm')), 'g')).toBeCloseTo(
      (Math.PI * 100 * 10.36) / 1000,
      6,
    );
    expect(value(discAnswer(slotsOf('disc 20 mm 1 mm copper')), 'g')).toBeCloseTo((Math.PI * 100 * 1 * 8.89) / 1000, 2);
  });

  test('a strip sold by its weight per length weighs that share of it', () => {
    // 150 mm of 3.1 g per 100 mm.
    expect(value(stripByMassAnswer(slotsOf('150 mm of strip 3.1 g per 100 mm')), 'g')).toBeCloseTo(4.65, 9);
    expect(stripByMassAnswer(slotsOf('round 2 mm sterling 100 mm'))).toBeNull();
  });

  test('wire that weighs 0.33725 g in 100 mm of sterling is 22 gauge', () => {
    // π/4 × 0.6438² × 100 × 10.36 ÷ 1000.
    const [first] = identifyAnswer(slotsOf('what is 0.33725 g per 100 mm sterling')).figures;
    expect(first?.label).toContain('22 ga');
    expect(Math.abs(first?.from[0]?.value ?? 1)).toBeLessThan(0.01);
  });

  test('the likelihoods of what fits follow from normal errors', () => {
    // Weighed in water: density 10.315 ± √(1.2 %² + (0.01 ÷ 1.2)²). The two nearest alloys of the book are 10.3 and 10.35.
    const figures = identifyAnswer(slotsOf('what is 12.4 g in air, 11.2 g in water')).figures;
    const share = (name: string) => figures.find(({ label }) => label.startsWith(name))?.value ?? NaN;
    const density = (12.4 * 0.998206 - 11.2 * 0.0012) / 1.2;
    const sd = density * Math.hypot(0.012, 0.01 / 1.2);
    const odds = (a: number, b: number) => Math.exp((((density - b) / sd) ** 2 - ((density - a) / sd) ** 2) / 2);
    expect(share('935') / share('Fine silver')).toBeCloseTo(odds(10.3, 10.49), 2);
    expect(figures.reduce((sum, { value: percent }) => sum + percent, 0)).toBeCloseTo(100, 0);
  });

  test('a caliper size tells alloys of one weight apart', () => {
    // 1.2 mm sterling, 11.717 g a metre; palladium of 1.115 mm and copper of 1.295 mm weigh the same.
    const names = (line: string) => identifyAnswer(slotsOf(line)).figures.map(({ label }) => label);
    expect(names('what is 11.717 g per m').some((name) => name.startsWith('Copper'))).toBe(true);
    expect(names('what is 11.717 g per m, 1.2 mm diameter').some((name) => name.startsWith('Copper'))).toBe(false);
  });

  test('a ball takes up the wire that holds its volume', () => {
    // 2 D³ ÷ (3 d²).
    expect(value(ballAnswer(slotsOf('ball 2 mm on 0.8 mm wire')), 'mm')).toBeCloseTo((2 * 8) / (3 * 0.64), 6);
    expect(value(granuleAnswer(slotsOf('granule 1 mm from 0.5 mm wire')), 'mm')).toBeCloseTo((2 * 1) / (3 * 0.25), 6);
  });

  test('a hemisphere of 20 mm is domed from a disc of 28.28 mm, and worked wire keeps its volume', () => {
    expect(value(domeAnswer(slotsOf('dome 20 mm across 10 mm high')), 'mm')).toBeCloseTo(20 * Math.SQRT2, 3);
    const drawn = workAnswer(slotsOf('draw 2 mm round to 1 mm 100 mm'));
    expect(
      drawn.figures.some((figure) => Math.abs(figure.value - 400) < 1e-6 || Math.abs(figure.value - 25) < 1e-6),
    ).toBe(true);
  });
});

describe('metals', () => {
  test('18 carat is 750 fine, and fine silver is 999', () => {
    expect(finenessOrKarat(slotsOf('18k gold fineness')).figures.map((figure) => figure.value)).toContain(750);
    expect(finenessAnswer(slotsOf('fine silver'))?.figures.map((figure) => figure.value)).toContain(999);
  });

  test('fine silver is alloyed down to sterling with copper', () => {
    // 100 g × (0.999 ÷ 0.925 − 1).
    const slots = slotsOf('100 g fine silver to sterling');
    const asked = meltQuestion(slots.question);
    const answer = asked && meltAnswer(slots, asked);
    expect(answer?.figures.some((figure) => Math.abs(figure.value - 8) < 0.15)).toBe(true);
  });

  test('density and melting range are those of the table', () => {
    expect(densityAnswer(slotsOf('density of sterling')).figures[0]?.value).toBe(10.36);
    expect(meltingAnswer(slotsOf('melting point of sterling')).figures.map((figure) => figure.value)).toContain(893);
  });
});

test('an answer becomes a part with its size as typed', () => {
  const slots = slotsOf('round 2 mm sterling 100 mm');
  const answer = stockAnswer(slots);
  expect(answer.part).toMatchObject({ alloy: 'silver-925', section: { form: 'round' } });
  expect([takenPart, typedSize, massOf, roundPart].every((made) => typeof made === 'function')).toBe(true);
});

describe('from a blank back', () => {
  test('wire cut off melts to a ball or a granule of its volume', () => {
    const mm = Math.cbrt(1.5 * perB258(20) ** 2 * 6);
    expect(value(ballAnswer(slotsOf('ball from 6 mm of 20 ga')), 'mm')).toBeCloseTo(mm, 9);
    expect(value(granuleAnswer(slotsOf('granule from 6 mm of 20 ga')), 'mm')).toBeCloseTo(mm, 9);
    expect(value(ballAnswer(slotsOf('ball from 8 mm of 1 mm wire')), 'mm')).toBeCloseTo(Math.cbrt(12), 9);
  });

  test('a length of stock closes to a ring', () => {
    const inside = value(ringAnswer(slotsOf('58 mm of 2 mm platinum ring')), 'mm');
    expect(inside).toBeCloseTo(58 / Math.PI - 2, 9);
  });

  test('a measured sample gives the links and the mass of a chain', () => {
    // 51 mm / 12 links = 4.25 mm a link; 450 / 4.25 = 105.9, so 106 links of 6.4 / 12 g.
    const answer = chainAnswer(slotsOf('chain 450 mm from a sample of 12 links, 51 mm, 6.4 g'));
    expect(answer.figures[0]?.value).toBe(106);
    expect(value(answer, 'g')).toBeCloseTo((6.4 / 12) * 106, 9);
    expect(() => chainAnswer(slotsOf('chain 450 mm from a sample of 51 mm'))).toThrow(/links/);
  });

  test('a mandrel gives the length of a link', () => {
    const { figures } = chainAnswer(slotsOf('link on a 6 mm mandrel, 1 mm wire'));
    expect(figures.map((figure) => figure.value)).toEqual([8, 6]);
  });

  test('a forged bangle starts from a bar of its volume', () => {
    const answer = bangleAnswer(slotsOf('forged bangle 62 mm inside 5 x 2.5 mm from 4 mm round'));
    expect(value(answer, 'mm')).toBeCloseTo((Math.PI * 64.5 * 12.5) / (Math.PI * 4), 6);
    const square = bangleAnswer(slotsOf('forged bangle 62 mm inside 5 x 2.5 mm from 4 mm square'));
    expect(value(square, 'mm')).toBeCloseTo((Math.PI * 64.5 * 12.5) / 16, 6);
  });

  test('a ring of 61 mm, 1.8 mm thick, is 61 ÷ π − 1.8 inside', () => {
    expect(value(ringAnswer(slotsOf('ring from a 61 mm blank, 1.8 mm thick')), 'mm')).toBeCloseTo(
      61 / Math.PI - 1.8,
      9,
    );
  });

  test('a blank too short for its thickness is refused in a sentence', () => {
    expect(() => ringAnswer(slotsOf('ring from a 5 mm blank, 1.8 mm thick'))).toThrow(/too short/);
  });
});
