// The job sheet of a batch: what to make, cut and join, with boxes to tick at the bench.
import type { Batch } from '../../core/batch/batch.ts';
import { type BatchRun } from '../../core/batch/batch-run.ts';
import { goodsOfRun, goodsTogether } from '../../core/batch/buying/goods.ts';
import { type BatchCount, oneRunALine } from '../../core/batch/count-batch.ts';
import type { CutLine } from '../../core/batch/cut-list.ts';
import { benchWords } from '../../core/blank/bench-words.ts';
import type { Cut } from '../../core/blank/cut.ts';
import { showHours, showValue } from '../../core/figure/show.ts';
import { fullDay } from '../../core/format/days.ts';
import type { Paper } from '../../core/format/paper.ts';
import { showTemperature } from '../../core/metal/temperatures.ts';
import { sizesOf } from '../../core/piece/all-sizes.ts';
import { attendedMin, loadsOf, type StepComputation } from '../../core/piece/bench-time.ts';
import { blankInWords, type Units } from '../../core/piece/cut-words.ts';
import { jointInWords } from '../../core/piece/joint-words.ts';
import { cautionsFor, inspectionOf } from '../../core/piece/step-care.ts';
import { sectionAsTyped, sectionInWords } from '../../core/stock/words.ts';
import { cautionRule } from '../../core/work/cautions.ts';
import { codePicture } from './barcode-image.ts';
import { type Pdf, pdfOf } from './pdf.ts';

/** What a job sheet says beside the batch. */
export interface JobSheetAbout {
  readonly title: string;
  readonly studio: string;
  /** Four digits that open it at the bench. */
  readonly number: string;
  /** The address of the batch. */
  readonly address: string;
  /** Unit of the blanks. */
  readonly units: Units;
}

const LINE = 15;
const BOX = 9;
const STRIP_WIDTH = 90;

/** Draws the job sheet of a batch. @returns a PDF */
export async function jobSheetPdf(
  batch: Batch,
  count: BatchCount,
  about: JobSheetAbout,
  paper: Paper,
): Promise<Buffer> {
  const square = await codePicture(about.address, 'square');
  const title = `Job sheet, ${about.title}`;
  return await pdfOf({ title, paper, foot: [about.studio, title].filter(Boolean).join(' · ') }, (pdf) => {
    const page = new Writer(pdf);
    pdf.image(square, page.right - 62, page.top, { fit: [62, 62] });
    pdf.fontSize(9).text(about.number, page.right - 62, page.top + 63, { width: 62, align: 'center' });
    pdf.fontSize(18).text(about.title, page.left, page.top, { width: page.width - 76 });
    pdf
      .fontSize(10)
      .text([about.studio, batch.customer, batch.due && `due ${fullDay(batch.due)}`].filter(Boolean).join(', '));
    if (batch.note) pdf.text(batch.note, { width: page.width - 76 });
    page.y = Math.max(pdf.y + 8, page.top + 70);
    made(page, count);
    cutList(page, count, about.units);
    goodsList(page, count);
    for (const run of oneRunALine(count.runs)) {
      joins(page, run, count);
      steps(page, run, count);
    }
    cautionFoot(page, count);
  });
}

/** Draws the page, then starts the next. */
class Writer {
  readonly pdf: Pdf;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  y: number;

  constructor(pdf: Pdf) {
    this.pdf = pdf;
    this.left = pdf.page.margins.left;
    this.right = pdf.page.width - pdf.page.margins.right;
    this.top = pdf.page.margins.top;
    this.y = this.top;
  }

  get width(): number {
    return this.right - this.left;
  }

  room(height: number): void {
    if (this.y + height <= this.pdf.page.height - this.pdf.page.margins.bottom) return;
    this.pdf.addPage();
    this.y = this.top;
  }

  head(words: string): void {
    this.room(3 * LINE);
    this.y += 8;
    this.pdf.fontSize(12).fillColor('#000').text(words, this.left, this.y, { lineBreak: false });
    this.y += LINE + 2;
    this.rule();
  }

  rule(): void {
    this.pdf
      .moveTo(this.left, this.y - 3)
      .lineTo(this.right, this.y - 3)
      .lineWidth(0.4)
      .strokeColor('#888')
      .stroke();
  }

