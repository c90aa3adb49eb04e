// Today's price of each fine metal, typed in any unit of mass.
import { useState } from 'react';
import { dayInWords } from '../../../core/format/days.ts';
import { readPricePerGram } from '../../../core/measure/read/read-money.ts';
import { type FixMetal, fixMetalNames, fixMetals } from '../../../core/metal/fine-price.ts';
import { type Fix, fixProblems, type NewFix } from '../../../core/metal/fix.ts';
import { isTaken } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { Num } from '../../components/num.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useNow } from '../../hooks/use-now.ts';
import { useAddFixMutation } from '../../state/endpoints/metal.ts';
import { problemOf } from '../../state/saving.ts';
import { showToast } from '../../state/toasts.ts';
import { words } from '../../words/studio.ts';
import { FixSources } from './fix-sources.tsx';

const examples = {
  Ag: '25.50 / ozt',
  Au: '2050 / ozt',
  Pt: '31 / g',
  Pd: '29 / g',
  Cu: '8 / kg',
} as const satisfies Record<FixMetal, string>;

export function FixPrices({ current, currency }: { current: Fix | null; currency: string }) {
  const { day } = useNow();
  const [typed, setTyped] = useState<Partial<Record<FixMetal, string>>>(current?.prices ?? {});
  const [source, setSource] = useState<string>(words.enteredFromTheDealersList);
  const [addFix, { error, isLoading }] = useAddFixMutation();
  const problems = fixProblems({ prices: typed, currency });
  const changed = fixMetals.some((metal) => (typed[metal] ?? '').trim() !== (current?.prices[metal] ?? '').trim());
  const isNew = changed || current?.on !== day || current.currency !== currency;
  const refusal = problemOf(error)?.detail;
  const keep = async (fix: NewFix) => {
    const answer = await addFix(fix);
    if (!isTaken(answer)) return;
    // The prices of before are entered again: an entry is never taken away.
    const undo = current && (() => void addFix({ ...fix, prices: current.prices, source: `${words.undone}: ${current.source}`.slice(0, 200) })); // prettier-ignore
    showToast(words.metalPricesSaved, undo);
  };

  return (
    <section id="fix" aria-labelledby="fix-head">
      <h2 id="fix-head">{words.metalPrices}</h2>
      <p className="text-[15px]">
        {current ? (
          <>
            Current prices: <b>{dayInWords(current.on)}</b>, {current.source}.
          </>
        ) : (
          words.noMetalPricesYetEnter
        )}
      </p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          const prices = Object.fromEntries(
            fixMetals.flatMap((metal) => (typed[metal]?.trim() ? [[metal, typed[metal].trim()]] : [])),
          );
          void keep({ on: day, currency, prices, source });
        }}
      >
        <table className="rows mt-1">
          <TableHeader of={['fine', { end: 'price entered' }, { end: 'per gram' }]} />
          {fixMetals.map((metal) => (
            <FixRow
              key={metal}
              metal={metal}
              typed={typed[metal] ?? ''}
              currency={currency}
              problem={problems.find(({ path }) => path === `prices.${metal}`)?.sentence}
              onChange={(value) => setTyped({ ...typed, [metal]: value })}
            />
          ))}
        </table>
        <label className="mt-2 flex items-baseline gap-2">
          <span className="aside">{words.from}</span>
          <Field wide open value={source} label={words.sourceOfThePrices} maxLength={200} onChange={setSource} />
        </label>
        <FixSources
          currency={currency}
          onOffer={({ prices, source: from }) => {
            setTyped(prices);
            setSource(from);
          }}
        />
        {refusal && (
          <p className="problem" role="alert">
            {refusal}
          </p>
        )}
        <button type="submit" className="button chrome mt-3" disabled={isLoading || problems.length > 0 || !isNew}>
          {words.saveMetalPricesFor} {dayInWords(day)}
        </button>
      </form>
    </section>
  );
}

function FixRow({
  metal,
  typed,
  currency,
  problem,
  onChange,
}: {
  metal: FixMetal;
  typed: string;
  currency: string;
  problem: string | undefined;
  onChange: (value: string) => void;
}) {
  const reading = readPricePerGram(typed, currency);
  const id = `fix-problem-${metal}`;
  return (
    <tbody>
      <tr>
        <td className="first">{fixMetalNames[metal]}</td>
        <td className="end num">
          <Field
            open
            end
            value={typed}
            label={`Price of ${fixMetalNames[metal]}`}
            placeholder={`as ${examples[metal]}`}
            column="fix"
            problem={problem}
            problemId={id}
            onChange={onChange}
          />
        </td>
        <td className="end">
          {typed.trim() && reading.ok ? <Num figure={{ value: reading.value, unit: `${currency}/g` }} /> : ''}
        </td>
      </tr>
      {problem && (
        <tr>
          <td colSpan={3} className="problem" id={id}>
            {problem}
          </td>
        </tr>
      )}
    </tbody>
  );
}
