// The cost column of inputs chosen by hand.
import { expect, test } from 'vitest';
import { given } from '../figure/figure.ts';
import { workshopRates } from '../price/fixtures/workshop.ts';
import { areConsumablesHourly, type ColumnInputs, costColumn } from './column.ts';
import { hourly } from './hourly.ts';

const figure = (label: string, value: number, unit = 'GBP') => given(label, value, unit, 'test');
const minutes = figure('bench time', 20, 'min');
const { scrap } = workshopRates;
const inputs: ColumnInputs = {
  parts: [],
  solders: [],
  findings: [
    { name: 'Pin stem', kind: 'findings', count: 2, price: figure('price', 45) },
    { name: 'Agate', kind: 'stones', count: 1, price: figure('price', 300) },
  ],
  minutes,
  hands: [
    { minutes: figure('first maker', 15, 'min'), rate: figure('first rate', 3000, 'GBP/h') },
    { minutes: figure('second maker', 5, 'min'), rate: figure('second rate', 2400, 'GBP/h') },
  ],
  consumables: () => ({ takes: minutes, each: figure('consumables', 80) }),
  steps: [],
  packaging: figure('packaging', 65),
  marks: null,
};
const terms = { overhead: figure('overhead', 900, 'GBP/h'), scrap };
const amounts = (column: ReturnType<typeof costColumn>) =>
  Object.fromEntries(column.lines.map(({ key, each }) => [key, each.value]));

test('20 minutes at 9.00 an hour cost 3.00', () => {
  expect(hourly('overhead', minutes, terms.overhead, 'GBP').value).toBe(300);
});

// By hand: 2 × 0.45; 15 min at 30.00 + 5 min at 24.00 = 7.50 + 2.00; 20 min at 9.00 = 3.00.
test('each line is its sum by hand, and the lines add up to the cost', () => {
  const column = costColumn(inputs, terms, 'GBP');
  expect(amounts(column)).toMatchObject({
    findings: 90,
    stones: 300,
    consumables: 80,
    labour: 950,
    overhead: 300,
    packaging: 65,
  });
  expect(column.cost.value).toBe(90 + 300 + 80 + 950 + 300 + 65);
  expect(column.lost).toBeNull();
});

test('lines without a cost are left out', () => {
  const keys = costColumn(inputs, terms, 'GBP').lines.map(({ key }) => key);
  for (const key of ['solder', 'scrap', 'outwork', 'rejects', 'marks'] as const) expect(keys).not.toContain(key);
});

// A yield of 80 % starts 1.25 pieces for each good one: a quarter of the time spent is lost, (9.50 + 3.00 + 0.80) ÷ 4.
test('a step with a yield of 80 % adds a quarter of the work up to it', () => {
  const steps = [{ name: 'Solder', yield: 0.8, spentShare: 1 }];
  expect(amounts(costColumn({ ...inputs, steps }, terms, 'GBP'))['rejects']).toBe(333);
});

test('consumables follow the minutes only where they are counted by the hour', () => {
  const column = costColumn(inputs, terms, 'GBP');
  expect(areConsumablesHourly(column.lines)).toBe(true);
  const byUse = costColumn({ ...inputs, consumables: () => ({ takes: figure('uses', 3, ''), each: figure('c', 80) }) }, terms, 'GBP'); // prettier-ignore
  expect(areConsumablesHourly(byUse.lines)).toBe(false);
});
