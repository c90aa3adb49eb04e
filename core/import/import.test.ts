// Tables as makers and suppliers save them: delimiters, encodings, decimal signs, titles and other people's columns.
// Encodings by the WHATWG Encoding Standard; CSV by RFC 4180. The lists are invented.
import { describe, expect, it } from 'vitest';
import { withBreaks } from '../batch/buying/price-list-file.ts';
import { builtInAlloys } from '../metal/alloys.ts';
import { alloyNamed } from './alloy-named.ts';
import { cellsByField, guessMapping, missingFields } from './columns.ts';
import { type KnownPiece, pieceFields, readPieceRow } from './piece-rows.ts';
import { priceListFields, readPriceListRow } from './price-list-rows.ts';
import { readStockRow, stockFields } from './stock-rows.ts';
import { plainCell, readTableFile, readTableText, type TableFile } from './table-file.ts';

const alloys = new Map(builtInAlloys.map((alloy) => [alloy.id, alloy]));
const utf8 = (text: string) => new TextEncoder().encode(text);

function table(text: string): TableFile {
  const read = readTableText(text);
  if (!read) throw new Error('no table');
  return read;
}

const known = new Map<string, KnownPiece>([
  ['ebb band', { id: 'p1', name: 'Ebb band', wholesaleMinor: 3000, retailMinor: 6600 }],
]);
const basis = { alloyOf: (text: string) => alloyNamed(text, alloys), currency: 'GBP', known, usualAlloy: 'silver-925' };

function readPieces(file: TableFile) {
  const mapping = guessMapping(file, pieceFields);
  return file.rows.map((row) =>
    readPieceRow(
      cellsByField(
        row.map((cell) => plainCell(cell, file.decimal)),
        mapping,
      ),
      basis,
    ),
  );
}

describe('a table of a file', () => {
  it.each([
    ['commas', 'Name,Weight,Price\nBand,3.2,45.00\n', ',', '.'],
    ['semicolons and decimal commas', 'Name;Gewicht;Preis\nRing;3,2;45,00\nSpange;4,15;60,50', ';', ','],
    ['tabs', 'Name\tg\tprice\nBand\t3.25\t45', '\t', '.'],
    ['bars', 'Name|Weight\nBand|3.25\nPin|2.5', '|', '.'],
    ['thousands with commas', 'Name;Price\nChain;"1,234.50"', ';', '.'],
    ['cells made safe for spreadsheets', "Name,Price\n'=Pin,45.00", ',', '.'],
    ['thousands with points', 'Name;Price\nKette;1.234,50', ';', ','],
  ])('%s', (_name, text, delimiter, decimal) => {
    const read = table(text);
    expect([read.delimiter, read.decimal]).toEqual([delimiter, decimal]);
    expect(read.heads[0]).toBe('Name');
  });

  it('reads UTF-8 with its mark, UTF-16 and the one-byte letters of older spreadsheets', () => {
    const text = 'Stück;Größe\nBroschè;12';
    expect(readTableFile(utf8(`\uFEFF${text}`))).toMatchObject({ encoding: 'UTF-8', heads: ['Stück', 'Größe'] });
    const wide = new Uint8Array(2 + text.length * 2);
    wide.set([0xff, 0xfe]);
    for (const [at, letter] of Array.from(text).entries()) wide.set([letter.charCodeAt(0) & 0xff, letter.charCodeAt(0) >> 8], 2 + at * 2); // prettier-ignore
    expect(readTableFile(wide)).toMatchObject({ encoding: 'UTF-16', heads: ['Stück', 'Größe'] });
    const narrow = Uint8Array.from(text, (letter) => letter.charCodeAt(0));
    expect(readTableFile(narrow)).toMatchObject({ encoding: 'Windows-1252', rows: [['Broschè', '12']] });
  });

  it('leaves out a title above the heads, names columns without a head, and fills short rows', () => {
    const titled = table('My price list 2026\n\nName,Grams,\nPin,2.5,x\nBand');
    expect(titled.heads).toEqual(['Name', 'Grams', 'column 3']);
    expect(titled.rows).toEqual([['Pin', '2.5', 'x'], ['Band', '', '']]); // prettier-ignore
    expect(table('Pin,2.5\nBand,3.1').heads).toEqual(['column 1', 'column 2']);
  });

  it('takes the apostrophe off a cell that was made safe for spreadsheets', () => {
    expect(table("Name,Price\n'=Pin,4\n'Twas,5").rows).toEqual([['=Pin', '4'], ["'Twas", '5']]); // prettier-ignore
  });

  it('is none where nothing stands below the heads', () => {
    expect(readTableText('')).toBeNull();
    expect(readTableText('\n\n')).toBeNull();
  });

  it.each([
    ['1.234,50 €', ',', '1234.50'],
    ['£1,234.50', '.', '1234.50'],
    ['3,2', ',', '3.2'],
    ['12 %', '.', '12'],
    ['18 ga', '.', '18 ga'],
    ['−', '.', '−'],
  ] as const)('the cell %s is %s', (cell, decimal, plain) => expect(plainCell(cell, decimal)).toBe(plain));
});