  /** Words at positions along one line. */
  line(
    cells: readonly { readonly at: number; readonly words: string; readonly width?: number }[],
    height = LINE,
  ): void {
    this.room(height);
    this.pdf.fontSize(9.5).fillColor('#000');
    for (const { at, words, width = 400 } of cells)
      this.pdf.text(words, this.left + at, this.y, { width, height: LINE, ellipsis: true, lineBreak: false });
    this.y += height;
    this.rule();
  }

  /** Words below a line, smaller and indented, on as many lines as they need. */
  small(words: string): void {
    const width = this.width - 20;
    this.pdf.fontSize(8).fillColor('#333');
    const height = this.pdf.heightOfString(words, { width });
    this.room(height + 3);
    this.pdf.text(words, this.left + 14, this.y - 3, { width });
    this.y += height + 2;
    this.pdf.fillColor('#000');
    this.rule();
  }

  /** Room for the weights of metal issued and returned. */
  weights(): void {
    this.line([
      { at: 10, words: 'issued ________ g' },
      { at: 150, words: 'offcuts returned ________ g' },
      { at: 330, words: 'scrap returned ________ g' },
    ]);
  }

  box(at: number, words = ''): void {
    this.pdf
      .rect(this.left + at, this.y - LINE, BOX * 3, BOX)
      .lineWidth(0.6)
      .strokeColor('#000')
      .stroke();
    if (words) this.pdf.fontSize(7).text(words, this.left + at + BOX * 3 + 2, this.y - LINE + 1, { lineBreak: false });
  }
}

function made(page: Writer, { runs }: BatchCount): void {
  page.head('To make');
  for (const run of runs) {
    const { name, quantity, start } = run;
    page.line([
      { at: 0, words: name, width: 215 },
      { at: 220, words: measuresOf(run), width: 170 },
      { at: 400, words: `${String(quantity)} good` },
      { at: 450, words: start.value > quantity ? `start ${String(start.value)}` : '' },
    ]);
  }
}

// Measures of a unit measured one by one: `inside 17.2 mm, stone 8.2 mm`.
function measuresOf({ line, piece, size }: BatchRun): string {
  if (line.units.length === 0) return '';
  const values = sizesOf(piece).find(({ id }) => id === size)?.values ?? {};
  return piece.sizes.parameters.map(({ id, name }) => `${name} ${values[id] ?? ''}`.trim()).join(', ');
}

function cutList(page: Writer, { issue, grams }: BatchCount, units: Units): void {
  page.head(`To cut, ${showValue(grams.value, 'g')} g`);
  const longest = Math.max(40, ...issue.flatMap(({ lines }) => lines.map(({ cut }) => longestMm(cut))));
  for (const { alloy, section, lines, grams: all } of issue) {
    page.line([
      {
        at: 0,
        words: `${alloy.name}, ${lines[0] ? sectionAsTyped(section, lines[0].part.section) : sectionInWords(section)}`,
        width: 330,
      },
      { at: 400, words: `issue ${showValue(all.value, 'g')} g` },
    ]);
    for (const line of lines) {
      page.line([
        { at: 10, words: `${line.run.name}: ${line.part.name || 'part'}`, width: 200 },
        { at: 215, words: `${String(line.count.value)} ×` },
        { at: 250, words: blankInWords(line.cut, units), width: units === 'mm' ? 110 : 215 },
      ]);
      // Inches, the nearest 1/64 and mm take the room of the strip.
      if (units === 'mm') strip(page, line.cut, longest);
      page.box(458, 'cut');
      const words = [benchWords(line.part.blank), perPiece(line)].filter(Boolean).join(', ');
      if (words) page.small(words);
    }
    page.weights();
  }
}

function goodsList(page: Writer, { runs }: BatchCount): void {
  const goods = goodsTogether(runs.flatMap(goodsOfRun));
  if (goods.length === 0) return;
  page.head('Solder and findings to issue');
  for (const { name, unit, need, grams } of goods) {
    page.line([
      { at: 0, words: name, width: 290 },
      { at: 300, words: unit ? `${showValue(need.value, unit)} ${unit}` : String(need.value) },
      { at: 400, words: grams ? `${showValue(grams.value, 'g')} g` : '' },
    ]);
    page.box(458, 'there');
  }
}

