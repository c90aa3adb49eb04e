import { describe, expect, it } from 'vitest';
import { normalQuantile } from '../measure/distributions.ts';
import { poisson, seeded } from '../measure/random.ts';
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
  channels: [{ key: 'site', name: 'site', unit: 'week', isToOrder: false, seen: Array.from({ length: 40 }, (_, ago) => ({ ago, sold: ago % 2, there: 1 })) }],
  leftMinor: 3000, costMinor: 1500, labourMinor: 1000, minutesEach: 30, load: 1, leadDays: 7, canBeStretched: false, ...more,
}); // prettier-ignore
const terms = { weeks: 5, chance: 0.9, yearlyRate: 0.08, fairDays: () => 0 };

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

describe('makeNext by channel', () => {
  const fairs = { key: 'fairs', name: 'fairs', unit: 'fair day', isToOrder: false, seen: [{ ago: 8, sold: 12, there: 2 }] } as const; // prettier-ignore
  const orders = { key: 'shops', name: 'shops', unit: 'week', isToOrder: true, seen: [{ ago: 2, sold: 40, there: 1 }] } as const; // prettier-ignore

  it('a coming fair asks for more, and no fair for nothing more', () => {
    const channels = [...design({}).channels, fairs];
    const [without, withFair] = [0, 2].map((days) => makeNext([design({ channels })], { ...terms, fairDays: () => days })[0]); // prettier-ignore
    expect(without?.toMake).toBe(makeNext([design({})], terms)[0]?.toMake);
    // Rate of a day: prior one sale in two days, then 12 in 2 days, fading: about 4.4 a day.
    const more = (withFair?.sizes[0]?.expected ?? 0) - (without?.sizes[0]?.expected ?? 0);
    expect(more).toBeGreaterThan(5);
    expect(more).toBeLessThan(12);
    expect(withFair?.toMake).toBeGreaterThan((without?.toMake ?? 0) + 5);
  });

  it('orders of shops are shown, and nothing is made for stock because of them', () => {
    const [plan] = makeNext([design({ channels: [...design({}).channels, orders] })], terms);
    expect(plan?.toMake).toBe(makeNext([design({})], terms)[0]?.toMake);
    expect(plan?.channels.map(({ key }) => key)).toEqual(['site', 'shops']);
  });

  it('the stated chance of running out is what happens over a shop, the own site and a fair', () => {
    const random = seeded(17);
    const bins = [0, 1, 2, 3].map(() => ({ stated: 0, happened: 0, count: 0 }));
    for (let studio = 0; studio < 60; studio += 1) {
      const rates = Array.from({ length: 20 }, () => [8, 12, 2].map((unit) => -Math.log(1 - random()) / unit));
      const designs = rates.map(([site = 0, cafe = 0, fair = 0], at) => {
        const weekly = (key: string, rate: number) => ({ key, name: key, unit: 'week' as const, isToOrder: false, seen: Array.from({ length: 30 }, (_, ago) => ({ ago, sold: poisson(rate, random), there: 1 })) }); // prettier-ignore
        const days = { ...fairs, seen: [6, 20].map((ago) => ({ ago, sold: poisson(2 * fair, random), there: 2 })) };
        return design({ pieceId: String(at), channels: [weekly('site', site), weekly('cafe', cafe), days], sizes: [{ id: '', name: '', sold: 5, held: Math.floor(6 * random()), onTheWay: 0 }] }); // prettier-ignore
      });
      for (const plan of makeNext(designs, { ...terms, fairDays: () => 2 })) {
        const [site = 0, cafe = 0, fair = 0] = rates[Number(plan.design.pieceId)] ?? [];
        const [size] = plan.sizes;
        const bin = bins[Math.min(3, Math.floor(4 * (size?.chanceOfRunningOut ?? 0)))];
        if (!bin || !size) continue;
        bin.stated += size.chanceOfRunningOut;
        bin.happened += poisson(plan.over * (site + cafe) + 2 * fair, random) > size.held ? 1 : 0;
        bin.count += 1;
      }
    }
    for (const { stated, happened, count } of bins.filter((bin) => bin.count > 100))
      expect(Math.abs(stated - happened) / count).toBeLessThan(0.07);
    expect(bins.filter((bin) => bin.count > 100).length).toBe(4);
  });

  it('a design that is new in a channel sells there as the other designs do', () => {
    const channel = (key: string, sold: number) => ({ key, name: key, unit: 'week' as const, isToOrder: false, seen: Array.from({ length: 30 }, (_, ago) => ({ ago, sold, there: 1 })) }); // prettier-ignore
    const fresh = { ...channel('cafe', 0), seen: [] };
    const expectedOf = (others: number) =>
      makeNext([design({ pieceId: 'n', channels: [fresh] }), design({ channels: [channel('cafe', others)] })], terms)
        .find((plan) => plan.design.pieceId === 'n')?.sizes[0]?.expected ?? 0; // prettier-ignore
    // 30 weeks fade to 20.9: 6 weeks at (1 + 2 × 20.9) ÷ (8 + 20.9).
    expect(expectedOf(2)).toBeCloseTo((6 * (1 + 2 * 20.93)) / (8 + 20.93), 1);
    expect(expectedOf(0)).toBeLessThan(0.7);
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
