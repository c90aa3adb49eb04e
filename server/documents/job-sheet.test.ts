// The printed job sheet: its text read back from the PDF.
import { execFileSync } from 'node:child_process';
import { expect, test } from 'vitest';
import { batchSchema } from '../../core/batch/batch.ts';
import { countBatch } from '../../core/batch/count-batch.ts';
import { showValue } from '../../core/figure/show.ts';
import type { Units } from '../../core/piece/cut-words.ts';
import { pieceOf, wire } from '../../core/piece/fixtures/check.ts';
import { workshopFix as fix, workshopRates as rates } from '../../core/price/fixtures/workshop.ts';
import { jobSheetPdf } from './job-sheet.ts';

const pin = pieceOf({
  name: 'Heron pin',
  parts: [
    { id: 'stem', name: 'Stem', section: wire(), blank: { rule: 'straight', length: '50.8 mm' } },
    {
      id: 'plate',
      name: 'Plate',
      section: { form: 'sheet', thickness: '0.9 mm' },
      blank: { rule: 'rectangle', width: '25.4', length: '12.7' },
    },
  ],
  findings: [{ id: 'clutch', name: 'Clutch', count: '2', price: '0.10', grams: '0.3 g' }],
  joins: [
    { id: 'on', name: 'Stem on plate', parts: ['stem', 'plate'], solder: 'silver-hard', flow: '765', amount: '2' },
  ],
  steps: [
    { id: 'saw', name: 'Saw plates', each: '2', setUp: '4' },
    { id: 'solder', name: 'Solder stems', each: '3', station: 'torch' },
    { id: 'pickle', name: 'Pickle', unattended: '15', station: 'pickle' },
    { id: 'tumble', name: 'Tumble', setUp: '3', unattended: '60', load: '4', station: 'tumbler' },
  ],
});

const batch = batchSchema.parse({
  lines: [{ id: 'l', pieceId: 'p', pieceRevision: 1, quantities: { '': '6' } }],
  due: '2026-12-01',
  customer: 'Quay shop',
  note: '',
});
const count = countBatch(batch, [{ line: batch.lines[0]!, piece: pin }], rates, fix);

async function printed(units: Units): Promise<string> {
  const about = {
    title: 'Heron pin, 6',
    studio: 'Test bench',
    address: 'http://localhost/batches/b',
    number: '4217',
    units,
  };
  const pdf = await jobSheetPdf(batch, count, about, 'A4');
  // In the layout of the page, one line a line.
  const text = execFileSync('pdftotext', ['-layout', '-', '-'], { input: pdf, encoding: 'utf8' });
  return text.replace(/[ \t]+/g, ' ');
}

test('the job sheet lists quantities, cuts, grams, joins and steps, with boxes and cautions', async () => {
  const text = await printed('mm');
  expect(text).toContain('Heron pin, 6');
  expect(text).toContain('4217');
  expect(text).toMatch(/Heron pin 6 good/);
  expect(text).toMatch(/Heron pin: Stem 6 ?× 50\.8 mm/);
  expect(text).toMatch(/Heron pin: Plate 6 ?× 25\.4 × 12\.7 mm/);
  const wireGrams = count.issue.find(({ section }) => section.form === 'round')!.grams.value;
  expect(text).toContain(`issue ${showValue(wireGrams, 'g')} g`);
  // Six pieces with two each, of 0.3 g.
  expect(text).toMatch(/Clutch 12 3\.60 g/);
  expect(text).toMatch(/Silver solder, hard \d+\.\d+ g/);
  expect(text).toMatch(/1 Stem on plate Stem \+ Plate Silver solder, hard, 765 °C/);
  // 4 + 6 × 2 and 6 × 3 minutes.
  expect(text).toMatch(/1 Saw plates .*16 min/);
  expect(text).toMatch(/2 Solder stems torch 18 min/);
  expect(text).toMatch(/3 Pickle pickle 15 min unattended/);
  expect(text).toMatch(/4 Tumble tumbler 3 min \+ 2 × 1 h( 00)? unattended/);
  expect(text.match(/good/g)?.length).toBeGreaterThanOrEqual(4);
  expect(text.replace(/\s+/g, ' ')).toMatch(/acid into water/i);
});

test('a studio that works in inches gets its cuts in inches', async () => {
  const text = await printed('inch');
  expect(text).toMatch(/Heron pin: Stem 6 ?× 2\.000 in/);
  expect(text).toMatch(/Heron pin: Plate 6 ?× 1\.000 × 0\.500 in/);
});
