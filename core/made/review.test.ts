import { describe, expect, it } from 'vitest';
import { seeded } from '../measure/random.ts';
import { made, testEntries, testItem } from './fixtures.ts';
import { lyingSince, madeBalances, madeStatements } from './made-balance.ts';
import { type MadeEntry, movePieces, type NewMadeEntry, reversedMade } from './made-entry.ts';
import { numberOfTag } from './made-item.ts';
import type { MadePlace } from './made-place.ts';
import { pricesSold } from './prices-sold.ts';
import { designReviews } from './review.ts';
import { soldLines, soldSums } from './sold-lines.ts';
import { weeksToSell } from './weeks.ts';
import { yearReview } from './year-review.ts';

const sold = (on: string, item: string, count: number, paidMinor: number, more: Partial<MadeEntry> = {}) => ({
  kind: 'sold' as const, on,
  lines: movePieces(item, count, { place: 'studio' }, { place: 'sold', amounts: { paidMinor, feeMinor: Math.round(paidMinor / 50) } }), ...more,
}); // prettier-ignore

describe('conservation', () => {
  it('made + opening + counted = held + sold + melted + given + lost, for each item at every date', () => {
    const random = seeded(7);
    for (let year = 0; year < 30; year += 1) {
      const entries: MadeEntry[] = [];
      const add = (entry: NewMadeEntry) => entries.push({ ...entry, id: entries.length + 1, at: `${entry.on}T10:00:00.000Z`, correctedBy: null }); // prettier-ignore
      const basis = { channel: '', buyer: '', customers: 1, batchId: null, why: '', corrects: null, currency: 'GBP', reference: '' }; // prettier-ignore
      for (let step = 0; step < 200; step += 1) {
        const on = `2026-${String(1 + Math.floor(step / 17)).padStart(2, '0')}-${String(1 + (step % 17)).padStart(2, '0')}`;
        const item = `i${String(Math.floor(random() * 4))}`;
        const count = 1 + Math.floor(random() * 3);
        const places: readonly MadePlace[] = ['studio', 'shop/a', 'fair/f', 'loan/m'];
        const there = madeBalances(entries).filter((one) => one.item === item && places.includes(one.place) && one.count >= count); // prettier-ignore
        const from = there[Math.floor(random() * there.length)];
        const [what] = (['made', 'moved', 'sold', 'melted', 'given', 'lost', 'reversed'] as const).slice(Math.floor(random() * 7)); // prettier-ignore
        if (what === 'made' || !from) add({ ...basis, kind: 'made', on, lines: movePieces(item, count, { place: 'made' }, { place: 'studio' }) }); // prettier-ignore
        else if (what === 'moved') add({ ...basis, kind: 'moved', on, lines: movePieces(item, count, { place: from.place }, { place: places[Math.floor(random() * 4)] ?? 'studio' }) }); // prettier-ignore
        else if (what === 'reversed') {
          const last = entries.at(-1);
          if (last && last.kind !== 'reversed') add(reversedMade(last, on, ''));
        } else if (what) add({ ...basis, kind: what, on, lines: movePieces(item, count, { place: from.place }, { place: what }) }); // prettier-ignore
      }
      for (const day of ['2026-03-10', '2026-07-04', '2026-12-31'])
        for (const one of madeStatements(madeBalances(entries, day)))
          expect(one.made + one.opening + one.counted).toBe(one.held + one.sold + one.melted + one.given + one.lost);
    }
  });
});

