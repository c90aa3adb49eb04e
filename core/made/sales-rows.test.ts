// Six invented formats of card readers and marketplaces: each is read whole, and nothing counts twice.
import { describe, expect, it } from 'vitest';
import { setStudioFormat } from '../format/studio-format.ts';
import { cellsByField, guessMapping } from '../import/columns.ts';
import { plainCell, readTableText } from '../import/table-file.ts';
import { guessDayOrder, readDayCell } from './day-cell.ts';
import { testItem } from './fixtures.ts';
import { otherCurrencies, saleFields, type SaleRow, saleRowReader } from './sales-rows.ts';

const items = [
  testItem(1, { name: 'Gull pin' }),
  testItem(2, { pieceId: 'ring', name: 'Tide ring', size: 'p', sizeName: 'P' }),
  testItem(3, { pieceId: 'ring', name: 'Tide ring', size: 't', sizeName: 'T' }),
];

function read(
  text: string,
  known: ReadonlySet<string> = new Set(),
  currency = 'GBP',
  rates: Readonly<Record<string, number>> = {},
) {
  const table = readTableText(text);
  if (!table) throw new Error('no table');
  const mapping = guessMapping(table, saleFields);
  const column = mapping.indexOf('on');
  const order = guessDayOrder(table.rows.map((row) => row[column] ?? ''));
  const reader = saleRowReader({ items, codeOf: ({ name }) => (name === 'Gull pin' ? 'GP-11' : 'TR-22'), currency, rateOf: (other) => rates[other] ?? null, order, today: '2026-12-31', known, source: 'file' }); // prettier-ignore
  return table.rows.map((row) =>
    reader(
      cellsByField(
        row.map((cell) => plainCell(cell, table.decimal)),
        mapping,
      ),
    ),
  );
}

const values = (rows: ReturnType<typeof read>) => rows.flatMap(({ value }) => value ?? []);
const short = ({ on, item, count, paidMinor, feeMinor }: SaleRow) => [on, item, count, paidMinor, feeMinor];

const formats = {
  'a card reader, ISO days': `Date,Item,Qty,Gross Sales,Fees,Transaction ID
2026-11-03T10:12:00Z,Gull pin,1,18.00,0.34,a1
2026-11-03T11:40:00Z,"Tide ring, T",1,64.00,1.22,a2`,
  'decimal comma and semicolons': `Datum;Artikel;Groesse;Menge;Betrag;Gebuehr;Bestellung
03.11.2026;Gull pin;;1;18,00;0,34;77
03.11.2026;Tide ring;T;1;64,00;1,22;78`,
  'day first with codes': `Sold on,SKU,Description,Quantity,Total,Fee,Order ID
03/11/2026,P1,pin,1,18.00,0.34,o-1
13/11/2026,P3,ring,1,64.00,1.22,o-2`,
  'month first with names of months': `Created\tTitle\tVariation\tQuantity\tItem total\tProcessing fee\tReceipt
Nov 3, 2026\tGull pin\t\t1\t18.00\t0.34\tR1
Nov 3, 2026\tTide ring\tSize T\t1\t64.00\t1.22\tR2`,
  'codes of designs, money with its sign': `paid at,product,ref,option,units,amount,fee,payment id
2026-11-03,pin of the year,GP-11,,1,£18.00,£0.34,p1
2026-11-03,band,TR-22,T,1,£64.00,£1.22,p2`,
  'two currencies': `Date,Product,Size,Quantity,Amount,Fee,Currency,Order
2026-11-03,Gull pin,,1,18.00,0.34,GBP,1
2026-11-03,Gull pin,,1,21.00,0.40,EUR,2
2026-11-03,Tide ring,T,1,64.00,1.22,GBP,3`,
};

