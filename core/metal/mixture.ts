// Density of an ideal mixture, used for an alloy until it is weighed.
import { computed, type Figure, given, inSum } from '../figure/figure.ts';
import { elements, elementsSource, type ElementSymbol } from './elements.ts';

/** Mass fractions by element symbol. */
export type Composition = Readonly<Record<string, number>>;

/**
 * Density of an ideal mixture: 1 / Σ(w / ρ). Alloys of copper and zinc are 1 to 2 % denser, since they contract; most
 * others are within 1 %.
 * @param composition  mass fractions by element symbol, summing to 1
 * @returns g/cm³ with its calculation
 * @throws RangeError for an unknown symbol, or fractions that do not sum to 1
 */
export function mixtureDensity(composition: Composition, name = ''): Figure {
  const sum = Object.values(composition).reduce((total, share) => total + share, 0);
  if (Math.abs(sum - 1) > 0.001)
    throw new RangeError(`The metals come to ${inSum(sum * 100)} %, not to 100 %. Put the shares right.`);
  const terms = Object.entries(composition).map(([symbol, share]) => ({
    share: given(name ? `${symbol} in ${name}` : symbol, share, '', 'composition'),
    density: elementDensity(symbol),
  }));
  const volume = terms.reduce((total, { share, density }) => total + share.value / density.value, 0);
  const how = () =>
    `1 ÷ (${terms.map(({ share, density }) => `${inSum(share.value)} ÷ ${inSum(density.value)}`).join(' + ')})`;
  return computed(
    name ? `density of ${name} as an ideal mixture` : 'ideal mixture until it is weighed',
    1 / volume,
    'g/cm³',
    how,
    terms.flatMap(({ share, density }) => [share, density]),
  );
}

function elementDensity(symbol: string): Figure {
  if (!(symbol in elements))
    throw new RangeError(`“${symbol}” is not a metal of the element table. Try Ag, Au, Cu, Zn.`);
  return given(`density of ${symbol}`, elements[symbol as ElementSymbol].densityGPerCm3, 'g/cm³', elementsSource);
}
