// The promise of the book: every figure's working, done again with paper and pencil, gives the figure.
import { runInNewContext } from 'node:vm';
import { describe, expect, test } from 'vitest';
import { batchSchema } from '../../batch/batch.ts';
import { countBatch } from '../../batch/count-batch.ts';
import { currencyOf, type Figure, isMoney, minorDigits } from '../../figure/figure.ts';
import type { Fix } from '../../metal/fix.ts';
import type { PartTyped } from '../../piece/part.ts';
import { type Piece, pieceSchema, type PieceTyped } from '../../piece/piece.ts';
import { readRates } from '../../studio/rates.ts';
import { startingStudio, type Studio } from '../../studio/studio.ts';
import { countPiece, type PieceCount } from './count-piece.ts';

const studio: Studio = {
  ...startingStudio({ name: '', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '27.50' }),
  overheadPerHour: '(380 + 45) / 52',
  consumablesPerHour: '1.85',
  makingCharges: [
    { id: 'ag', family: 'silver', upTo: '', shaped: '', wire: '0.17', sheet: '4.20 / ozt', tube: '0.61' },
    { id: 'cu', family: 'copper', upTo: '', shaped: '', wire: '18 / kg', sheet: '', tube: '' },
    { id: 'au', family: 'yellow-gold', upTo: '', shaped: '', wire: '2.05', sheet: '1.95', tube: '' },
  ],
};
const rates = readRates(studio, 4);
const fix: Fix = {
  id: 1,
  on: '2026-03-02',
  at: '2026-03-02T12:00:00Z',
  currency: 'GBP',
  prices: { Ag: '24.15 / ozt', Au: '1,912.40 / ozt', Cu: '7.30 / kg' },
  source: 'test',
};

const part = (
  id: string,
  alloy: string,
  rest: Pick<PartTyped, 'section' | 'blank'> & Partial<PartTyped>,
): PartTyped => ({
  id,
  name: id,
  alloy,
  count: '1',
  trim: '',
  ...rest,
});

const emptyPiece = { name: '', note: '', batchSize: '1', parts: [], findings: [], steps: [] };
const typedPieces: readonly PieceTyped[] = [
  {
    ...emptyPiece,
    name: 'Wire and sheet',
    batchSize: '7',
    parts: [
      part('Back', 'silver-925', {
        section: { form: 'sheet', thickness: '22 ga' },
        blank: { rule: 'rectangle', width: '3/4 in', length: '1 1/8 in' },
        trim: '0.5 mm',
      }),
      part('Frame', 'silver-925', {
        section: { form: 'square', side: '1.6 mm' },
        blank: { rule: 'straight', length: '96 mm' },
        trim: '1 mm',
      }),
      part('Links', 'copper-c110', {
        section: { form: 'round', diameter: '18 ga' },
        blank: { rule: 'jump-ring', inside: '3.2 mm' },
        count: '14',
      }),
    ],
    findings: [
      { id: 'f', name: 'Pin back', count: '2', price: '0.385', grams: '1.1' },
      { id: 'g', name: 'Card', count: '1', price: '0.12', grams: '' },
    ],
    steps: [
      { id: 's', name: 'Saw', station: '', setUp: '11', each: '3.3', unattended: '', overlaps: false },
      { id: 't', name: 'Solder', station: '', setUp: '8', each: '90 s', unattended: '20', overlaps: false },
    ],
  },
  {
    ...emptyPiece,
    name: 'Gold ring with a tube setting',
    parts: [
      part('Shank', 'gold-18k-yellow', {
        section: { form: 'strip', width: '3.5 mm', thickness: '1.7 mm' },
        blank: { rule: 'ring-band', system: 'iso', size: '54' },
        trim: '0.8 mm',
      }),
      part('Seat', 'silver-999', {
        section: { form: 'tube', outside: '5 mm', wall: '0.6 mm' },
        blank: { rule: 'straight', length: '4 mm' },
      }),
    ],
    steps: [{ id: 's', name: 'Make', station: '', setUp: '', each: '1h25', unattended: '', overlaps: false }],
  },
];
const pieces: readonly Piece[] = typedPieces.map((typed) => pieceSchema.parse(typed));

