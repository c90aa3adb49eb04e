import { expect, test } from 'vitest';
import { cautionsFor } from './cautions.ts';

const ids = (name: string, station: string) => cautionsFor({ name, station }).map(({ id }) => id);

test('a step is known by its station as well as by its words', () => {
  expect(ids('Close the rims', 'torch')).toEqual(['torch']);
  expect(ids('Solder the catch', '')).toEqual(['torch', 'flux']);
  expect(ids('Pickle', '')).toEqual(['acid']);
});

test('a step may need several cautions, and most need none', () => {
  expect(ids('File and drill, then sand', 'motor')).toEqual(['drill', 'motor']);
  expect(ids('Inspect and pair', 'bench')).toEqual([]);
});
