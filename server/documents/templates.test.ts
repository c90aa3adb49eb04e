// The rendered page, measured: ruler and card have the sizes they claim.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { expect, test } from 'vitest';
import { RULER_MM, templatesPdf } from './templates.ts';

const DPI = 300;
const mm = (px: number) => (px / DPI) * 25.4;

async function pixels(pdf: Buffer) {
  const dir = mkdtempSync(join(tmpdir(), 'noon-templates-'));
  try {
    const file = join(dir, 'page.pdf');
    writeFileSync(file, pdf);
    execFileSync('pdftoppm', ['-r', String(DPI), '-gray', '-png', '-singlefile', file, join(dir, 'page')]);
    const { data, info } = await sharp(join(dir, 'page.png')).greyscale().raw().toBuffer({ resolveWithObject: true });
    return {
      isDark: (x: number, y: number) => (data[y * info.width * info.channels + x * info.channels] ?? 255) < 128,
      ...info,
    };
  } finally {
    rmSync(dir, { recursive: true });
  }
}

/** The longest dark run along each row: the line of the ruler, and the sides of the frame. */
function runs({ isDark, width, height }: Awaited<ReturnType<typeof pixels>>): number[] {
  return Array.from({ length: height }, (_, y) => {
    let [longest, run] = [0, 0];
    for (let x = 0; x < width; x += 1) {
      run = isDark(x, y) ? run + 1 : 0;
      longest = Math.max(longest, run);
    }
    return longest;
  });
}

test.each(['A4', 'Letter'] as const)(
  'on %s the ruler is 150 mm within 0.2 mm, and the frame is a bank card',
  async (paper) => {
    const page = await pixels(await templatesPdf('Test', [{ label: 'Band, 4', kind: 'strip', lengthMm: 57.6 }], paper));
    expect(mm(page.width)).toBeCloseTo(paper === 'A4' ? 210 : 215.9, 0);
    const lengths = runs(page).map(mm);
    // The end ticks stand out by half their own line each: 0.6 points in all.
    const ruler = Math.max(...lengths) - (0.6 / 72) * 25.4;
    expect(Math.abs(ruler - RULER_MM)).toBeLessThan(0.2);
    // ISO/IEC 7810 ID-1: 85.60 mm wide; the upper and the lower side stand 53.98 mm apart.
    const sides = lengths.flatMap((length, y) => (Math.abs(length - 85.6) < 0.4 ? [y] : []));
    expect(mm((sides.at(-1) ?? 0) - (sides[0] ?? 0))).toBeCloseTo(53.98, 0);
    expect(Math.abs(mm((sides.at(-1) ?? 0) - (sides[0] ?? 0)) - 53.98)).toBeLessThan(0.4);
    expect(lengths.some((length) => Math.abs(length - 57.6) < 0.3)).toBe(true);
  },
);