/** Does a working again; money comes out in minor units as the figure holds it. */
function again({ how, unit }: Figure): number {
  const sum = (how.split(' = ')[0] ?? '')
    .replaceAll('π', 'Math.PI')
    .replaceAll('×', '*')
    .replaceAll('÷', '/')
    .replaceAll('−', '-')
    .replaceAll('²', '**2');
  const result = runInNewContext(sum, { Math }) as number;
  return isMoney(unit) ? result * 10 ** minorDigits(currencyOf(unit)) : result;
}

function everyFigure(figure: Figure): Figure[] {
  return [figure, ...figure.from.flatMap(everyFigure)];
}

function figuresOf(count: PieceCount): Figure[] {
  const { column, prices, weight, minutes, unattended } = count;
  const { wholesale, retail, left, perHour } = prices;
  const lines = column.lines.flatMap(({ takes, each }) => [takes, each]);
  const all = [
    ...lines,
    column.cost,
    wholesale,
    retail,
    left,
    weight,
    minutes,
    unattended,
    ...(perHour ? [perHour] : []),
  ];
  return all.flatMap(everyFigure);
}

/**
 * Money that was settled moved by less than a penny; the rest is as good as five digits allow, which in a difference are
 * five digits of its larger term.
 */
function agrees(figure: Figure): boolean {
  const difference = Math.abs(again(figure) - figure.value);
  const isSettled = isMoney(figure.unit) && Number.isInteger(figure.value);
  const alike = figure.from.filter(({ unit }) => unit === figure.unit);
  const largest = Math.max(Math.abs(figure.value), ...alike.map(({ value }) => Math.abs(value)));
  return difference < largest * 2e-4 + (isSettled ? 1.001 : 1e-9);
}

describe.each(pieces.map((piece): [string, Piece] => [piece.name, piece]))('the recipe %s', (_name, piece) => {
  const count = countPiece(piece, rates, fix);

  test('is computed in full', () => {
    expect(count.problems).toEqual([]);
  });

  test('gives every figure again from its calculation', () => {
    const worked = figuresOf(count).filter(({ how }) => how && !how.includes('up to the next'));
    expect(worked.length).toBeGreaterThan(20);
    for (const figure of worked)
      expect(agrees(figure), `${figure.label}: ${figure.how} against ${String(figure.value)}`).toBe(true);
  });

  test('has no price point below its sum', () => {
    const raised = figuresOf(count).filter(({ how }) => how.includes('up to the next'));
    for (const figure of raised) expect(figure.value).toBeGreaterThanOrEqual(again(figure) - 0.5);
  });

  test('names the source of every input', () => {
    for (const figure of figuresOf(count).filter(({ kind }) => kind === 'input'))
      expect(figure.source, figure.label).not.toBe('');
  });

  test('has inputs and no source for a result, and a source and no sum for an input', () => {
    for (const { kind, how, source, label } of figuresOf(count)) {
      expect(kind === 'input' ? how : source, label).toBe('');
    }
  });

  test('every figure of a batch is given again by its calculation', () => {
    const batch = batchSchema.parse({
      lines: [{ id: 'l', pieceId: 'p', pieceRevision: 1, quantities: { '': '17' } }],
      due: '',
      customer: '',
      note: '',
    });
    const { grams, hands, unattended, cost, wholesale, left, cutList } = countBatch(
      batch,
      batch.lines.map((line) => ({ line, piece })),
      rates,
      fix,
    );
    const lines = cutList.flatMap(({ grams: one, count: blanks, length }) => [
      one,
      blanks,
      ...(length ? [length] : []),
    ]);
    const worked = [grams, hands, unattended, cost, wholesale, left, ...lines]
      .flatMap(everyFigure)
      .filter(({ how }) => how && !how.includes('up to the next'));
    for (const figure of worked)
      expect(agrees(figure), `${figure.label}: ${figure.how} against ${String(figure.value)}`).toBe(true);
  });
});

test('net and trim add up to the cut weight', () => {
  for (const piece of pieces) {
    const { parts, column } = countPiece(piece, rates, fix);
    const cut = column.lines.find(({ key }) => key === 'metal')?.takes.value ?? NaN;
    const scrap = column.lines.find(({ key }) => key === 'scrap')?.takes.value ?? 0;
    const net = parts.reduce((sum, { net: one }) => sum + (one?.value ?? NaN), 0);
    expect(cut + scrap).toBeCloseTo(net, 9);
  }
});
