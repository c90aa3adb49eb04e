// Adds stock that arrived, or that was there before the ledger started.
import { useState } from 'react';
import { type NewLot, newLotSchema, type ReadLot, readLot } from '../../../core/batch/stock/shelf.ts';
import { showValue } from '../../../core/figure/show.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { readGrams } from '../../../core/measure/read/read-number.ts';
import { tempers } from '../../../core/piece/part.ts';
import type { SectionForm } from '../../../core/stock/section.ts';
import { formNames } from '../../../core/stock/words.ts';
import { alloyOptions } from '../../components/alloy-options.ts';
import { Choice } from '../../components/choice.tsx';
import { Failure } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { Labelled, Tick } from '../../components/labelled.tsx';
import { SectionFields, sectionFor } from '../../components/section-fields.tsx';
import { useBooked } from '../../components/use-booked.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useRowProblems } from '../../hooks/use-row-problems.ts';
import { useAddLotMutation } from '../../state/endpoints/stock.ts';
import { words } from '../../words/shelf.ts';

const forms = (Object.keys(formNames) as SectionForm[]).map((value) => ({ value, label: formNames[value] }));
const temperOptions = tempers.map((value) => ({ value, label: value || 'as it comes' }));
const empty = newLotSchema.parse({ alloy: 'silver-925', section: { form: 'round', diameter: '' } });

export function AddLot() {
  const { rates, studio } = useBasis();
  const [typed, setTyped] = useState<NewLot>(empty);
  const [add, { error, isLoading }] = useAddLotMutation();
  const booked = useBooked();
  /** The size stays for the next lot; what it lacks is not wrong yet. */
  const [isNext, setNext] = useState(false);
  const alloy = rates.alloys.get(typed.alloy) ?? null;
  const read = readLot(typed, rates.alloys, rates.currency);
  const isSheet = typed.section.form === 'sheet';
  const isGrain = typed.section.form === 'grain';
  const grainWeighs = readGrams(typed.weighed);
  const isReady = isGrain ? grainWeighs.ok && grainWeighs.value > 0 : !('problems' in read);
  const isBegun = [typed.length, typed.width, typed.height, ...Object.values(typed.section).slice(1)].some((text) =>
    text.trim(),
  );
  const rowProblems = useRowProblems({});
  const problems = isBegun && !isNext && !isGrain && 'problems' in read ? read.problems : [];
  const unit = studio.units === 'mm' ? 'mm' : 'in';
  const keep = async () => {
    const answer = await add(typed);
    if (!booked(answer, words.stockReceived)) return;
    setNext(true);
    setTyped({ ...typed, length: '', width: '', height: '', count: '1', paid: '', weighed: '' });
  };
  const field = (
    key: 'length' | 'width' | 'height' | 'count' | 'paid' | 'weighed' | 'supplier' | 'where' | 'owner',
    label: string,
    placeholder: string,
    of = '',
  ) => (
    <Field
      open
      className={key === 'supplier' || key === 'where' || key === 'owner' ? '' : 'num'}
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
        if (isReady) void keep();
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
        ) : isGrain ? null : (
          <Labelled word="long">{field('length', words.stockLength, unit, unit)}</Labelled>
        )}
        {isGrain ? null : <Labelled word="quantity">{field('count', words.stockQuantity, '1')}</Labelled>}
        <Labelled word="weighed">{field('weighed', words.stockWeighed, isGrain ? '120 g' : words.notWeighed)}</Labelled>
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
        {!typed.owner && <Labelled word="total paid">{field('paid', words.stockTotalPaid, 'not known')}</Labelled>}
        {!typed.owner && !typed.isOpening && (
          <Labelled word="from">{field('supplier', words.stockSupplier, 'supplier')}</Labelled>
        )}
        <Labelled word="kept in">{field('where', words.stockWhere, 'drawer, rack')}</Labelled>
        <Labelled word="customer">{field('owner', words.stockOwner, 'own metal')}</Labelled>
        {!typed.owner && (
          <Tick
            word={words.wasHereBefore}
            label={words.stockWasHereBefore}
            checked={typed.isOpening}
            onChange={(isOpening) => setTyped({ ...typed, isOpening })}
          />
        )}
        <button type="submit" className="button" disabled={!isReady || isLoading}>
          {words.addToStock}
        </button>
      </p>
      <p className="problem" role="alert">
        {problems[0]?.sentence}
      </p>
      <Failure of={[error]} />
      {!('problems' in read) && !isGrain && <Weights read={read} />}
    </form>
  );
}

/** A difference of more than this between scale and measures deserves a look: the gauge may be another. */
const NOTABLE = 0.03;

/** What one weighs, and how far the scale is from the measures. */
function Weights({ read: { lot, calculatedGrams } }: { read: ReadLot }) {
  const share = calculatedGrams > 0 ? lot.grams / calculatedGrams - 1 : 0;
  return (
    <p className="aside num">
      {showValue(lot.grams, 'g')} g each
      {Math.abs(share) > 1e-9 && `; ${showValue(calculatedGrams, 'g')} g by its measures`}
      {Math.abs(share) > NOTABLE && (
        <b className="text-warn">{`, ${showNumber(100 * share, 1)} % off. ${words.checkGaugeAndMetal}`}</b>
      )}
    </p>
  );
}