describe('review', () => {
  const items = [testItem(1), testItem(2)];
  const known = new Map(items.map((item) => [item.id, item]));
  const entries = testEntries([
    made('2026-01-05', 'i1', 10, 20_000, 12_000, 300),
    sold('2026-02-02', 'i1', 2, 9600),
    sold('2026-03-02', 'i1', 1, 4800),
    sold('2026-03-09', 'i1', 1, 4800),
    made('2026-01-05', 'i2', 3, 3000, 2400, 90),
  ]);

  it('earned per bench hour by hand', () => {
    const [first] = designReviews({ entries, items, from: '2026-01-01', until: '2026-12-31', hourMinor: 2600 });
    // 4 sold: paid 192.00, fees 3.84, material 4 × 8.00; 156.16 for 2 hours.
    expect(first).toMatchObject({ name: 'Piece 1', made: 10, count: 4, held: 6, paidMinor: 19_200, keptMinor: 18_816 });
    expect(first?.forWorkMinor).toBeCloseTo(18_816 - 3200, 6);
    expect(first?.hours).toBeCloseTo(2, 10);
    expect(first?.perHourMinor).toBeCloseTo(7808, 6);
    expect(first?.verdict).toBe('make-again');
    expect(first?.weeksToSell).toBeCloseTo(8, 0);
  });

  it('the verdict asks for a higher price where an hour earns less than the rate', () => {
    const [first] = designReviews({ entries, items, from: '2026-01-01', until: '2026-12-31', hourMinor: 12_000 });
    expect(first?.verdict).toBe('raise-the-price');
  });

  it('the money of the year is the sum of the entries to the minor unit', () => {
    const year = yearReview({ entries, items, from: '2026-01-01', until: '2026-12-31', dueOf: () => '', more: { hours: 0, costMinor: 0 } }); // prettier-ignore
    const all = entries.flatMap(({ lines }) => lines);
    expect(year.sums.paidMinor).toBe(all.reduce((sum, { paidMinor }) => sum + paidMinor, 0));
    expect(year.sums.goneMinor).toBe(all.reduce((sum, line) => sum + line.feeMinor + line.taxMinor + line.commissionMinor, 0)); // prettier-ignore
    expect(year.pieces).toMatchObject({ made: 13, sold: 4 });
    expect(year.benchHours).toBeCloseTo(6.5, 10);
  });

  it('a refund takes the money and the piece out again', () => {
    const [, sale] = entries;
    const back = sale ? [...entries, ...testEntries([{ kind: 'refunded', on: '2026-04-01', lines: reversedMade(sale, '2026-04-01', '').lines }])] : []; // prettier-ignore
    expect(soldSums(soldLines(back, known)).paidMinor).toBe(9600);
    expect(soldSums(soldLines(back, known)).count).toBe(2);
  });

  it('promises are kept when the pieces come in by the due date', () => {
    const batches = testEntries([{ ...made('2026-01-05', 'i1', 1), batchId: 'a' }, { ...made('2026-02-05', 'i1', 1), batchId: 'b' }]); // prettier-ignore
    const year = yearReview({ entries: batches, items, from: '2026-01-01', until: '2026-12-31', dueOf: (id) => (id === 'a' ? '2026-01-05' : '2026-02-04'), more: { hours: 0, costMinor: 0 } }); // prettier-ignore
    expect([year.kept, year.promised]).toEqual([1, 2]);
  });

  it('a design is retired only when its last piece came long ago', () => {
    const came = (on: string) => testEntries([{ kind: 'opening' as const, on, lines: movePieces('i1', 2, { place: 'opening' }, { place: 'studio' }) }]); // prettier-ignore
    const verdictOf = (on: string) =>
      designReviews({ entries: came(on), items: [testItem(1)], from: '2026-01-01', until: '2026-12-31', hourMinor: 2600 })[0]?.verdict; // prettier-ignore
    expect(verdictOf('2026-11-01')).toBe('wait');
    expect(verdictOf('2025-11-01')).toBe('retire');
  });

  it('weeks to sell follow the order of making', () => {
    const story = testEntries([
      made('2026-01-01', 'i1', 1),
      made('2026-02-05', 'i1', 1),
      sold('2026-02-12', 'i1', 2, 100),
    ]);
    expect([...weeksToSell(story).values()]).toEqual([[6, 1]]);
  });

  it('what lies longest is what the first making left over', () => {
    const story = testEntries([
      made('2025-01-01', 'i1', 2),
      made('2026-05-01', 'i1', 2),
      sold('2026-05-02', 'i1', 1, 100),
    ]);
    expect(lyingSince(story, '2026-01-01')).toMatchObject([{ item: 'i1', since: '2025-01-01' }]);
    expect(lyingSince([...story, ...testEntries([sold('2026-05-03', 'i1', 1, 100)])], '2026-01-01')).toEqual([]);
  });

  it('prices are told apart with the weeks they were asked', () => {
    const lines = soldLines(testEntries([made('2026-01-01', 'i1', 9), sold('2026-01-05', 'i1', 2, 9000), sold('2026-01-26', 'i1', 1, 4500), sold('2026-02-02', 'i1', 1, 4800)]), known); // prettier-ignore
    expect(pricesSold(lines, '2026-03-02')[0]?.prices).toEqual([
      { priceMinor: 4500, sold: 3, weeks: 4 },
      { priceMinor: 4800, sold: 1, weeks: 5 },
    ]);
  });
});

describe('numberOfTag', () => {
  it.each([
    ['P17', 17],
    ['p 17', 17],
    ['http://studio:4577/made?tag=P17', 17],
    ['http://studio/made/P3', 3],
    ['THF-64', null],
    ['17', null],
  ])('%j is %j', (text, number) => {
    // prettier-ignore
    expect(numberOfTag(text)).toBe(number);
  });
});
