// How a part is cut: its blank, what is trimmed, and the blank drawn to scale.
import { benchWords } from '../../../../core/blank/bench-words.ts';
import { type BlankRule, blankRuleOf, blankRulesOf } from '../../../../core/blank/blank.ts';
import type { PartComputation } from '../../../../core/piece/compute-part.ts';
import { blankInWords } from '../../../../core/piece/cut-words.ts';
import type { Part } from '../../../../core/piece/part.ts';
import type { SectionForm } from '../../../../core/stock/section.ts';
import { BlankStrip, longestSideMm } from '../../../components/blank-strip.tsx';
import { Choice, type Option } from '../../../components/choice.tsx';
import { Field } from '../../../components/field.tsx';
import { useBasis } from '../../../hooks/use-basis.ts';
import { BlankFields, blankFor } from './blank-fields.tsx';
import type { CellProps } from './stock-cell.tsx';

interface BlankCellProps extends CellProps {
  readonly stones: readonly Option[];
  readonly onNewStone: () => void;
}

/** A blank up to this length is drawn 1 px a mm; a longer one is drawn to fit. */
const FULL_STRIP_MM = 180;
const STRIP_PX = 180;

export function BlankCell({ part, name, computation, problems, set, stones, onNewStone }: BlankCellProps) {
  const { studio } = useBasis();
  return (
    <td role="cell">
      <div className="flex flex-wrap items-baseline gap-x-2">
        <Choice
          value={part.blank.rule}
          options={ruleOptions(part.section.form, part.blank.rule)}
          label={`${name}, blank`}
          onChange={(value) =>
            set(
              'blank',
              (changed) => void (changed.blank = blankFor(part.blank, part.section.form, value as BlankRule)),
            )
          }
          {...problems.at('blank.rule')}
        />
        <BlankFields
          name={name}
          blank={part.blank}
          section={part.section}
          units={studio.units}
          stones={stones}
          onNewStone={onNewStone}
          problems={problems}
          set={set}
        />
      </div>
      <div className="flex flex-wrap items-baseline gap-x-2 text-[14px] text-soft">
        {computation.cut && (
          <span className="num">
            cut {blankInWords(computation.cut, studio.units)}
            {blanksEach(part, computation)}
          </span>
        )}
        {part.blank.rule === 'knuckles' && <span className="num">{benchWords(part.blank)}</span>}
        <span className="whitespace-nowrap">
          trim{' '}
          <Field
            small
            value={part.trim}
            label={`${name}, trim`}
            unit={studio.units === 'mm' ? 'mm' : 'in'}
            placeholder="0"
            column="trim"
            onChange={(value) => set('trim', (changed) => void (changed.trim = value))}
            {...problems.at('trim')}
          />
        </span>
      </div>
      {computation.cut && computation.section && computation.alloy && (
        <BlankStrip
          cut={computation.cut}
          section={computation.section}
          alloy={computation.alloy}
          longestMm={Math.max(FULL_STRIP_MM, longestSideMm(computation.cut))}
          width={STRIP_PX}
        />
      )}
    </td>
  );
}

// A chain is many links, a twist several strands.
function blanksEach(part: Part, { count }: PartComputation): string {
  return part.count.trim() !== String(count) && count > 1 ? ` × ${String(count)}` : '';
}

// A rule that no longer fits the stock stays in the list until another is chosen, so that nothing changes unnoticed.
function ruleOptions(form: SectionForm, chosen: BlankRule) {
  const fitting = blankRulesOf(form);
  const rules = fitting.includes(chosen) ? fitting : [...fitting, chosen];
  return rules.map((value) => ({ value, label: blankRuleOf(value).name }));
}
