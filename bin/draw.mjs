// Draws the designs of the sample workshop: SVG by hand, JPEG for the ledger, which keeps pictures as JPEG.
// Run it after a change of a drawing: npm run draw
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import sharp from 'sharp';

const here = join(dirname(fileURLToPath(import.meta.url)), '../server/demo/drawings');
for (const file of readdirSync(here).filter((name) => name.endsWith('.svg'))) {
  const jpeg = await sharp(readFileSync(join(here, file)), { density: 144 })
    .resize(800, 600)
    .jpeg({ quality: 80, mozjpeg: true })
    .toBuffer();
  writeFileSync(join(here, file.replace('.svg', '.jpg')), jpeg);
}