describe('columns', () => {
  it.each([
    [
      ['Product', 'Silver weight (g)', 'Labour (mins)', 'Trade price', 'RRP'],
      ['name', 'weight', 'minutes', 'wholesale', 'retail'],
    ],
    [
      ['Artikel', 'Gewicht', 'Minuten', 'Verkaufspreis'],
      ['name', 'weight', 'minutes', 'retail'],
    ],
    [
      ['SKU', 'Title', 'Hours', 'Price'],
      ['note', 'name', 'hours', 'retail'],
    ],
    [
      ['Désignation', 'Poids', 'Matière', 'Prix de vente'],
      ['name', 'weight', 'metal', 'retail'],
    ],
    [
      ['Item', 'wholesle', 'Colour'],
      ['name', 'wholesale', ''],
    ],
  ])('%j', (heads, fields) => {
    expect(guessMapping({ heads, rows: [] }, pieceFields)).toEqual(fields);
  });

  it('a head that speaks of numbers does not take a column of words', () => {
    const rows = [['Band', 'by hand'], ['Pin', 'by hand']]; // prettier-ignore
    expect(guessMapping({ heads: ['Name', 'Price'], rows }, pieceFields)).toEqual(['name', '']);
  });

  it('says which fields are missing', () => {
    expect(missingFields(['price', ''], priceListFields).map(({ key }) => key)).toEqual(['item', 'name']);
  });
});

describe('a spreadsheet of pieces', () => {
  it('becomes simple pieces: metal by weight, one step, prices', () => {
    const [first, second, third] = readPieces(
      table(
        'Item,Metal,Grams,Mins,Trade,Retail\nGull pin,925,4.25,18,22.00,48.40\nBuoy studs,9ct yellow gold,1.1,25,,120\nCord,,,5,,4\n',
      ),
    );
    expect(first).toMatchObject({
      effect: 'new',
      title: 'Gull pin',
      value: { wholesaleMinor: 2200, retailMinor: 4840 },
    });
    expect(first?.value?.piece.parts[0]).toMatchObject({ alloy: 'silver-925', section: { form: 'grain' }, blank: { rule: 'weight', grams: '4.25 g' } }); // prettier-ignore
    expect(first?.value?.piece.steps[0]).toMatchObject({ name: 'Making', each: '18' });
    expect(second?.value?.piece.parts[0]?.alloy).toBe('gold-9k-yellow');
    expect(second?.value).toMatchObject({ wholesaleMinor: null, retailMinor: 12_000 });
    expect(third?.value?.piece.parts).toEqual([]);
  });

  it('sets prices of a piece that is there, once', () => {
    const [changed, same] = readPieces(table('Name,Wholesale,Retail\nEBB BAND,33,70\nEbb band,30,66'));
    expect(changed?.says).toBe('wholesale 30.00 → 33.00, retail 66.00 → 70.00');
    expect(changed).toMatchObject({ effect: 'changed', value: { id: 'p1', wholesaleMinor: 3300, retailMinor: 7000 } });
    expect(same).toMatchObject({ effect: 'same', value: null });
  });

  it('says what it cannot read', () => {
    const rows = readPieces(
      table('Name,Metal,Weight,Retail\nPin,unobtainium,2.1,9\n,silver,2.1,9\nBand,silver,2.1.1,9\nLoop,silver,,\n'),
    );
    expect(rows.map(({ effect }) => effect)).toEqual(['bad', 'bad', 'bad', 'bad']);
    expect(rows[0]?.says).toContain('unobtainium');
  });

  it('reads hours as well as minutes', () => {
    const [row] = readPieces(table('Name;Stunden;Preis\nBrosche;1,5;90,00'));
    expect(row?.value?.piece.steps[0]?.each).toBe('1.5 h');
    expect(row?.value?.retailMinor).toBe(9000);
  });
});

