// Metal that becomes other stock: melted, alloyed, rolled and drawn.
import type { End } from './entry.ts';
import { closingLine, type Fine, fineMetals, type MetalLine, type MetalMass, move, sumOf } from './entry.ts';

/** Metal that goes into a melt, from where it lies. */
export interface MeltInput {
  readonly mass: MetalMass;
  readonly from: End;
}

/**
 * Lines of a conversion: all inputs leave, the output comes, and what is missing is lost.
 * @param output  weighed; its fine content where it was assayed, otherwise that of what went in
 * @param to      where it lies now
 * @throws RangeError when more came out than went in
 */
export function conversionLines(
  inputs: readonly MeltInput[],
  output: { readonly alloy: string; readonly mg: number; readonly fine?: Fine },
  to: End,
): MetalLine[] {
  const out = inputs.map(({ mass, from }): MetalLine => {
    const [line] = move(mass, from, from);
    if (!line) throw new RangeError('A move has two lines.');
    return line;
  });
  const went = sumOf(inputs.map(({ mass }) => mass));
  if (output.mg > went.mg) throw new RangeError('More came out than went in. Weigh again.');
  const [, into] = move({ alloy: output.alloy, mg: output.mg, fine: output.fine ?? fineIn(went, output.mg) }, to, to);
  const lines = into ? [...out, into] : out;
  const main = inputs.toSorted((a, b) => b.mass.mg - a.mass.mg)[0]?.mass.alloy ?? output.alloy;
  const lost = closingLine(lines, 'loss', main);
  return lost ? [...lines, lost] : lines;
}

/** The loss takes its share of the fine metal. */
function fineIn({ mg, fine }: { readonly mg: number; readonly fine: Fine }, outMg: number): Fine {
  const share = mg === 0 ? 0 : outMg / mg;
  return Object.fromEntries(fineMetals.map((metal) => [metal, Math.round(fine[metal] * share)])) as unknown as Fine;
}

/** Metal on hand for a melt. */
export interface MeltStock {
  readonly id: string;
  /** Parts per thousand of the wanted metal. */
  readonly fineness: number;
  readonly mg: number;
}

/** What to take for a melt. */
export interface MeltTake {
  readonly id: string;
  readonly mg: number;
}

/**
 * How much of what is there makes a mass of a fineness: what lies nearest above and below is taken first, so that least
 * fine metal is used up.
 * @returns null when what is there cannot make it
 */
export function takeForMelt(stock: readonly MeltStock[], wantedMg: number, fineness: number): MeltTake[] | null {
  const exact = stock.filter((one) => one.fineness === fineness && one.mg > 0);
  const takes: MeltTake[] = [];
  let left = wantedMg;
  for (const { id, mg } of exact) {
    const taken = Math.min(mg, left);
    if (taken > 0) takes.push({ id, mg: taken });
    left -= taken;
  }
  if (left <= 0) return takes;
  const above = stock.filter((one) => one.fineness > fineness).sort((a, b) => a.fineness - b.fineness);
  const below = stock.filter((one) => one.fineness < fineness).sort((a, b) => b.fineness - a.fineness);
  const there = new Map([...above, ...below].map((one) => [one.id, one.mg]));
  for (const high of above) {
    for (const low of below) {
      if (left <= 0) return takes;
      // Of a gram: x of the high one, with x × high + (1 − x) × low = fineness.
      const share = (fineness - low.fineness) / (high.fineness - low.fineness);
      const [highMg = 0, lowMg = 0] = [there.get(high.id), there.get(low.id)];
      const most = Math.min(left, highMg / share, lowMg / (1 - share));
      if (most < 1) continue;
      const [takeHigh, takeLow] = [Math.round(most * share), Math.round(most * (1 - share))];
      takes.push({ id: high.id, mg: takeHigh }, { id: low.id, mg: takeLow });
      there.set(high.id, highMg - takeHigh);
      there.set(low.id, lowMg - takeLow);
      left -= most;
    }
  }
  return left <= 1 ? together(takes) : null;
}

function together(takes: readonly MeltTake[]): MeltTake[] {
  const ids = [...new Set(takes.map(({ id }) => id))];
  return ids.map((id) => ({ id, mg: takes.filter((one) => one.id === id).reduce((sum, { mg }) => sum + mg, 0) }));
}

/**
 * Length that a mass becomes at a section: volume stays (constant volume of plastic working).
 * @param densityGPerCm3  of the alloy
 * @returns mm
 */
export function drawnLength(mg: number, areaMm2: number, densityGPerCm3: number): number {
  return mg / (areaMm2 * densityGPerCm3);
}
