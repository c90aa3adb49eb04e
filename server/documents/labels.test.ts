// Printed labels: each where the layout puts it, to a tenth of a millimetre, and its code read by an independent
// reader.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  BarcodeFormat,
  BinaryBitmap,
  DecodeHintType,
  HybridBinarizer,
  MultiFormatReader,
  RGBLuminanceSource,
} from '@zxing/library';
import sharp from 'sharp';
import { describe, expect, test } from 'vitest';
import type { LabelLayout } from '../../contract/sheets.ts';
import { codePicture } from './barcode-image.ts';
import { labelsOf, labelsPdf } from './labels.ts';

const layout: LabelLayout = {
  columns: 3,
  rows: 8,
  widthMm: 63.5,
  heightMm: 33.9,
  leftMm: 7.2,
  topMm: 12.9,
  gapXMm: 2.5,
  gapYMm: 0.6,
  skip: 0,
  code: 'none',
};
const sizes = [
  { name: 'short', grams: 9, wholesale: 4200, retail: 9200 },
  { name: 'long', grams: 12, wholesale: 5000, retail: 11_000 },
];
const fork = { code: 'TF-7', name: 'Fork', metals: 'brass', soldBy: 'piece', sizes, photo: null, blanks: [] } as never;

interface Word {
  readonly text: string;
  readonly page: number;
  readonly xMm: number;
  readonly yMm: number;
}

/** The position of each word on its page, by poppler. */
function wordsOf(pdf: Buffer): Word[] {
  const dir = mkdtempSync(join(tmpdir(), 'noon-labels-'));
  try {
    const file = join(dir, 'labels.pdf');
    writeFileSync(file, pdf);
    execFileSync('pdftotext', ['-bbox', file, join(dir, 'words.html')]);
    const mm = (points: string | undefined) => (Number(points) / 72) * 25.4;
    return readFileSync(join(dir, 'words.html'), 'utf8')
      .split('<page ')
      .slice(1)
      .flatMap((page, index) =>
        [...page.matchAll(/<word xMin="([\d.]+)" yMin="([\d.]+)"[^>]*>([^<]+)</g)].map(([, x, y, text = '']) => {
          return { text, page: index, xMm: mm(x), yMm: mm(y) };
        }),
      );
  } finally {
    rmSync(dir, { recursive: true });
  }
}

test('there is one label for each size and copy, with its price', () => {
  const labels = labelsOf([fork], 'GBP', 2);
  expect(labels.map(({ name, price }) => [name, price])).toEqual([
    ['Fork, short', '£92.00'],
    ['Fork, short', '£92.00'],
    ['Fork, long', '£110.00'],
    ['Fork, long', '£110.00'],
  ]);
  // A currency without minor units.
  expect(labelsOf([fork], 'JPY', 1)[0]?.price).toBe('¥9,200');
});

describe('on the label sheet', () => {
  const labels = Array.from({ length: 26 }, (_, index) => ({ code: '', name: `N${String(index)}`, price: '' }));

  test('every label stands where the layout says, and the twenty-fifth starts the next sheet', async () => {
    const words = wordsOf(await labelsPdf(labels, layout, 'A4')).filter(({ text }) => text.startsWith('N'));
    expect(words).toHaveLength(26);
    const [first] = words;
    words.forEach(({ text, page, xMm, yMm }) => {
      const index = Number(text.slice(1));
      const at = index % 24;
      expect(page).toBe(Math.floor(index / 24));
      expect(xMm - first!.xMm).toBeCloseTo((at % 3) * (63.5 + 2.5), 1);
      expect(yMm - first!.yMm).toBeCloseTo(Math.floor(at / 3) * (33.9 + 0.6), 1);
    });
    // Two millimetres from the edge of its label.
    expect(first!.xMm).toBeCloseTo(7.2 + 2, 1);
  });

  test('used labels are left out', async () => {
    const [first] = wordsOf(await labelsPdf(labels.slice(0, 1), { ...layout, skip: 4 }, 'A4'));
    expect(first!.xMm).toBeCloseTo(7.2 + 66 + 2, 1);
    expect(first!.yMm).toBeGreaterThan(12.9 + 34.5);
    expect(first!.yMm).toBeLessThan(12.9 + 34.5 + 6);
  });
});

/** Reads the one code in a picture. */
async function read(picture: Buffer, format: BarcodeFormat): Promise<string> {
  const { data, info } = await sharp(picture)
    .flatten({ background: '#fff' })
    .extend({ top: 30, bottom: 30, left: 60, right: 60, background: '#fff' })
    .greyscale()
    .raw()
    .toBuffer({ resolveWithObject: true });
  const grey = new Uint8ClampedArray(info.width * info.height);
  grey.forEach((_, at) => (grey[at] = data[at * info.channels] ?? 255));
  const reader = new MultiFormatReader();
  const hints = new Map<DecodeHintType, unknown>([
    [DecodeHintType.POSSIBLE_FORMATS, [format]],
    [DecodeHintType.TRY_HARDER, true],
  ]);
  const bitmap = new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(grey, info.width, info.height)));
  return reader.decode(bitmap, hints).getText();
}

describe('codes, read by an independent reader', () => {
  test.each(['TF-7', 'BAROMETER-12', 'x'])('the bars of %s are read as its code', async (text) => {
    expect(await read(await codePicture(text, 'bars'), BarcodeFormat.CODE_128)).toBe(text);
  });

  test.each(['TF-7', 'http://192.168.0.20:4410/batches/0f8e2b7a-1c7d-4a35-9f11-2a1f7f3f9d10'])(
    'the square of %s is read as its code',
    async (text) => {
      expect(await read(await codePicture(text, 'square'), BarcodeFormat.QR_CODE)).toBe(text);
    },
  );
});
