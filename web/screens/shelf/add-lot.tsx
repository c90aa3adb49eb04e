// Adds stock that arrived, or that was there before the ledger started.
import { useState } from 'react';
import { type NewLot, newLotSchema, readLot } from '../../../core/batch/stock/shelf.ts';
import { showValue } from '../../../core/figure/show.ts';
import { tempers } from '../../../core/piece/part.ts';
import type { SectionForm } from '../../../core/stock/section.ts';
import { formNames } from '../../../core/stock/words.ts';
import { alloyOptions } from '../../components/alloy-options.ts';
import { Choice } from '../../components/choice.tsx';
import { Failure, isTaken } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { Labelled } from '../../components/labelled.tsx';
import { SectionFields, sectionFor } from '../../components/section-fields.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useRowProblems } from '../../hooks/use-row-problems.ts';
import { useAddLotMutation, useCountLotMutation } from '../../state/endpoints/stock.ts';
import { showToast } from '../../state/toasts.ts';
import { words } from '../../words/shelf.ts';

const forms = (Object.keys(formNames) as SectionForm[])
  .filter((form) => form !== 'grain')
  .map((value) => ({ value, label: formNames[value] }));
const temperOptions = tempers.map((value) => ({ value, label: value || 'as it comes' }));
const empty = newLotSchema.parse({ alloy: 'silver-925', section: { form: 'round', diameter: '' } });

export function AddLot() {
  const { rates, studio } = useBasis();
  const [typed, setTyped] = useState<NewLot>(empty);
  const [add, { error, isLoading }] = useAddLotMutation();
  const [countLot] = useCountLotMutation();
  /** The size stays for the next lot; what it lacks is not wrong yet. */
  const [isNext, setNext] = useState(false);
  const alloy = rates.alloys.get(typed.alloy) ?? null;
  const read = readLot(typed, rates.alloys, rates.currency);
  const isSheet = typed.section.form === 'sheet';
  const isBegun = [typed.length, typed.width, typed.height, ...Object.values(typed.section).slice(1)].some((text) =>
    text.trim(),
  );
  const rowProblems = useRowProblems({});
  const problems = isBegun && !isNext && 'problems' in read ? read.problems : [];
  const unit = studio.units === 'mm' ? 'mm' : 'in';
  const keep = async () => {
    const answer = await add(typed);
    if (!isTaken(answer)) return;
    const lot = answer.data?.find(({ how }) => how === 'in')?.lot;
    if (lot) showToast(words.stockReceived, () => void countLot({ id: lot.id, count: '0', why: words.undone }));
    setNext(true);
    setTyped({ ...typed, length: '', width: '', height: '', count: '1', paid: '' });
  };
  const field = (
    key: 'length' | 'width' | 'height' | 'count' | 'paid',
    label: string,
    placeholder: string,
    of = '',
  ) => (
    <Field
      open
      className="num"
      value={typed[key]}
      label={label}
      unit={of}
      placeholder={placeholder}
      onChange={(value) => {
        setNext(false);
        setTyped({ ...typed, [key]: value });
      }}
    />
  );
  return (
    <form
      className="chrome mt-5"
      aria-labelledby="add-lot"
      onSubmit={(event) => {
        event.preventDefault();
        if (!('problems' in read)) void keep();
      }}
    >
      <h2 id="add-lot">{words.receiveStock}</h2>
      <p className="flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[15px]">
        <Choice
          open
          value={typed.alloy}
          options={alloyOptions(rates.alloys, typed.alloy)}
          label={words.stockWhichMetal}
          onChange={(value) => setTyped({ ...typed, alloy: value })}
        />
        <Choice
          open
          value={typed.section.form}
          options={forms}
          label={words.stockWhichSection}
          onChange={(form) => setTyped({ ...typed, section: sectionFor(form as SectionForm, typed.section) })}
        />
        <SectionFields
          name="Stock"
          section={typed.section}
          alloy={alloy}
          units={studio.units}
          problems={rowProblems}
          set={(_field, change) => {
            const part = { section: { ...typed.section } };
            change(part);
            setTyped({ ...typed, section: part.section });
          }}
        />
        {isSheet ? (
          <span>
            {field('width', words.stockWidthOfTheSheet, unit, unit)} by{' '}
            {field('height', words.stockLengthOfTheSheet, unit, unit)}
          </span>
        ) : (
          <Labelled word="long">{field('length', words.stockLength, unit, unit)}</Labelled>
        )}
        <Labelled word="quantity">{field('count', words.stockQuantity, '1')}</Labelled>
        <Labelled word="temper">
          <Choice
            open
            small
            value={typed.temper}
            options={temperOptions}
            label={words.stockTemper}
            onChange={(temper) => setTyped({ ...typed, temper: temper as NewLot['temper'] })}
          />
        </Labelled>
        <Labelled word="total paid">{field('paid', words.stockTotalPaid, 'not known')}</Labelled>
        <button type="submit" className="button" disabled={'problems' in read || isLoading}>
          {words.addToStock}
        </button>
      </p>
      <p className="problem" role="alert">
        {problems[0]?.sentence}
      </p>
      <Failure of={[error]} />
      {!('problems' in read) && <p className="aside num">{showValue(read.lot.grams, 'g')} g each</p>}
    </form>
  );
}
