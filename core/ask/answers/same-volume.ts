// The mass of a piece in another metal, or of a casting from its wax: the volume stays, the density changes.
import { computed, given, inSum } from '../../figure/figure.ts';
import type { NamedAlloy, Question, TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';

const EXAMPLE = '6 g sterling piece, weight in 18k yellow gold';
/** Density of injection and carving wax, g/cm³: makers multiply the weight of the wax by the density of the metal. */
const WAX_G_PER_CM3 = 1;

/** Mass of the same volume in another metal. */
export function sameVolumeAnswer(slots: Slots): TopicAnswer {
  const { alloys, line } = slots.question;
  const mass = slots.mass('mass as it is');
  const isWax = /\bwax(?:es)?\b/i.test(line);
  const from = isWax ? null : sourceOf(slots.question);
  const to = alloys.find((named) => named !== from);
  if (!mass || !to || (!isWax && !from)) throw new NotEnough('Give the weight and both metals.', EXAMPLE);
  const [was, becomes] = [
    from ? densityOf(slots, from) : given('density of wax', WAX_G_PER_CM3, 'g/cm³', 'about 1 (common practice)'),
    densityOf(slots, to),
  ];
  if (isWax) slots.assume('wax of 1 g/cm³; the sprue is not included', []);
  const how = `${inSum(mass.value)} × ${inSum(becomes.value)} ÷ ${inSum(was.value)}`;
  return {
    figures: [
      computed(`mass in ${to.alloy.name}`, (mass.value * becomes.value) / was.value, 'g', how, [mass, was, becomes]),
    ],
  };
}

// The metal that does not stand after in or to; where both or neither do, the one beside the weight.
function sourceOf({ line, alloys, masses }: Question): NamedAlloy | undefined {
  const plain = alloys.filter(({ start }) => !/\b(?:in|to|into|as)\s+$/i.test(line.slice(0, start)));
  if (plain.length === 1) return plain[0];
  const at = masses[0]?.start ?? 0;
  const away = ({ start, end }: NamedAlloy) => (start > at ? start - at : at - end);
  return alloys.toSorted((a, b) => away(a) - away(b))[0];
}

/** Whether a weight and two metals ask for the same piece in another metal: no alloying leads from one to the other. */
export function isOtherMetal(from: NamedAlloy, to: NamedAlloy): boolean {
  return mainMetal(from) !== mainMetal(to);
}

function mainMetal({ alloy }: NamedAlloy): string {
  return Object.entries(alloy.composition).sort(([, a], [, b]) => b - a)[0]?.[0] ?? alloy.id;
}

function densityOf(slots: Slots, named: NamedAlloy) {
  named.used = true;
  return slots.density(named.alloy);
}
