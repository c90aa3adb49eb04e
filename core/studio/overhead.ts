// Overhead: what is paid whether or not anybody works, spread over the bench hours of a year.
import { computed, type Figure, given, inSum, totalOf } from '../figure/figure.ts';
import { readMoney } from '../measure/read/read-money.ts';
import { readPlain } from '../measure/read/read-number.ts';
import type { ReadSetting } from './read-setting.ts';
import type { Studio } from './studio.ts';

const perYear = { week: 52, month: 12, year: 1 } as const;
/** Weeks worked in a year when none are entered: without holidays, fairs and colds (common practice). */
const USUAL_WEEKS = 46;

/**
 * Overhead per bench hour: the costs of a year ÷ its bench hours.
 * @returns money per hour; an amount typed by hand overrides the worksheet, and without either it is 0
 */
export function overheadPerHour(studio: Studio, value: ReadSetting, source: string): Figure {
  const { currency } = studio;
  const unit = `${currency}/h`;
  const typed = value('overheadPerHour', readMoney(studio.overheadPerHour, currency, 'rate'));
  const year = yearOfCosts(studio, value);
  const hours = hoursAtBench(studio, value);
  if (studio.overheadPerHour.trim() || year.value === 0 || hours.value === 0)
    return given('studio overhead', typed, unit, `${source}: ${studio.overheadPerHour.trim() || 'none entered'}`);
  const how = () => `${inSum(year.value, currency)} ÷ ${inSum(hours.value)}`;
  return computed('studio overhead', year.value / hours.value, unit, how, [year, hours]);
}

function yearOfCosts({ overheadCosts, currency }: Studio, value: ReadSetting): Figure {
  const lines = overheadCosts.map(({ name, amount, per }, index) => {
    const each = value(`overheadCosts.${String(index)}.amount`, readMoney(amount, currency));
    const paid = given(`a ${per}`, each, currency, 'as typed');
    const how = () => `${inSum(each, currency)} × ${String(perYear[per])}`;
    return computed(name.trim() || 'a cost', each * perYear[per], currency, how, [paid]);
  });
  return totalOf('costs of a year', currency, lines);
}

function hoursAtBench(studio: Studio, value: ReadSetting): Figure {
  const hours = value('benchHoursPerWeek', readPlain(studio.benchHoursPerWeek, 'number of hours', '24', hourUnit));
  const typedWeeks = value(
    'weeksPerYear',
    readPlain(studio.weeksPerYear, 'number of weeks', '46', () => undefined),
  );
  const weeks = studio.weeksPerYear.trim() ? typedWeeks : USUAL_WEEKS;
  const from = [
    given('hours at the bench in a week', hours, 'h', 'Studio, as typed'),
    given('weeks in a year', weeks, '', studio.weeksPerYear.trim() ? 'Studio, as typed' : 'common practice'),
  ];
  return computed('bench hours in a year', hours * weeks, 'h', () => `${inSum(hours)} × ${inSum(weeks)}`, from);
}

const hourUnit = (number: number, unit: string) => (/^h(ours?)?$/i.test(unit) ? number : undefined);
