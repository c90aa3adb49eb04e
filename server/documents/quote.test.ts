// The quote as the customer reads it: its figures, its number, and no page of its own for the last lines.
import { execFileSync } from 'node:child_process';
import sharp from 'sharp';
import { afterEach, expect, test } from 'vitest';
import { given } from '../../core/figure/figure.ts';
import { setStudioFormat } from '../../core/format/studio-format.ts';
import { workshopRates } from '../../core/price/fixtures/workshop.ts';
import { countQuote, emptyQuote, newQuoteLine, type Quote } from '../../core/price/quote/quote.ts';
import { quotePaper } from '../../core/price/quote/quote-paper.ts';
import { quotePdf } from './quote.ts';

afterEach(() => setStudioFormat('GB'));

const studio = {
  name: 'Łódź & Żuraw',
  address: '3 Slip Lane\nCobble Harbour',
  contact: 'bench@example.org',
  logo: null,
};
const terms = 'Work starts when the deposit has arrived.';
const item = (id: string, what: string, count: string, price: string) => ({ ...newQuoteLine(id), what, count, price });
const quote: Quote = {
  ...emptyQuote,
  number: '2026-007',
  customer: 'Ms Őry',
  what: 'A pair of shawl pins',
  lines: [item('1', 'Shawl pin with a heron', '2', '1,140.25')],
  deposit: '40 %',
  expires: '2026-12-20',
  due: '2027-01-30',
  metalFixedUntil: '2026-12-10',
};
const { tax } = workshopRates.selling.rule;

const paperOf = (of: Quote, how: typeof tax.how = 'none', rate = 0, revision = 1) =>
  quotePaper(
    of,
    countQuote(of, 'GBP', () => null, { ...tax, how, rate: given('tax', rate, '', '') }),
    {
      currency: 'GBP',
      tax: { ...tax, how, rate: given('tax', rate, '', '') },
      on: '2026-11-29',
      revision,
      id: 'abcdef12',
      pieceOf: () => '',
    },
  );

async function printed(of: Quote, how?: typeof tax.how, rate?: number): Promise<string> {
  const pdf = await quotePdf(paperOf(of, how, rate), studio, terms, 'A4');
  const text = execFileSync('pdftotext', ['-layout', '-', '-'], { input: pdf, encoding: 'utf8' });
  return text.replace(/[ \t\u00a0]+/g, ' ');
}

test('a quote says who, what, how much, deposit and balance, in the format of the country', async () => {
  const text = await printed(quote);
  for (const line of ['Łódź & Żuraw', '3 Slip Lane', 'Quote 2026-007', 'Ms Őry', '20 Dec 2026', '30 Jan 2027'])
    expect(text).toContain(line);
  // 2 × 1,140.25; 40 % of it, and the rest.
  expect(text).toMatch(/Shawl pin with a heron 2 £1,140\.25 £2,280\.50/);
  expect(text).toMatch(/Total £2,280\.50/);
  expect(text).toMatch(/Deposit \(40 %\) £912\.20/);
  expect(text).toMatch(/Balance due on completion £1,368\.30/);
  expect(text).toContain('The metal price is held until 10 Dec 2026.');
  expect(text).toContain('Work starts when the deposit has arrived.');
  expect(text).toMatch(/1 ?\/ ?1/);
});

test('what is zero or internal is not printed', async () => {
  const text = await printed({ ...quote, deposit: '', least: '10', metalFixedUntil: '' });
  for (const word of ['Deposit', 'Minimum', '0.00', 'Credit', 'metal price']) expect(text).not.toContain(word);
});

test('tax is shown as the studio charges it', () => {
  const included = paperOf(quote, 'included', 0.2).sums;
  expect(included).toContainEqual(['of which VAT 20 %', '£380.08']);
  // 2,280.50 + 20 % = 2,736.60; the deposit is 40 % of what is paid.
  const onTop = new Map(paperOf(quote, 'on-top', 0.2).sums);
  expect(onTop.get('Total to pay')).toBe('£2,736.60');
  expect(onTop.get('Deposit (40 %)')).toBe('£1,094.64');
  expect(onTop.get('Balance due on completion')).toBe('£1,641.96');
  setStudioFormat('US');
  expect(paperOf(quote, 'included', 0.2).sums[1]?.[0]).toBe('of which Sales tax 20 %');
});

test('a later version keeps the number and adds a letter', () => {
  expect(paperOf(quote).title).toBe('Quote 2026-007');
  expect(paperOf(quote, 'none', 0, 2).title).toBe('Quote 2026-007 B');
  expect(paperOf({ ...quote, number: '' }).title).toBe('Quote ABCDEF');
});

test('the logo stands in the letterhead', async () => {
  const logo = await sharp({ create: { width: 300, height: 90, channels: 3, background: '#123456' } })
    .jpeg()
    .toBuffer();
  const pdf = await quotePdf(paperOf(quote), { ...studio, logo }, terms, 'A4');
  const list = execFileSync('pdfimages', ['-list', '-'], { input: pdf, encoding: 'utf8' });
  expect(list).toMatch(/^ *1 +0 image +300 +90 /m);
});

test('forty items fill their pages, and no page holds the total alone', async () => {
  const lines = Array.from({ length: 40 }, (_, index) => item(String(index), `Item ${String(index + 1)}`, '1', '10'));
  const pdf = await quotePdf(paperOf({ ...quote, lines }), studio, terms, 'A4');
  const pages = execFileSync('pdftotext', ['-layout', '-', '-'], { input: pdf, encoding: 'utf8' }).split('\f');
  const withTotal = pages.find((page) => page.includes('Total'));
  expect(withTotal).toContain('Item 40');
});
