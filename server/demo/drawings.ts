// The drawings of the sample's designs, as they stand beside the built server or in the source.
import { existsSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { demoPieces } from './pieces.ts';

const WIDTH_PX = 800;
const HEIGHT_PX = 600;
const folder = join(dirname(fileURLToPath(import.meta.url)), 'drawings');

/** JPEG of a design, drawn for the sample. @throws Error when it is missing */
export function drawingOf(name: keyof typeof demoPieces): { bytes: Buffer; widthPx: number; heightPx: number } {
  const path = join(folder, `${name}.jpg`);
  if (!existsSync(path)) throw new Error(`The drawing ${name} of the sample is missing beside the server.`);
  return { bytes: readFileSync(path), widthPx: WIDTH_PX, heightPx: HEIGHT_PX };
}
