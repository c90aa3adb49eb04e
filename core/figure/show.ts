// Rounding for display: one rule a unit, so that columns align and a figure reads the same everywhere.
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

/** A value without its unit, rounded for display, with a true minus sign and thousands separators: `1,204.50`. */
export function showValue(value: number, unit: Unit): string {
  if (isMoney(unit)) return showMoney(value, unit);
  const decimals = decimalsByUnit[unit];
  // The second decimal tells wires and sheets apart; lengths need only one.
  const places = unit === 'mm' && Math.abs(value) < 10 ? 2 : decimals;
  return places === undefined ? grouped(value, 0, 4) : grouped(value, places, places);
}

/** A figure as text: `12.14 g`, `38.0 min`, `GBP 35.26`. */
export function showFigure(figure: Figure): string {
  const value = showValue(figure.value, figure.unit);
  if (!isMoney(figure.unit)) return figure.unit ? `${value} ${figure.unit}` : value;
  const [currency, per] = figure.unit.split('/');
  return per ? `${currency ?? ''} ${value} per ${per}` : `${currency ?? ''} ${value}`;
}

/** A figure with enough digits to cut by: five significant digits; a percentage to a tenth, money to its coins. */
export function showExactly(figure: Figure): string {
  if (isMoney(figure.unit)) return showFigure(figure);
  const value = figure.unit.startsWith('%') ? Math.round(figure.value * 10) / 10 : figure.value;
  return figure.unit ? `${inSum(value)} ${figure.unit}` : inSum(value);
}

/** Minutes as people say them: `48 min`, `3 h 05`. */
export function showHours(minutes: number): string {
  const whole = Math.round(minutes);
  return whole < 60
    ? `${String(whole)} min`
    : `${String(Math.floor(whole / 60))} h ${String(whole % 60).padStart(2, '0')}`;
}

function showMoney(minor: number, unit: Unit): string {
  const digits = minorDigits(currencyOf(unit));
  // A price per gram is shown to tenths of a penny, an hourly rate is not.
  const places = unit.endsWith('/g') ? digits + 2 : digits;
  return grouped(minor / 10 ** digits, places, places);
}

function grouped(value: number, least: number, most: number): string {
  const [whole = '', rest = ''] = Math.abs(value).toFixed(most).split('.');
  let fraction = rest;
  while (fraction.length > least && fraction.endsWith('0')) fraction = fraction.slice(0, -1);
  const text = whole.replace(/\B(?=(\d{3})+$)/g, ',') + (fraction ? `.${fraction}` : '');
  return value < 0 && /[1-9]/.test(text) ? `−${text}` : text;
}