describe('six formats of sales', () => {
  it.each(Object.entries(formats))('%s', (_name, text) => {
    setStudioFormat('GB');
    const rows = values(read(text));
    expect(rows).toHaveLength(2);
    expect(rows.map((row) => short(row).slice(1))).toEqual([
      ['i1', 1, 1800, 34],
      ['i3', 1, 6400, 122],
    ]);
    expect(rows[0]?.on).toBe('2026-11-03');
    // The same file once more adds nothing.
    const again = read(text, new Set(rows.map(({ reference }) => reference)));
    expect(values(again)).toEqual([]);
    expect(again.filter(({ effect }) => effect === 'same')).toHaveLength(2);
  });

  it('names the other currencies of a file', () => {
    expect(otherCurrencies(['GBP', 'eur', '', 'EUR', 'USD', 'pounds'], 'GBP')).toEqual(['EUR', 'USD']);
  });

  it('another currency is refused in a sentence', () => {
    const [, other] = read(formats['two currencies']);
    expect(other).toMatchObject({
      effect: 'bad',
      says: 'This sale is in EUR, the ledger in GBP. Give the exchange rate.',
    });
  });

  it('with an exchange rate it is converted, and at another rate it is the same sale', () => {
    const [, first] = values(read(formats['two currencies'], new Set(), 'GBP', { EUR: 0.86 }));
    const [, later] = values(read(formats['two currencies'], new Set(), 'GBP', { EUR: 0.9 }));
    const [, plain] = values(read(formats['two currencies'].replaceAll('EUR', 'GBP')));
    expect(first?.paidMinor).toBe(Math.round(0.86 * (plain?.paidMinor ?? 0)));
    expect(later?.reference).toBe(first?.reference);
    expect(values(read(formats['two currencies'], new Set([first?.reference ?? '']), 'GBP', { EUR: 1 }))).toHaveLength(
      2,
    );
  });

  it('a currency without minor units is converted by its digits', () => {
    // 3,000 JPY at 0.0053 are 15.90 GBP.
    const [row] = values(read('Date,Item,Amount,Currency,Order\n2026-11-03,Gull pin,3000,JPY,9', new Set(), 'GBP', { JPY: 0.0053 })); // prettier-ignore
    expect(row?.paidMinor).toBe(1590);
  });

  it('refunds by sign, by word and by brackets', () => {
    const rows = values(read(`Date,Item,Qty,Amount,Fee,Type,Order
2026-11-04,Gull pin,1,-18.00,,Payment,1
2026-11-04,Gull pin,1,18.00,,Refund,2
2026-11-04,Gull pin,2,(36.00),,Payment,3`)); // prettier-ignore
    expect(rows.map(({ count, paidMinor }) => [count, paidMinor])).toEqual([
      [-1, -1800],
      [-1, -1800],
      [-2, -3600],
    ]);
  });

  it('two equal lines of one sale are two sales; a file that has grown adds only what is new', () => {
    const first = `Date,Item,Qty,Amount,Order\n2026-11-04,Gull pin,1,18.00,9\n2026-11-04,Gull pin,1,18.00,9`;
    const known = new Set(values(read(first)).map(({ reference }) => reference));
    expect(known.size).toBe(2);
    const grown = values(read(`${first}\n2026-11-05,Gull pin,1,18.00,10`, known));
    expect(grown).toHaveLength(1);
  });

  it('a row that fits no piece, several pieces or no day says so', () => {
    const says = read(`Date,Item,Qty,Amount
2026-11-04,Heron comb,1,18.00
2026-11-04,Tide ring,1,18.00
soon,Gull pin,1,18.00
2027-02-01,Gull pin,1,18.00`).map((row) => row.says); // prettier-ignore
    expect(says).toEqual(['No finished piece has this code or name.', 'Several pieces fit. Choose a column with the code or the size.', '“soon” is no day.', 'This day is still to come.']); // prettier-ignore
  });
});

describe('amounts', () => {
  it('in brackets with a decimal comma are below zero', () => {
    setStudioFormat('GB');
    const [row] = values(read(`Datum;Artikel;Menge;Betrag;Bestellung\n03.11.2026;Gull pin;2;(36,00);5`));
    expect(row).toMatchObject({ count: -2, paidMinor: -3600 });
  });
});

describe('readDayCell', () => {
  it.each([
    ['2026-11-03 18:00', 'day-first', '2026-11-03'],
    ['3.11.26', 'day-first', '2026-11-03'],
    ['11/03/2026', 'month-first', '2026-11-03'],
    ['3 Nov 2026', 'day-first', '2026-11-03'],
    ['November 3, 2026', 'month-first', '2026-11-03'],
    ['31/02/2026', 'day-first', null],
    ['', 'day-first', null],
  ] as const)('%j, %s', (text, order, day) => {
    expect(readDayCell(text, order)).toBe(day);
  });
  it('a figure above 12 in the second place tells the order', () => {
    expect(guessDayOrder(['03/11/2026', '11/23/2026'])).toBe('month-first');
    expect(guessDayOrder(['03/11/2026', '23/11/2026'])).toBe('day-first');
  });
});
