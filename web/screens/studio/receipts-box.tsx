// Metal received and what was paid for it, for studios that value metal at average or last cost.
import { useState } from 'react';
import { shortDay } from '../../../core/format/days.ts';
import { chargeForms } from '../../../core/metal/charge-form.ts';
import { type NewReceipt, receiptPerGram, receiptProblems } from '../../../core/metal/receipt.ts';
import { Choice } from '../../components/choice.tsx';
import { isTaken } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { Num } from '../../components/num.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useAddReceiptMutation } from '../../state/endpoints/metal.ts';
import { problemOf } from '../../state/saving.ts';
import { words } from '../../words/studio.ts';

const MOST_SHOWN = 6;
const formNames = { wire: 'wire, strip', shaped: 'shaped wire', sheet: 'sheet', tube: 'tube' } as const;

export function ReceiptsBox() {
  const { rates, receipts } = useBasis();
  const { currency, alloys } = rates;
  const { day } = useNow();
  const [add, { error, isLoading }] = useAddReceiptMutation();
  const [typed, setTyped] = useState({ alloy: 'silver-925', form: 'wire', grams: '', paid: '', source: '' });
  const isBegun = typed.grams.trim() !== '' || typed.paid.trim() !== '';
  const problems = isBegun ? receiptProblems({ ...typed, currency }) : [];
  const keep = async () => {
    const receipt: NewReceipt = { ...typed, form: typed.form as NewReceipt['form'], on: day, currency };
    const answer = await add(receipt);
    if (isTaken(answer)) setTyped({ ...typed, grams: '', paid: '' });
  };
  const field = (key: 'grams' | 'paid' | 'source', label: string, placeholder: string) => (
    <Field
      open
      className={key === 'source' ? '' : 'num'}
      value={typed[key]}
      label={label}
      placeholder={placeholder}
      maxLength={key === 'source' ? 200 : 60}
      problem={problems.find(({ path }) => path === key)?.sentence}
      problemId="receipt-problem"
      onChange={(value) => setTyped({ ...typed, [key]: value })}
    />
  );
  return (
    <section aria-labelledby="receipts" className="mt-6">
      <h2 id="receipts">{words.metalPurchases}</h2>
      <p className="flex flex-wrap items-baseline gap-x-3 gap-y-1 text-[15px]">
        <Choice
          value={typed.alloy}
          options={[...alloys.values()].map(({ id, name }) => ({ value: id, label: name }))}
          label={words.metalPurchased}
          onChange={(alloy) => setTyped({ ...typed, alloy })}
        />
        <Choice
          value={typed.form}
          options={chargeForms.map((value) => ({ value, label: formNames[value] }))}
          label={words.formPurchased}
          onChange={(form) => setTyped({ ...typed, form })}
        />
        {field('grams', words.weightPurchased, '120 g')}
        <span>for {field('paid', words.totalPaid, '98.40')}</span>
        <span>from {field('source', words.supplier, 'dealer')}</span>
        <button
          type="button"
          className="link chrome"
          disabled={!isBegun || problems.length > 0 || !typed.source.trim() || isLoading}
          onClick={() => void keep()}
        >
          {words.addPurchase}
        </button>
      </p>
      <p id="receipt-problem" className="problem" role="alert">
        {problems[0]?.sentence ?? problemOf(error)?.detail}
      </p>
      {receipts.length > 0 && (
        <table className="rows" aria-label={words.metalPurchases}>
          <tbody>
            {receipts.slice(0, MOST_SHOWN).map((receipt) => {
              const { id, on, alloy, form, grams, source } = receipt;
              const perGram = receiptPerGram(receipt);
              return (
                <tr key={id} className="border-b border-hair" title={source}>
                  <td className="first num whitespace-nowrap">{shortDay(on)}</td>
                  <td>
                    {alloys.get(alloy)?.name ?? alloy}, {formNames[form]}
                  </td>
                  <td className="end num">{grams}</td>
                  <td className="end">{perGram && <Num figure={perGram} />}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
    </section>
  );
}
