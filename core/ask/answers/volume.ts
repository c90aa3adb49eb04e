// The mass of a volume of metal, the volume of a mass, and the density of both.
import { computed, given, inSum } from '../../figure/figure.ts';
import type { TopicAnswer } from '../question.ts';
import type { Slots } from '../slots.ts';
import { dimension, sameDimensions } from '../units.ts';
import { counted, valueOf } from './stock.ts';

const MM3_PER_CM3 = 1000;

/** `2.5 cc of sterling`, `volume of 50 g sterling`, `5 g and 0.48 cc`; null for any other question. */
export function volumeAnswer(slots: Slots): TopicAnswer | null {
  const { line, masses, sizes, others, alloys } = slots.question;
  const isVolume = others.some(({ dimensions }) => sameDimensions(dimensions, dimension.volume));
  if (sizes.length > 0 || masses.length > 1) return null;
  if (isVolume && masses.length === 1 && alloys.length === 0) return densityOfBoth(slots);
  if (isVolume && masses.length === 0 && alloys.length > 0) return massOfVolume(slots);
  return /\b(?:volume|displaces?)\b/i.test(line) && masses.length === 1 ? volumeOfMass(slots) : null;
}

function massOfVolume(slots: Slots): TopicAnswer {
  const alloy = slots.alloy();
  const density = slots.density(alloy);
  const volume = given('volume', (slots.rate(dimension.volume) ?? NaN) / MM3_PER_CM3, 'cm³', 'as asked');
  const how = `${inSum(volume.value)} × ${inSum(density.value)}`;
  const one = computed('mass', volume.value * density.value, 'g', how, [volume, density]);
  const count = slots.count('pieces') ?? 1;
  return { figures: [...counted(one, count), ...valueOf(slots, alloy, one, count)], topics: ['solid', 'same-volume'] };
}

function volumeOfMass(slots: Slots): TopicAnswer | null {
  const mass = slots.mass('mass');
  if (!mass) return null;
  const density = slots.density(slots.alloy());
  const how = `${inSum(mass.value)} ÷ ${inSum(density.value)}`;
  return { figures: [computed('volume', mass.value / density.value, 'cm³', how, [mass, density])] };
}

function densityOfBoth(slots: Slots): TopicAnswer | null {
  const mass = slots.mass('mass');
  const volume = given('volume', (slots.rate(dimension.volume) ?? NaN) / MM3_PER_CM3, 'cm³', 'as asked');
  if (!mass) return null;
  const how = `${inSum(mass.value)} ÷ ${inSum(volume.value)}`;
  return { figures: [computed('density', mass.value / volume.value, 'g/cm³', how, [mass, volume])], topics: ['identify', 'density'] }; // prettier-ignore
}
