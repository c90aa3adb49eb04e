// The line sheet for a shop: every piece and size with its prices, none split between two pages.
import { execFileSync } from 'node:child_process';
import { expect, test } from 'vitest';
import type { LineSheetItem } from '../../core/price/book/line-sheet.ts';
import { lineSheetPdf, type LineSheetTerms } from './line-sheet.ts';

const about: LineSheetTerms = {
  from: { name: 'Test bench', address: '', contact: '', logo: null },
  paper: 'A4',
  currency: 'GBP',
  on: '2026-03-02',
  terms: ['Least order 150.00.', 'From 6 of a kind, 5 % less.'],
  photo: () => {
    throw new Error('None has a picture.');
  },
};
const item = (more: Partial<LineSheetItem> = {}): LineSheetItem => ({
  code: 'TF-7',
  name: 'Tide fork',
  metals: 'Cartridge brass',
  collection: '',
  photo: '',
  blanks: [{ isRound: false, widthMm: 220, heightMm: 3.2 }],
  soldBy: 'one',
  sizes: [{ name: '', grams: 14.2, wholesale: 4200, retail: 9200 }],
  ...more,
});

async function pages(items: readonly LineSheetItem[], terms = about): Promise<string[]> {
  const pdf = await lineSheetPdf(items, terms);
  const text = execFileSync('pdftotext', ['-layout', '-', '-'], { input: pdf, encoding: 'utf8' });
  return text.split('\f').map((page) => page.replace(/[ \t]+/g, ' '));
}

test('the head names the studio, the date and the terms', async () => {
  const [page = ''] = await pages([item()]);
  expect(page).toMatch(/Test bench\s+Line sheet\s+2 Mar 2026\. Prices in GBP, wholesale without tax\./);
  expect(page).toContain('Least order 150.00.');
  expect(page).toContain('From 6 of a kind, 5 % less.');
});

test('each size has a line with its weight, wholesale and retail, and a pair is sold as one', async () => {
  const sizes = [
    { name: 'short', grams: 12, wholesale: 3900, retail: 8600 },
    { name: 'long', grams: 15.25, wholesale: 123_450, retail: 246_900 },
  ];
  const [page = ''] = await pages([item({ sizes }), item({ name: 'Squall cufflinks', soldBy: 'pair' })]);
  expect(page).toContain('TF-7 Cartridge brass');
  expect(page).toMatch(/short, 12\.00 g 39\.00 86\.00/);
  expect(page).toMatch(/long, 15\.25 g 1,234\.50 2,469\.00/);
  expect(page).toMatch(/a pair, 14\.20 g 42\.00 92\.00/);
});

test('a currency without minor units shows none', async () => {
  const [page = ''] = await pages([item()], { ...about, currency: 'JPY' });
  expect(page).toMatch(/14\.20 g 4,200 9,200/);
});

test('sixty pieces fill several pages, each once and whole', async () => {
  const items = Array.from({ length: 60 }, (_, index) =>
    item({ name: `Piece ${String(index)}.`, code: `P-${String(index)}.` }),
  );
  const all = await pages(items);
  expect(all.length).toBeGreaterThan(3);
  for (const { name, code } of items) {
    const on = all.filter((page) => page.includes(name));
    expect(on).toHaveLength(1);
    // Name, code and prices on one page.
    expect(on[0]).toContain(code);
  }
  const prices = all.join('').match(/14\.20 g 42\.00 92\.00/g);
  expect(prices).toHaveLength(60);
});
