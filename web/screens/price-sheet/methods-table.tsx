// The pricing methods side by side. The studio uses one; a piece may use another and say why.
import { useState } from 'react';
import { showValue } from '../../../core/figure/show.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { type Prices, pricesOf } from '../../../core/price/methods/prices.ts';
import type { PieceCount } from '../../../core/price/piece/count-piece.ts';
import { type PricingMethod, pricingMethods } from '../../../core/studio/pricing-methods.ts';
import { Calculation } from '../../components/calculation.tsx';
import { Choice } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { Num } from '../../components/num.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import type { Edit } from '../../hooks/use-document.ts';
import { schoolNames } from '../../words/cost-words.ts';
import { words } from '../../words/price-sheet.ts';

interface SchoolsTableProps {
  readonly piece: Piece;
  readonly count: PieceCount;
  readonly edit: Edit<Piece>;
}

export function MethodsTable({ piece, count, edit }: SchoolsTableProps) {
  const { rates } = useBasis();
  const [opened, setOpened] = useState<PricingMethod | null>(null);
  const { rule } = rates.selling;
  const { pricing } = piece;
  const target = count.pricing.targetMinor;
  const bySchool = pricingMethods.flatMap((school): { school: PricingMethod; prices: Prices }[] => {
    if (school === 'price-point' && target === 0) return [];
    if (school === 'margin' && rule.margin.value === 0) return [];
    if (school === 'mark-ups' && Object.values(rule.markUps).every(({ value }) => value === 0)) return [];
    return [{ school, prices: pricesOf(count.column, count.minutes, { school, targetMinor: target }, rule) }];
  });
  const missing = pricingMethods.filter((school) => !bySchool.some((one) => one.school === school));
  return (
    <section aria-labelledby="schools" className="mt-5">
      <h2 id="schools">{words.pricingMethodsCompared}</h2>
      <table className="rows" aria-label={words.pricingMethods}>
        <TableHeader of={['method', { end: 'wholesale' }, { end: 'retail' }, { end: 'margin' }, { end: 'per hour' }]} />
        <tbody>
          {bySchool.map(({ school, prices }) => {
            const isRule = school === count.pricing.school;
            return [
              <tr key={school} className={`border-b border-hair ${isRule ? 'bg-act-wash' : ''}`}>
                <td className="first">
                  {schoolNames[school]}
                  {isRule && (
                    <span className="aside block">{pricing.school ? 'for this piece' : 'studio default'}</span>
                  )}
                </td>
                <td className="end">
                  <button
                    type="button"
                    className="figure"
                    aria-expanded={opened === school}
                    aria-label={`Wholesale by ${schoolNames[school]}: ${showValue(prices.wholesale.value, prices.wholesale.unit)}, show calculation`}
                    onClick={() => setOpened(opened === school ? null : school)}
                  >
                    <Num figure={prices.wholesale} />
                  </button>
                </td>
                <td className="end">
                  <Num figure={prices.retail} />
                </td>
                <td className="end num">{prices.margin && `${showValue(prices.margin.value, '%')} %`}</td>
                <td className="end">{prices.perHour && <Num figure={prices.perHour} />}</td>
              </tr>,
              opened === school && (
                <tr key={`${school} working`}>
                  <td colSpan={5}>
                    <Calculation figure={prices.wholesale} />
                  </td>
                </tr>
              ),
            ];
          })}
        </tbody>
      </table>
      {missing.length > 0 && (
        <p className="aside mt-1">
          {missing.map((school) => schoolNames[school]).join(', ')}:{' '}
          {missing.includes('price-point') ? 'enter a target retail price below; ' : ''} {words.markupsAndMarginAreIn}
        </p>
      )}
      <p className="chrome mt-2 flex flex-wrap items-baseline gap-x-4 text-[15px]">
        <span>
          {words.pricingMethodOfThisPiece}{' '}
          <Choice
            value={pricing.school}
            options={[
              { value: '', label: `studio default, ${schoolNames[rule.school]}` },
              ...pricingMethods.map((value) => ({ value, label: schoolNames[value] })),
            ]}
            label={words.pricingMethodOfThisPieceTitle}
            onChange={(school) => edit('', (draft) => void (draft.pricing.school = school as PricingMethod | ''))}
          />
        </span>
        {pricing.school && (
          <Field
            wide
            open
            value={pricing.reason}
            label={words.noteOnThePricingMethod}
            placeholder={words.noteOptional}
            maxLength={400}
            onChange={(reason) => edit('pricing.reason', (draft) => void (draft.pricing.reason = reason))}
          />
        )}
      </p>
    </section>
  );
}
