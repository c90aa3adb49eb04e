// What a maker needs to see of one step at the bench: its parts and joins, what to mind and what to look at.
import type { BatchRun } from '../batch/batch-run.ts';
import { benchWords } from '../blank/bench-words.ts';
import type { Cut } from '../blank/cut.ts';
import type { Alloy } from '../metal/alloys.ts';
import { showTemperature } from '../metal/temperatures.ts';
import { blankInWords, type Units } from '../piece/cut-words.ts';
import { jointInWords } from '../piece/joint-words.ts';
import { scopeOf } from '../piece/scope.ts';
import { stepKindOf } from '../piece/step.ts';
import { cautionsFor, inspectionOf } from '../piece/step-care.ts';
import type { Section } from '../stock/section.ts';
import { sectionAsTyped } from '../stock/words.ts';
import { workKindOf } from '../work/work-kinds.ts';
import type { BenchStep } from './batch-steps.ts';

/** A part that the step is done to. */
interface CardPart {
  readonly id: string;
  readonly name: string;
  /** `Sterling silver sheet 0.9 mm` */
  readonly material: string;
  /** `cut 37.5 disc`, and what else the bench must know of it. */
  readonly blank: string;
  readonly cut: Cut;
  readonly section: Section;
  readonly alloy: Alloy;
}

/** What a maker needs to see of a step. */
export interface StepCard {
  /** `Silver medium, 738 °C: 1 joint per piece, 2 pallions each` for each join; none for other work. */
  readonly joins: readonly { readonly solder: string; readonly more: string }[];
  readonly parts: readonly CardPart[];
  readonly cautions: readonly string[];
  /** What is looked at when it is done; '' for nothing in particular. */
  readonly look: string;
}

/** @param run  the run of the batch that the step belongs to */
export function stepCard({ step }: Pick<BenchStep, 'step'>, run: BatchRun, units: Units): StepCard {
  const { piece, count } = run;
  const scope = scopeOf(step, piece);
  const isJoining = workKindOf(stepKindOf(step)).place === 'at-join';
  const isDrilling = stepKindOf(step) === 'drill';
  const joins = isJoining ? scope.joins : [];
  // Work at a join shows what it joins.
  const joined = joins.flatMap((at) => piece.joins[at]?.parts ?? []);
  const parts = [...piece.parts.keys()].filter((at) => {
    return scope.parts.includes(at) || joined.includes(piece.parts[at]?.id ?? '');
  });
  return {
    joins: joins.flatMap((at) => {
      const [join, computed] = [piece.joins[at], count.joins[at]];
      if (!join || !computed?.solder) return [];
      const { solder, flow } = computed;
      const flows = flow ? `flows at ${showTemperature(flow.value)}` : '';
      return [{ solder: solder.name, more: [flows, jointInWords(join, computed)].filter(Boolean).join(', ') }];
    }),
    parts: parts.flatMap((at): CardPart[] => {
      const [part, computed] = [piece.parts[at], count.parts[at]];
      if (!part || !computed?.cut || !computed.section || !computed.alloy) return [];
      const { cut, section, alloy } = computed;
      return [
        {
          id: part.id,
          name: part.name.trim() || 'part',
          material: `${alloy.name}, ${sectionAsTyped(section, part.section)}`,
          blank: [blankInWords(cut, units), benchWords(part.blank), isDrilling ? drillWords(computed.hole) : '']
            .filter(Boolean)
            .join(', '),
          cut,
          section,
          alloy,
        },
      ];
    }),
    cautions: cautionsFor(step, piece).map(({ text }) => text),
    look: inspectionOf(step, piece),
  };
}

const drillWords = (mm: number | null) => (mm === null ? '' : `drill ${mm.toFixed(1)} mm`);
