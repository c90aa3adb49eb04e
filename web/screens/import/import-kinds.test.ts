// A table is taken for what its heads say.
import { expect, test } from 'vitest';
import { readTableText } from '../../../core/import/table-file.ts';
import { guessKind } from './import-kinds.ts';

test.each([
  ['Product,Silver weight,Minutes,RRP\nBand,3,12,40', 'pieces'],
  ['Supplier,Item,Name,Price,Pack\nHarbour,A1,Ear wires,5,10', 'priceList'],
  ['Stock,Length,Qty,Paid\nsterling round wire 1 mm,1000,2,30', 'stock'],
  ['Metal,Kind of scrap,Weight\nSterling,filings,38.2', 'jars'],
  ['Date,Item,Qty,Gross Sales,Transaction ID\n2026-03-02,Gull pin,1,18,77', 'sales'],
  ['Piece,Size,In stock,Place\nGull pin,,3,Studio', 'made'],
  ['a,b\n1,2', 'pieces'],
])('%j is %s', (text, kind) => {
  const table = readTableText(text);
  expect(table && guessKind(table)).toBe(kind);
});
