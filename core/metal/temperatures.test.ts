// Water freezes at 32 °F and boils at 212 °F (definition of the scale).
import { afterEach, expect, test } from 'vitest';
import { setStudioFormat } from '../format/studio-format.ts';
import { degrees, showTemperature, temperatureFigure } from './temperatures.ts';

afterEach(() => setStudioFormat('GB'));

test('temperatures are in °C in most countries', () => {
  expect([0, 100, 1064].map(showTemperature)).toEqual(['0 °C', '100 °C', '1,064 °C']);
  expect(temperatureFigure('flows', 718, 'sheet')).toMatchObject({ value: 718, unit: '°C' });
});

test('temperatures are in °F and °C in the United States', () => {
  setStudioFormat('US');
  expect([0, 100].map(showTemperature)).toEqual(['32 °F (0 °C)', '212 °F (100 °C)']);
  expect(degrees(718)).toBe('1,324');
  expect(temperatureFigure('flows', 100, 'sheet')).toMatchObject({ value: 212, unit: '°F', source: '100 °C; sheet' });
});
