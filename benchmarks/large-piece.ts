// A piece of any size.
import type { Page } from '@playwright/test';
import { type Piece, pieceSchema } from '../core/piece/piece.ts';

/** Counts of a generated piece. */
export interface Large {
  readonly parts: number;
  readonly steps: number;
  readonly sizes: number;
}

/** Adds the piece to the ledger as a draft. @returns its id */
export async function addPiece(page: Page, url: string, large: Large): Promise<string> {
  const response = await page.request.post(`${url}/api/pieces`, { data: largePiece(large) });
  return ((await response.json()) as { id: string }).id;
}

/** A piece with so many parts, steps and sizes. */
export function largePiece({ parts: partCount, steps: stepCount, sizes }: Large): Piece {
  const parts = Array.from({ length: partCount }, (_, index) => {
    const name = `Part ${String(index + 1)}`;
    const length = sizes > 0 && index % 6 === 0 && index !== 6 ? 'reach + 2 mm' : '42 mm';
    return {
      id: name,
      name,
      alloy: 'silver-925',
      section: { form: 'round', diameter: '18 ga' },
      blank: { rule: 'straight', length },
      count: '2',
      trim: '0.5 mm',
    };
  });
  const steps = Array.from({ length: stepCount }, (_, index) => {
    const name = `Step ${String(index + 1)}`;
    return { id: name, name, station: 'bench', setUp: '5', each: '3', unattended: '', overlaps: false };
  });
  const joins = Array.from({ length: Math.floor(partCount / 4) }, (_, index) => {
    const name = `Join ${String(index + 1)}`;
    const parts = [`Part ${String(index + 1)}`, `Part ${String(index + 2)}`];
    return { id: name, name, kind: 'solder', parts, solder: index % 3 === 0 ? 'silver-hard' : 'silver-medium' };
  });
  const rows = Array.from({ length: sizes }, (_, index) => {
    return { id: `size ${String(index)}`, name: String(index), values: { reach: `${String(40 + index)} mm` } };
  });
  return pieceSchema.parse({
    name: 'Large piece',
    note: '',
    batchSize: '12',
    parts,
    findings: [],
    joins: joins.slice(0, 100),
    steps,
    sizes: { parameters: sizes > 0 ? [{ id: 'reach', name: 'reach' }] : [], rows, price: 'each' },
  });
}