describe('a list of stock', () => {
  const read = (text: string) => {
    const file = table(text);
    const mapping = guessMapping(file, stockFields);
    return file.rows.map((row) => readStockRow(cellsByField(row, mapping), { alloys, currency: 'GBP' }));
  };

  it('reads sections in words, with the length in a column or in the words', () => {
    const [wire, sheet, inWords] = read(
      'Item,Length,Width,Qty,Paid\nsterling round wire 1.5 mm,1000,,3,54.30\nsterling sheet 0.8 mm,150,75,1,60\n18 ga sterling round wire 500 mm,,,2,\n',
    );
    expect(wire).toMatchObject({
      effect: 'new',
      value: { alloy: 'silver-925', length: '1000 mm', count: '3', paid: '54.30' },
    });
    expect(sheet).toMatchObject({
      effect: 'new',
      value: { section: { form: 'sheet' }, width: '75 mm', height: '150 mm' },
    });
    expect(inWords).toMatchObject({ effect: 'new', value: { length: '500 mm' } });
  });

  it('refuses what is no stock', () => {
    const [row] = read('Item,Length\na kind word,10\n');
    expect(row?.effect).toBe('bad');
  });
});

describe('a price list with other heads', () => {
  const read = (text: string, supplier = '') => {
    const file = table(text);
    const mapping = guessMapping(file, priceListFields);
    const known = [{ supplier: 'Harbour Metals', item: 'A1', name: 'Ear wires', stock: null, pack: 10, per: 'each' as const, breaks: [{ from: 1, priceMinor: 500 }], currency: 'GBP', leadDays: 2 }]; // prettier-ignore
    return file.rows.map((row) =>
      readPriceListRow(cellsByField(row, mapping), { alloys, currency: 'GBP', supplier, known }),
    );
  };

  it('takes the supplier from the file or from the maker, and says what changes', () => {
    const rows = 'SKU,Description,Pack size,Net price\nA1,Ear wires,10,5.50\nA2,Jump rings,25,3.10\n';
    expect(read(rows).map(({ effect }) => effect)).toEqual(['bad', 'bad']);
    expect(read(rows, 'Harbour Metals').map(({ effect }) => effect)).toEqual(['changed', 'new']);
    expect(read('SKU,Description,Net price,Pack size\nA1,Ear wires,5.00,10\n', 'Harbour Metals')[0]?.effect).toBe(
      'same',
    );
  });

  it('rows of one item are its price breaks', () => {
    const rows = read('Supplier,Code,Name,Min qty,Price\nX,A,Catch,1,2\nX,A,Catch,10,1.5\nX,B,Pin,1,3\n');
    const items = withBreaks(rows.flatMap(({ value }) => (value ? [value] : [])));
    expect(items.map(({ item, breaks }) => [item, breaks.map(({ from }) => from)])).toEqual([['A', [1, 10]], ['B', [1]]]); // prettier-ignore
  });
});