// All on one scale, so that their lengths compare.
function strip(page: Writer, cut: Cut, longest: number): void {
  const scale = STRIP_WIDTH / longest;
  const y = page.y - LINE + 2;
  page.pdf.lineWidth(0.5).strokeColor('#000');
  if (cut.kind === 'disc')
    page.pdf.circle(page.left + 365, y + 4, Math.max(1.5, Math.min(5, (cut.diameter.value * scale) / 2))).stroke();
  else if (cut.kind !== 'weight')
    page.pdf.rect(page.left + 360, y + 1, Math.max(1, longestMm(cut) * scale), 5).stroke();
}

function longestMm(cut: Cut): number {
  if (cut.kind === 'length') return cut.length.value;
  if (cut.kind === 'disc') return cut.diameter.value;
  return cut.kind === 'rectangle'
    ? Math.max(cut.length.value, cut.width.value)
    : Math.max(1, ...(cut.kind === 'outline' ? cut.sizes.map(({ value }) => value) : []));
}

function started(run: BatchRun, { runs }: BatchCount): number {
  return runs.reduce((sum, { line, start }) => sum + (line === run.line ? start.value : 0), 0);
}

function joins(page: Writer, run: BatchRun, count: BatchCount): void {
  const { joins: list, parts, findings, groups } = run.piece;
  if (list.length === 0) return;
  page.head(`Assembly order, ${run.piece.name}`);
  const names = new Map([...parts, ...findings, ...groups].map(({ id, name }) => [id, name.trim() || 'a part']));
  list.forEach((join, index) => {
    const { solder, flow } = run.count.joins[index] ?? {};
    const flows = flow ? `, ${showTemperature(flow.value)}` : '';
    page.line([
      { at: 0, words: `${String(index + 1)}  ${join.name || join.kind}`, width: 170 },
      { at: 175, words: join.parts.map((id) => names.get(id) ?? '').join(' + '), width: 150 },
      { at: 330, words: solder ? `${solder.name}${flows}` : join.kind, width: 130 },
    ]);
    page.box(458, `of ${String(started(run, count))}`);
    const words = jointInWords(join, run.count.joins[index]);
    if (words) page.small(words);
  });
}

function steps(page: Writer, run: BatchRun, count: BatchCount): void {
  if (run.piece.steps.length === 0) return;
  page.head(`Bench route, ${run.piece.name}`);
  const many = started(run, count);
  run.piece.steps.forEach((step, index) => {
    const time = run.count.steps[index];
    page.line([
      { at: 0, words: `${String(index + 1)}  ${step.name || 'step'}`, width: 190 },
      { at: 195, words: step.station, width: 60 },
      { at: 258, words: time ? timeInWords(time, many) : '', width: 130 },
    ]);
    page.box(378, 'good');
    page.box(425, 'lost');
    page.box(468, 'min');
    const looked = inspectionOf(step, run.piece);
    if (looked) page.small(`Inspect: ${looked}`);
    const cautions = cautionsFor(step, run.piece).map(({ text }) => text);
    if (cautions.length > 0) page.small(cautions.join(' '));
  });
}

/** `16 min`, `2 min + 3 × 15 min unattended`. */
function timeInWords(time: StepComputation, many: number): string {
  const hands = attendedMin(time, many);
  if (time.unattendedMin === 0) return showHours(hands);
  const loads = loadsOf(time, many);
  const unattended = `${loads > 1 ? `${String(loads)} × ` : ''}${showHours(time.unattendedMin)} unattended`;
  return hands > 0 ? `${showHours(hands)} + ${unattended}` : unattended;
}

// The cautions stand at their steps; what they defer to stands once.
function cautionFoot(page: Writer, count: BatchCount): void {
  const pieces = oneRunALine(count.runs).map(({ piece }) => piece);
  if (pieces.every((piece) => piece.steps.every((step) => cautionsFor(step, piece).length === 0))) return;
  page.y += 8;
  page.small(cautionRule);
}

// `2 per piece` where a piece has several.
function perPiece({ count, run }: CutLine): string {
  const each = run.start.value > 0 ? count.value / run.start.value : 0;
  return each > 1 && Number.isInteger(each) ? `${String(each)} per piece` : '';
}
