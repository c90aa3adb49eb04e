// What is for sale: one row a price level.
import type { Draft } from '@reduxjs/toolkit';
import { showValue } from '../../../core/figure/show.ts';
import { type Fair, type Level, newLevel } from '../../../core/price/fair/fair.ts';
import type { FairPlan } from '../../../core/price/fair/fair-plan.ts';
import { Choice } from '../../components/choice.tsx';
import { EditableRow, EditableRows } from '../../components/editable-row.tsx';
import { Field } from '../../components/field.tsx';
import { usePieceOptions } from '../../hooks/use-cost-of-piece.ts';
import type { Edit } from '../../hooks/use-document.ts';
import { type SetRow, useEditableRows } from '../../hooks/use-editable-rows.ts';
import type { RowMoves } from '../../hooks/use-row-moves.ts';
import { useRowProblems } from '../../hooks/use-row-problems.ts';
import { issuesAt } from '../../state/basis.ts';
import { words } from '../../words/fairs.ts';

const freshLevel = (_previous: Level | undefined, id: string) => newLevel(id);
const levelsOf = (draft: Draft<Fair>) => draft.levels;

const COLUMNS = 7;

interface LevelRowsProps {
  readonly fair: Fair;
  readonly plan: FairPlan;
  readonly edit: Edit<Fair>;
}

export function LevelRows({ fair, plan, edit }: LevelRowsProps) {
  const { set, onMove, onRemove, blank } = useEditableRows({
    edit,
    list: 'levels',
    rows: fair.levels,
    rowsOf: levelsOf,
    fresh: freshLevel,
  });
  return (
    <section aria-labelledby="levels" className="mt-5">
      <h2 id="levels">{words.priceLevels}</h2>
      <EditableRows
        label={words.priceLevels}
        heads={[
          'level',
          { end: 'price or multi-buy', title: words.aPriceOrAMulti },
          { end: 'cost each' },
          { end: 'buyers, %', title: words.shareOfBuyersWhoBuy },
          { end: 'second, %', title: words.shareWhoBuyASecondTitle },
          { end: 'third, %', title: words.shareWhoBuyAThirdTitle },
          { end: 'sold' },
        ]}
        onMove={onMove}
      >
        {[...fair.levels, blank].map((level, index) => (
          <LevelRow
            key={level.id}
            level={level}
            index={index}
            last={fair.levels.length - 1}
            plan={plan}
            isBlank={index === fair.levels.length}
            set={set}
            onMove={onMove}
            onRemove={onRemove}
          />
        ))}
      </EditableRows>
      <p className="problem">{plan.problems.find(({ path }) => path === 'levels')?.sentence}</p>
      <p className="aside mt-1">{words.aMultiBuyPriceSuch}</p>
    </section>
  );
}

interface LevelRowProps {
  readonly level: Level;
  readonly index: number;
  readonly last: number;
  readonly plan: FairPlan;
  readonly isBlank: boolean;
  readonly set: SetRow<Level>;
  readonly onMove: RowMoves['onMove'];
  readonly onRemove: (index: number) => void;
}

function LevelRow({ level, index, last, plan, isBlank, set, onMove, onRemove }: LevelRowProps) {
  const pieces = usePieceOptions('no piece');
  const problems = useRowProblems(issuesAt(plan.problems, `levels.${String(index)}`));
  const name = level.name || 'the level';
  const cost = plan.levels[index]?.cost;
  const field = (key: 'price' | 'cost' | 'share' | 'second' | 'third' | 'sold', label: string, placeholder: string) => (
    <td className="end num">
      <Field
        end
        value={level[key]}
        label={`${name}, ${label}`}
        placeholder={placeholder}
        column={`level-${key}`}
        maxLength={80}
        onChange={(value) => set(index, level, { [key]: value })}
        {...problems.at(key)}
      />
    </td>
  );
  return (
    <EditableRow
      name={name}
      index={index}
      last={last}
      columns={COLUMNS}
      isBlank={isBlank}
      nameField={
        <Field
          wide
          value={level.name}
          label={isBlank ? words.addALevel : `Level ${String(index + 1)}, name`}
          placeholder={isBlank ? words.addALevel : words.unnamed}
          column="level"
          maxLength={120}
          onChange={(value) => set(index, level, { name: value })}
        />
      }
      underName={
        <span className="block text-[14px]">
          <Choice
            small
            value={level.piece}
            options={pieces}
            label={`${name}, piece`}
            onChange={(piece) => set(index, level, { piece }, '')}
          />
        </span>
      }
      problems={problems}
      onMove={onMove}
      onRemove={onRemove}
    >
      {field('price', 'price or multi-buy', '0')}
      {field('cost', 'cost each', cost ? showValue(cost.value, cost.unit) : '0')}
      {field('share', 'share of buyers', '0 %')}
      {field('second', words.shareWhoBuyASecond, '0 %')}
      {field('third', words.shareWhoBuyAThird, '0 %')}
      {field('sold', 'sold', 'not yet')}
    </EditableRow>
  );
}
