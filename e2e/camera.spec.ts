// The camera of a tablet before a printed job sheet: the page is drawn from its PDF and played to the browser as its
// camera.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import sharp from 'sharp';
import { chromiumOptions } from './chromium.ts';
import { expect, test } from './fixtures.ts';

const [WIDTH, HEIGHT] = [1280, 960];

/** A still picture as video that Chromium takes for a camera: one YUV frame, grey. */
async function videoOf(page: Buffer): Promise<Buffer> {
  const luma = await sharp(page)
    // Held at a slant, as by hand.
    .rotate(7, { background: '#777' })
    .resize(WIDTH, HEIGHT, { fit: 'cover', position: 'top' })
    .greyscale()
    .raw()
    .toBuffer();
  const chroma = Buffer.alloc((WIDTH * HEIGHT) / 2, 128);
  const head = Buffer.from(`YUV4MPEG2 W${String(WIDTH)} H${String(HEIGHT)} F10:1 Ip A1:1 C420jpeg\nFRAME\n`);
  return Buffer.concat([head, luma, chroma]);
}

test('the camera reads the code of a printed job sheet and opens its batch', async ({ demo, request }) => {
  const answer = await request.get(`${demo.url}/api/batches`);
  const batches = (await answer.json()) as { batch: { id: string; body: { due: string } } }[];
  const id = batches.toSorted((a, b) => b.batch.body.due.localeCompare(a.batch.body.due)).at(0)?.batch.id ?? '';
  const pdf = await (await request.get(`${demo.url}/api/batches/${id}/job-sheet.pdf`)).body();
  const dir = mkdtempSync(join(tmpdir(), 'noon-camera-'));
  writeFileSync(join(dir, 'sheet.pdf'), pdf);
  const drawn = execFileSync('pdftoppm', ['-r', '150', '-f', '1', '-l', '1', '-png', join(dir, 'sheet.pdf')], { maxBuffer: 1e8 }); // prettier-ignore
  writeFileSync(join(dir, 'camera.y4m'), await videoOf(drawn));
  const browser = await chromium.launch({
    ...chromiumOptions,
    args: [
      ...chromiumOptions.args,
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-video-capture=${join(dir, 'camera.y4m')}`,
    ],
  });
  const page = await browser.newPage({ hasTouch: true, viewport: { width: 820, height: 1180 } });
  await page.goto(`${demo.url}/bench`);
  await page.getByRole('button', { name: 'Isa' }).first().tap();
  await page.getByRole('button', { name: 'Camera' }).tap();
  await expect(page).toHaveURL(`${demo.url}/bench/${id}`);
  await expect(page.getByRole('list', { name: 'All steps' })).toBeVisible();
  await browser.close();
  rmSync(dir, { recursive: true });
});
