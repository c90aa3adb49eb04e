// The flow point of a solder by its grade and metal.
import { computed, given, inSum } from '../../figure/figure.ts';
import { fahrenheit } from '../../measure/temperature.ts';
import { solders } from '../../metal/solders.ts';
import type { TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';

const GRADE = /\b(extra[- ]easy|easy|medium|hard|it)\b/i;
const EXAMPLE = 'flow point of hard silver solder';

/** Flow point and solidus of a solder; cadmium-free grades of wire and sheet only. */
export function solderAnswer(slots: Slots): TopicAnswer {
  const { line, alloys } = slots.question;
  const said = GRADE.exec(line)?.[1]?.toLowerCase().replace(' ', '-');
  if (!said) throw new NotEnough('Name the grade: extra easy, easy, medium or hard.', EXAMPLE);
  const grade = said === 'it' ? 'hard-IT' : said;
  const [named] = alloys;
  const family = named ? familyOf(named.alloy) : 'silver';
  if (named) named.used = true;
  else slots.assume('silver solder', []);
  const solder = solders.find(
    (one) => one.family === family && one.grade === grade && one.form === 'wire-sheet' && one.cadmiumFree,
  );
  if (!solder) throw new NotEnough('The book has no such solder.', EXAMPLE);
  const [flow, solidus] = [
    given(`flow point of ${solder.name}`, solder.flowC, '°C', solder.source),
    given('begins to melt (solidus)', solder.solidusC, '°C', solder.source),
  ];
  const inFahrenheit = computed('flow point, °F', fahrenheit(flow.value), '°F', `${inSum(flow.value)} × 9/5 + 32`, [
    flow,
  ]);
  return {
    figures: [flow, inFahrenheit, solidus],
    note: 'Typical value. Your supplier’s data sheet wins.',
    topics: ['melting'],
  };
}

function familyOf({ id, family }: { readonly id: string; readonly family: string }): string {
  return /^gold-\d+k/.exec(id)?.[0] ?? family;
}
