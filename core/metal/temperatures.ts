// Temperatures in the studio's unit: °F in the United States, °C elsewhere. Stored and computed in °C.
import { type Figure, given } from '../figure/figure.ts';
import { showNumber } from '../format/numbers.ts';
import { studioFormat } from '../format/studio-format.ts';
import { fahrenheit } from '../measure/temperature.ts';

/** @returns `°F` or `°C` */
export function degreeUnit(): '°F' | '°C' {
  return studioFormat().country === 'US' ? '°F' : '°C';
}

/** A temperature as a whole number in the studio's unit, without the unit. @param celsius  °C */
export function degrees(celsius: number): string {
  return showNumber(Math.round(degreeUnit() === '°F' ? fahrenheit(celsius) : celsius), 0);
}

/** A temperature in words: `718 °C`, or `1,324 °F (718 °C)`. @param celsius  °C */
export function showTemperature(celsius: number): string {
  const metric = `${showNumber(celsius, 0)} °C`;
  return degreeUnit() === '°F' ? `${degrees(celsius)} °F (${metric})` : metric;
}

/** A figure in the studio's unit. @param celsius  °C */
export function temperatureFigure(label: string, celsius: number, source: string): Figure {
  return given(
    label,
    degreeUnit() === '°F' ? Math.round(fahrenheit(celsius)) : celsius,
    degreeUnit(),
    degreeUnit() === '°F' ? `${showNumber(celsius, 0)} °C; ${source}` : source,
  );
}
