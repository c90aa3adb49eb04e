// Money for time at a rate.
import { computed, type Figure, inSum } from '../figure/figure.ts';

/** Cost of minutes at an hourly rate. */
export function hourly(label: string, minutes: Figure, rate: Figure, currency: string): Figure {
  const how = () => `${inSum(minutes.value)} ÷ 60 × ${inSum(rate.value, rate.unit)}`;
  return computed(label, (minutes.value / 60) * rate.value, currency, how, [minutes, rate]);
}
