// Reads a length as typed, gauges included.
import { gaugeMm, type GaugeSystem, gaugeSystemNames, gaugeSystemSources, gaugeText } from '../gauge.ts';
import { mmPer } from '../length-units.ts';
import { evaluate, SumError } from './arithmetic.ts';
import { read, type Reading, unread } from './reading.ts';

/** Nothing on a bench is two kilometres long: such a number is a typing error. */
const LONGEST_MM = 2_000_000;
const AUGHTS = /^\s*(?:(0{1,4})|([1-4])\/0)\s*(?:ga|gauge|g|#)\s*$/i;

/** How a field reads its length. */
export interface LengthRules {
  /** What the number is, for the sentence: `thickness`. */
  readonly what: string;
  /** Gauge system of the stock; without one a gauge is refused. */
  readonly gauge?: GaugeSystem;
  /** Whether 0 is allowed: a trim may be 0, a diameter may not. */
  readonly mayBeZero?: boolean;
}

/**
 * Reads a length. A bare number is in millimetres.
 * @param text  as typed: `12.5`, `3/4 in`, `0.040"`, `18 ga`, `2*14+3 mm`
 * @returns mm, or a sentence that says what is wrong and what to do
 */
export function readLength(text: string, { what, gauge = 'none', mayBeZero = false }: LengthRules): Reading {
  if (text.trim() === '')
    return mayBeZero ? read(0, 'none') : unread(`Give the ${what}, for example ${exampleFor(gauge)}.`);
  const aughts = AUGHTS.exec(text);
  if (aughts) return readGauge(gauge, 1 - (aughts[1]?.length ?? Number(aughts[2])));
  const whole = /^\s*(\d+)\s*(?:ga|gauge|#)\s*$/i.exec(text);
  if (whole) return readGauge(gauge, Number(whole[1]));
  try {
    const { value, power } = evaluate(text, (number, unit) => lengthUnit(number, unit, gauge));
    if (power < 0 || power > 1) return unread(`“${text.trim()}” does not come out as a length.`);
    if (value < 0) return unread(`The ${what} is negative (${text.trim()}). A length must be above 0.`);
    if (value === 0 && !mayBeZero) return unread(`The ${what} must be above 0.`);
    if (value > LONGEST_MM) return unread(`${text.trim()} is longer than 2 km. Check the unit.`);
    return read(value, 'as typed');
  } catch (error) {
    return unread(sentenceOf(error, text, gauge));
  }
}

function readGauge(system: GaugeSystem, gauge: number): Reading {
  try {
    const mm = gaugeMm(system, gauge);
    return read(mm, `${gaugeText(gauge)} ga, ${gaugeSystemNames[system]} (${gaugeSystemSources[system]})`);
  } catch (error) {
    if (error instanceof RangeError) return unread(error.message);
    throw error;
  }
}

function lengthUnit(number: number, unit: string, gauge: GaugeSystem): number | undefined {
  if (/^(ga|gauge|#)$/i.test(unit)) return gaugeMm(gauge, number);
  const mm = mmPer(unit);
  return mm === undefined ? undefined : number * mm;
}

function sentenceOf(error: unknown, text: string, gauge: GaugeSystem): string {
  if (error instanceof RangeError) return error.message;
  if (error instanceof SumError) return `${error.message} Try ${exampleFor(gauge)}.`;
  throw new Error(`Reading the length “${text}” failed`, { cause: error });
}

function exampleFor(gauge: GaugeSystem): string {
  return gauge === 'none' ? '12.5 mm or 3/4 in' : '0.8 mm, 0.032 in or 20 ga';
}
