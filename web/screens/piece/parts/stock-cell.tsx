// What a part is cut from: its metal, section and thickness.
import type { PartComputation } from '../../../../core/piece/compute-part.ts';
import type { Part } from '../../../../core/piece/part.ts';
import type { SectionForm } from '../../../../core/stock/section.ts';
import { type PartSection } from '../../../../core/stock/typed-section.ts';
import { formNames } from '../../../../core/stock/words.ts';
import { alloyOptions } from '../../../components/alloy-options.ts';
import { Choice } from '../../../components/choice.tsx';
import { SectionFields, sectionFor } from '../../../components/section-fields.tsx';
import { useBasis } from '../../../hooks/use-basis.ts';
import type { SetFields } from '../../../hooks/use-editable-rows.ts';
import type { RowProblems } from '../../../hooks/use-row-problems.ts';
import { gaugeInWords } from '../../../words/stock-words.ts';
import { blankFor } from './blank-fields.tsx';

/** A cell of a row of parts. */
export interface CellProps {
  readonly part: Part;
  /** Names the part in the labels of its fields. */
  readonly name: string;
  readonly computation: PartComputation;
  readonly problems: RowProblems;
  readonly set: SetFields<Part>;
}

const formOptions = (Object.keys(formNames) as SectionForm[]).map((value) => ({
  value,
  label: formNames[value],
}));

export function StockCell({ part, name, computation, problems, set }: CellProps) {
  const { rates, studio } = useBasis();
  return (
    <td role="cell">
      <Choice
        value={part.alloy}
        options={alloyOptions(rates.alloys, part.alloy)}
        label={`${name}, metal`}
        column="alloy"
        onChange={(value) => set('alloy', (changed) => void (changed.alloy = value))}
        {...problems.at('alloy')}
      />
      <div className="flex flex-wrap items-baseline gap-x-2 text-[14px]">
        <Choice
          small
          value={part.section.form}
          options={formOptions}
          label={`${name}, section`}
          onChange={(value) =>
            set('section', (changed) => {
              changed.section = sectionFor(value as SectionForm, part.section);
              changed.blank = blankFor(part.blank, value as SectionForm);
            })
          }
        />
        <SectionFields
          name={name}
          section={part.section}
          alloy={computation.alloy}
          units={studio.units}
          problems={problems}
          set={set}
        />
        {computation.section && <span className="aside whitespace-nowrap">{otherSize(part.section, computation)}</span>}
      </div>
    </td>
  );
}

// What was typed stays; beside it stands the other name of the same thickness.
function otherSize(typed: PartSection, { section, alloy }: PartComputation): string {
  if (!section) return '';
  const text = Object.values(typed).join(' ');
  return gaugeInWords(section, alloy, { mm: !text.includes('mm'), gauge: !/ga|#/i.test(text) });
}
