// Rounding for display: one rule a unit, so that columns align and a figure reads the same everywhere.
import { showNumber } from '../format/numbers.ts';
import { studioFormat } from '../format/studio-format.ts';
import { currencyOf, type Figure, inSum, isMoney, minorDigits, type Unit } from './figure.ts';

const decimalsByUnit: Readonly<Record<string, number>> = {
  g: 2,
  'g/cm³': 2,
  'g/mm': 5,
  'g/mm²': 5,
  mm: 1,
  'mm²': 1,
  'mm³': 1,
  mg: 0,
  min: 1,
  h: 1,
  '%': 1,
};

/** A value without its unit, rounded for display, in the studio's format: `1,204.50`. */
export function showValue(value: number, unit: Unit): string {
  if (isMoney(unit)) return showMoney(value, unit);
  const decimals = unit === 'g' ? gramPlaces(value) : decimalsByUnit[unit];
  // The second decimal tells wires and sheets apart; lengths need only one.
  const places = unit === 'mm' && Math.abs(value) < 10 ? 2 : decimals;
  return places === undefined ? showNumber(value, 0, 4) : showNumber(value, places, places);
}

// A tenth of a gram and more is weighed to 0.01 g; less keeps two significant digits, down to a microgram.
function gramPlaces(grams: number): number {
  const size = Math.abs(grams);
  return size === 0 || size >= 0.1 ? 2 : Math.min(6, 1 - Math.floor(Math.log10(size)));
}

/** A figure as text: `12.14 g`, `38.0 min`, `GBP 35.26`; less than 10 mg in milligrams: `3.75 mg`. */
export function showFigure(figure: Figure): string {
  const { value: grams, unit } = figure;
  if (unit === 'g' && grams !== 0 && Math.abs(grams) < 0.01) return `${showNumber(grams * 1000, 0, 3)} mg`;
  const value = showValue(figure.value, figure.unit);
  if (!isMoney(figure.unit)) return withUnit(value, figure.unit);
  const [currency, per] = figure.unit.split('/');
  return per ? `${currency ?? ''} ${value} per ${per}` : `${currency ?? ''} ${value}`;
}

/** A figure with enough digits to cut by: five significant digits; a percentage to a tenth, money to its coins. */
export function showExactly(figure: Figure): string {
  if (isMoney(figure.unit)) return showFigure(figure);
  const value = figure.unit.startsWith('%') ? Math.round(figure.value * 10) / 10 : figure.value;
  return withUnit(inSum(value), figure.unit);
}

/** Degrees of an angle follow their number without a space (ISO 80000-1, 7.1.4). */
const withUnit = (value: string, unit: Unit) => (unit && unit !== '°' ? `${value} ${unit}` : `${value}${unit}`);

/** Minutes as people say them: `48 min`, `3 h`, `3 h 5 min`. */
export function showHours(minutes: number): string {
  const whole = Math.round(minutes);
  const [hours, rest] = [Math.floor(whole / 60), whole % 60];
  return [hours > 0 && `${String(hours)} h`, (rest > 0 || hours === 0) && `${String(rest)} min`]
    .filter(Boolean)
    .join(' ');
}

/** A price with its currency sign, as on a price tag: `£1,290.00`, `1.290,00 €`. @param minor  minor units */
export function showPrice(minor: number, currency: string): string {
  const { local } = studioFormat();
  const format = new Intl.NumberFormat(local, { style: 'currency', currency, currencyDisplay: 'narrowSymbol' });
  return format.format(minor / 10 ** minorDigits(currency)).replace(/\u202f/g, '\u00a0');
}

function showMoney(minor: number, unit: Unit): string {
  const digits = minorDigits(currencyOf(unit));
  // A price per gram is shown to tenths of a penny, an hourly rate is not.
  const places = unit.endsWith('/g') ? digits + 2 : digits;
  return showNumber(minor / 10 ** digits, places, places);
}
