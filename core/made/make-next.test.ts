import { describe, expect, it } from 'vitest';
import { normalQuantile } from '../measure/distributions.ts';
import { type DesignStanding, makeNext, packingList } from './make-next.ts';
import { chanceThatPays, criticalRatio } from './newsvendor.ts';
import { sizeShares } from './size-shares.ts';
import { stretches } from './stretch.ts';

describe('newsvendor', () => {
  // Nahmias, Production and Operations Analysis, the newsstand example: bought at 0.25, sold at 0.75, returned at 0.10,
  // demand normal with mean 11.73 and deviation 4.74: ratio 0.77, order 15 (from memory, checked by hand).
  it('the critical ratio and the order of the textbook newsstand', () => {
    const ratio = criticalRatio(0.75 - 0.25, 0.25 - 0.1);
    expect(ratio).toBeCloseTo(0.7692, 4);
    expect(11.73 + normalQuantile(ratio) * 4.74).toBeCloseTo(15.22, 1);
  });

  it('a sale that leaves nothing is not worth stock', () => {
    expect(criticalRatio(0, 10)).toBe(0);
    expect(criticalRatio(-5, 10)).toBe(0);
  });

  it('counts money, room and lost labour as cost of a piece left over', () => {
    const chance = chanceThatPays({ left: 30, cost: 20, weeks: 26, yearlyRate: 0.08, lostShare: 0.5 });
    expect(chance.value).toBeCloseTo(30 / (30 + 20 * (0.04 + 0.5)), 10);
  });
});

describe('sizeShares', () => {
  it('without own sales follows the other designs', () => {
    const shares = sizeShares(['6', '7', '8'], [0, 0, 0], new Map([['7', 30], ['6', 10], ['8', 10]])); // prettier-ignore
    expect(shares.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 12);
    expect(shares[1]).toBeCloseTo(30.5 / 51.5, 10);
  });

  it('many own sales outweigh the others', () => {
    const shares = sizeShares(['6', '7'], [900, 100], new Map([['7', 500]]));
    expect(shares[0]).toBeGreaterThan(0.88);
  });
});

describe('stretches', () => {
  const sizes = (...held: number[]) => held.map((count, at) => ({ name: String(at + 5), held: count }));
  it('a missing size comes from one that is up to two sizes smaller, and one stays', () => {
    expect(stretches(sizes(2, 0))).toEqual([{ missing: '6', from: '5', sizes: 1 }]);
    expect(stretches(sizes(2, 1, 0))).toEqual([{ missing: '7', from: '5', sizes: 2 }]);
    expect(stretches(sizes(1, 0))).toEqual([]);
    expect(stretches(sizes(3, 1, 1, 0))).toEqual([]);
  });
});

const design = (more: Partial<DesignStanding>): DesignStanding => ({
  pieceId: 'a', name: 'A', sizes: [{ id: '', name: '', sold: 20, held: 0, onTheWay: 0 }],
  weeks: Array.from({ length: 40 }, (_, ago) => ({ ago, sold: ago % 2, there: 1 })),
  leftMinor: 3000, costMinor: 1500, labourMinor: 1000, minutesEach: 30, load: 1, leadDays: 7, canBeStretched: false, ...more,
}); // prettier-ignore
const terms = { weeks: 5, chance: 0.9, yearlyRate: 0.08 };

describe('makeNext', () => {
  it('what is there and on the way is not made again', () => {
    const [none] = makeNext([design({})], terms);
    const [some] = makeNext([design({ sizes: [{ id: '', name: '', sold: 20, held: 1, onTheWay: 1 }] })], terms);
    expect((none?.toMake ?? 0) - (some?.toMake ?? 0)).toBe(2);
    expect(none?.sizes[0]?.chanceOfRunningOut).toBeGreaterThan(0.85);
  });

  it('more sureness is more pieces', () => {
    const at = (chance: number) => makeNext([design({})], { ...terms, chance })[0]?.toMake ?? 0;
    expect(at(0.95)).toBeGreaterThan(at(0.5));
  });

  it('a load that is more than half full is filled with the size that runs out soonest', () => {
    const wanted = makeNext([design({})], terms)[0]?.toMake ?? 0;
    const [filled] = makeNext([design({ load: wanted + 1 })], terms);
    expect(filled?.toMake).toBe(wanted + 1);
    expect(filled?.filledUp).toBe(1);
    const [left] = makeNext([design({ load: 4 * wanted })], terms);
    expect(left?.filledUp).toBe(0);
  });

  it('what runs out comes before what lasts', () => {
    const lasts = design({ pieceId: 'b', name: 'B', sizes: [{ id: '', name: '', sold: 20, held: 90, onTheWay: 0 }] });
    expect(makeNext([lasts, design({})], terms).map((plan) => plan.design.pieceId)).toEqual(['a', 'b']);
  });
});

describe('packingList', () => {
  it('brings every size, takes what is there, and makes the rest', () => {
    const sizes = ['s', 'm', 'l'].map((id, at) => ({ id, name: id, sold: [2, 30, 2][at] ?? 0, held: 0, onTheWay: 0 }));
    const lines = packingList([design({ sizes })], new Map([['a', 10]]), new Map([['a m', 3], ['a s', 9]])); // prettier-ignore
    expect(lines.reduce((sum, { bring }) => sum + bring, 0)).toBe(10);
    expect(lines.every(({ bring }) => bring >= 1)).toBe(true);
    expect(lines.every(({ bring, take, make }) => take + make === bring)).toBe(true);
    expect(lines.find(({ size }) => size === 'm')).toMatchObject({ take: 3 });
  });
});
