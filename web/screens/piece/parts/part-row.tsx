// One part: its stock, length, quantity and weight.
import { memo, useState } from 'react';
import { type BlankRule, blankRuleOf, blankRulesOf } from '../../../../core/blank/blank.ts';
import type { Remark } from '../../../../core/piece/checks/bench-check.ts';
import type { PartComputation } from '../../../../core/piece/compute-part.ts';
import { blankInWords } from '../../../../core/piece/cut-words.ts';
import type { Part } from '../../../../core/piece/part.ts';
import type { MakeOrBuy } from '../../../../core/price/piece/make-or-buy.ts';
import type { SectionForm } from '../../../../core/stock/section.ts';
import { type PartSection } from '../../../../core/stock/typed-section.ts';
import { formNames } from '../../../../core/stock/words.ts';
import { alloyOptions } from '../../../components/alloy-options.ts';
import { BlankStrip, longestSideMm } from '../../../components/blank-strip.tsx';
import type { Option } from '../../../components/choice.tsx';
import { Choice } from '../../../components/choice.tsx';
import { EditableRow } from '../../../components/editable-row.tsx';
import { Field } from '../../../components/field.tsx';
import { Num } from '../../../components/num.tsx';
import { SectionFields, sectionFor } from '../../../components/section-fields.tsx';
import { SectionGlyph } from '../../../components/section-glyph.tsx';
import { useBasis } from '../../../hooks/use-basis.ts';
import type { SetFields, SetRow } from '../../../hooks/use-editable-rows.ts';
import { useRowProblems } from '../../../hooks/use-row-problems.ts';
import { gaugeInWords } from '../../../words/stock-words.ts';
import { addGroup, addStone, useEditPiece } from '../piece-context.ts';
import { BlankFields, blankFor } from './blank-fields.tsx';
import { PartMore } from './part-more.tsx';

interface PartRowProps {
  readonly part: Part;
  readonly index: number;
  readonly last: number;
  /** Null for the blank row at the foot. */
  readonly computation: PartComputation | null;
  readonly priceProblem: string;
  readonly set: SetRow<Part>;
  readonly groups: readonly Option[];
  readonly stones: readonly Option[];
  readonly remarks: readonly Remark[];
  readonly makeOrBuy: MakeOrBuy | null;
  readonly onMove: (index: number, by: number) => void;
  readonly onRemove: (index: number) => void;
}

const COLUMNS = 6;

export const PartRow = memo(function PartRow({
  part,
  index,
  last,
  computation,
  priceProblem,
  set: setRow,
  groups,
  stones,
  remarks,
  makeOrBuy,
  onMove,
  onRemove,
}: PartRowProps) {
  const { rates, studio } = useBasis();
  const edit = useEditPiece();
  const [more, setMore] = useState(false);
  const own = computation?.problems.map(({ path, sentence }) => [path, sentence]) ?? [];
  const problems = useRowProblems({
    ...(priceProblem && { alloy: priceProblem }),
    ...(Object.fromEntries(own) as Record<string, string>),
  });
  const name = part.name || 'the part';
  const set: SetFields<Part> = (field, change) => setRow(index, part, change, field);

  const nameField = (
    <Field
      wide
      value={part.name}
      label={computation ? `Part ${String(index + 1)}, name` : 'Add a part'}
      placeholder={computation ? 'unnamed' : 'Add a part'}
      column="part"
      maxLength={120}
      onChange={(value) => set('name', (changed) => void (changed.name = value))}
    />
  );
  const row = { name, index, last, columns: COLUMNS, isGrid: true, nameField, problems, onMove, onRemove };
  if (!computation) return <EditableRow {...row} isBlank lead={null} />;

  return (
    <EditableRow
      {...row}
      isBlank={false}
      lead={<SectionGlyph section={computation.section} alloy={computation.alloy} />}
      underName={
        <button
          type="button"
          className="chrome aside fold"
          aria-expanded={more}
          aria-label={`${name}, more`}
          onClick={() => setMore(!more)}
        >
          {extrasInWords(part, groups) || 'more'}
        </button>
      }
      details={
        more && (
          <tr role="row">
            <td role="cell" style={{ gridColumn: '2 / -1' }}>
              <PartMore
                part={part}
                computation={computation}
                groups={groups}
                onNewGroup={() => edit('', (piece) => addGroup(piece, index))}
                units={studio.units}
                problems={problems}
                makeOrBuy={makeOrBuy}
                set={set}
              />
            </td>
          </tr>
        )
      }
      problemIndent={2}
      remarks={remarks}
      edit={edit}
    >
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
          {computation.section && (
            <span className="aside whitespace-nowrap">{otherSize(part.section, computation)}</span>
          )}
        </div>
      </td>
      <td role="cell">
        <div className="flex flex-wrap items-baseline gap-x-2">
          <Choice
            value={part.blank.rule}
            options={ruleOptions(part.section.form, part.blank.rule)}
            label={`${name}, how it is cut`}
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
            onNewStone={() => edit('', (piece) => addStone(piece, index))}
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
      <td role="cell" className="end">
        <Field
          end
          value={part.count}
          label={`${name}, how many in a piece`}
          column="count"
          onChange={(value) => set('count', (changed) => void (changed.count = value))}
          {...problems.at('count')}
        />
      </td>
      <td role="cell" className="end">
        {computation.net ? <Num figure={computation.net} /> : <span className="aside">not yet</span>}
      </td>
    </EditableRow>
  );
});

/** A blank up to this length is drawn 1 px a mm; a longer one is drawn to fit. */
const FULL_STRIP_MM = 180;
const STRIP_PX = 180;

// The usual case shows nothing; a difference is readable without opening the details.
function extrasInWords(part: Part, groups: readonly Option[]): string {
  const group = part.group && groups.find(({ value }) => value === part.group)?.label;
  return [
    group && `in ${group}`,
    part.bought && 'bought',
    part.temper,
    part.paired && 'left and right',
    part.hole.trim() && `hole ${part.hole.trim()}`,
    part.endsTouchSkin && 'ends touch skin',
  ]
    .filter(Boolean)
    .join(', ');
}

// A chain is many links, a twist several strands.
function blanksEach(part: Part, { count }: PartComputation): string {
  return part.count.trim() !== String(count) && count > 1 ? ` × ${String(count)}` : '';
}

// What was typed stays; beside it stands the other name of the same thickness.
function otherSize(typed: PartSection, { section, alloy }: PartComputation): string {
  if (!section) return '';
  const text = Object.values(typed).join(' ');
  return gaugeInWords(section, alloy, { mm: !text.includes('mm'), gauge: !/ga|#/i.test(text) });
}

const formOptions = (Object.keys(formNames) as SectionForm[]).map((value) => ({
  value,
  label: formNames[value],
}));

// A rule that no longer fits the stock stays in the list until another is chosen, so that nothing changes unnoticed.
function ruleOptions(form: SectionForm, chosen: BlankRule) {
  const fitting = blankRulesOf(form);
  const rules = fitting.includes(chosen) ? fitting : [...fitting, chosen];
  return rules.map((value) => ({ value, label: blankRuleOf(value).name }));
}
