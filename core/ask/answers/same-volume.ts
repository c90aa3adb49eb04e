// The mass of a piece in another metal, or of a casting from its wax: the volume stays, the density changes.
import { computed, given, inSum } from '../../figure/figure.ts';
import type { NamedAlloy, TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';

const EXAMPLE = '6 g sterling piece, weight in 18k yellow gold';
/** Density of injection and carving wax, g/cm³: makers multiply the weight of the wax by the density of the metal. */
const WAX_G_PER_CM3 = 1;

/** Mass of the same volume in another metal. */
export function sameVolumeAnswer(slots: Slots): TopicAnswer {
  const { alloys, line } = slots.question;
  const mass = slots.mass('mass as it is');
  const isWax = /\bwax(?:es)?\b/i.test(line);
  const [first, second] = alloys;
  const to = isWax ? first : second?.isGoal === false && first?.isGoal ? first : second;
  const from = isWax ? null : alloys.find((named) => named !== to);
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
