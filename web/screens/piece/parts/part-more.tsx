// More fields of a part: temper, hole, kerf, scrap, spares, and buying it ready made.
import { memo } from 'react';
import { showFigure } from '../../../../core/figure/show.ts';
import { scrapKinds } from '../../../../core/metal/scrap-kinds.ts';
import { type PartComputation, scrapNames } from '../../../../core/piece/compute-part.ts';
import type { Units } from '../../../../core/piece/cut-words.ts';
import { type Part, tempers } from '../../../../core/piece/part.ts';
import type { MakeOrBuy } from '../../../../core/price/piece/make-or-buy.ts';
import { Choice, type Option } from '../../../components/choice.tsx';
import { Field } from '../../../components/field.tsx';
import { Labelled, Tick } from '../../../components/labelled.tsx';
import type { SetFields } from '../../../hooks/use-editable-rows.ts';
import type { RowProblems } from '../../../hooks/use-row-problems.ts';
import { words } from '../../../words/piece.ts';
import { NEW } from './blank-fields.tsx';
import { FromCut } from './from-cut.tsx';

const temperOptions: readonly Option[] = tempers.map((value) => ({ value, label: value || 'as it comes' }));
const scrapOptions: readonly Option[] = scrapKinds.map((value) => ({ value, label: scrapNames[value] }));

interface PartMoreProps {
  readonly part: Part;
  readonly computation: PartComputation;
  readonly groups: readonly Option[];
  /** Adds a sub-assembly with this part in it. */
  readonly onNewGroup: () => void;
  readonly units: Units;
  readonly problems: RowProblems;
  readonly makeOrBuy: MakeOrBuy | null;
  readonly set: SetFields<Part>;
}

export const PartMore = memo(function PartMore(props: PartMoreProps) {
  const { part, computation, groups, onNewGroup, units, problems, makeOrBuy, set } = props;
  const name = part.name || 'the part';
  const lengthUnit = units === 'mm' ? 'mm' : 'in';
  const field = (
    key: 'hole' | 'holes' | 'kerf' | 'spare' | 'buyPrice',
    label: string,
    unit: string,
    placeholder: string,
  ) => (
    <Field
      small
      open
      value={part[key]}
      label={`${name}, ${label}`}
      unit={unit}
      placeholder={placeholder}
      onChange={(value) => set(key, (changed) => void (changed[key] = value))}
      {...problems.at(key)}
    />
  );
  const choose = (key: 'temper' | 'scrap' | 'group', label: string, options: readonly Option[]) => (
    <Choice
      small
      value={part[key]}
      options={options}
      label={`${name}, ${label}`}
      onChange={(value) =>
        value === NEW ? onNewGroup() : set(key, (changed) => void Object.assign(changed, { [key]: value }))
      }
    />
  );
  const tick = (key: 'paired' | 'endsTouchSkin' | 'bought', word: string, label: string) => (
    <Tick
      word={word}
      label={`${name}, ${label}`}
      checked={part[key]}
      onChange={(checked) => set('', (changed) => void (changed[key] = checked))}
    />
  );
  return (
    <div className="flex flex-col gap-y-2 pb-2 text-[14px]">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-2">
        <Labelled word="temper">{choose('temper', 'temper', temperOptions)}</Labelled>
        <Labelled word="in">
          {choose('group', 'sub-assembly', [...groups, { value: NEW, label: 'a new sub-assembly' }])}
        </Labelled>
        <Labelled word="hole">{field('hole', 'hole diameter', lengthUnit, 'none')}</Labelled>
        {part.hole.trim() !== '' && <Labelled word="holes">{field('holes', 'number of holes', '', '1')}</Labelled>}
        <Labelled word="kerf">{field('kerf', words.widthOfTheCut, lengthUnit, '0')}</Labelled>
        <Labelled word="offcut">{choose('scrap', 'type of offcut', scrapOptions)}</Labelled>
        <Labelled word="extras per batch">{field('spare', 'extras per batch', '', '0')}</Labelled>
        {tick('paired', 'mirrored pair', 'mirrored pair')}
        {tick('endsTouchSkin', words.endsWornAgainstSkin, words.endsWornAgainstSkin)}
      </div>
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-2">
        <Labelled word="bought-in price, each">{field('buyPrice', 'bought-in price, each', '', 'none')}</Labelled>
        {part.buyPrice.trim() && tick('bought', 'bought in', 'bought in')}
        {makeOrBuy && (
          <span>
            {words.costForOnePiece} {showFigure(makeOrBuy.made)} made, {showFigure(makeOrBuy.bought)} bought in:{' '}
            <b>{makeOrBuy.better === 'buy' ? 'buying' : 'making'} is cheaper</b>
          </span>
        )}
      </div>
      <FromCut part={part} units={units} set={set} />
      {computation.gross && (
        <p className="num text-soft">
          {showFigure(computation.gross)} cut
          {scrapKinds.flatMap((kind) => {
            const scrap = computation.scrap[kind];
            return scrap ? `, ${showFigure(scrap)} ${scrapNames[kind]}` : [];
          })}
          {computation.net && `, ${showFigure(computation.net)} remains`}
        </p>
      )}
    </div>
  );
});
