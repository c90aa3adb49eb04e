// Every starter is whole: it reads, its checks find nothing that stops or warns, and each measure changes its weight.
import { expect, test } from 'vitest';
import { alloysWith } from '../metal/alloy.ts';
import { workshopRates } from '../price/fixtures/workshop.ts';
import { countPiece } from '../price/piece/count-piece.ts';
import { benchCheckAll } from './checks/bench-check.ts';
import { pieceFromStarter, starters } from './starters.ts';

const alloys = alloysWith([]);
const made = (starter: (typeof starters)[number], values: Readonly<Record<string, string>> = {}) =>
  pieceFromStarter(starter, values, alloys, () => 'x');

test('there are a dozen and a half starters, each with two or three measures', () => {
  expect(starters.length).toBeGreaterThanOrEqual(18);
  for (const { name, piece } of starters) {
    const least = name.startsWith('Repair') ? 1 : 2;
    expect(piece.sizes.parameters.length, name).toBeGreaterThanOrEqual(least);
    expect(piece.sizes.parameters.length, name).toBeLessThanOrEqual(3);
  }
});

test.each(starters)('$name is counted without a problem and checked without a warning', (starter) => {
  const piece = made(starter);
  const { problems, weight, minutes } = countPiece(piece, workshopRates, null);
  expect(problems.filter(({ onlyPrice }) => !onlyPrice)).toEqual([]);
  expect(weight.value).toBeGreaterThan(0);
  expect(minutes.value).toBeGreaterThan(5);
  const remarks = benchCheckAll(piece, alloys, 'GB').filter(({ severity }) => severity !== 'note');
  expect(remarks.map(({ sentence }) => sentence)).toEqual([]);
});

test.each(starters)('each measure of $name changes its weight or its work', (starter) => {
  const count = (values: Readonly<Record<string, string>>) => {
    const { weight, minutes } = countPiece(made(starter, values), workshopRates, null);
    return [weight.value, minutes.value];
  };
  for (const { id, name } of starter.piece.sizes.parameters) {
    const usual = starter.piece.sizes.rows[0]?.values[id] ?? '';
    const other = usual.endsWith('mm') ? `${String(Number(usual.replace(' mm', '')) * 1.1)} mm` : '9';
    // The depth of a die presses the same blank deeper.
    if (name !== 'deep') expect(count({ [id]: other }), `${starter.name}, ${name}`).not.toEqual(count({}));
  }
});
