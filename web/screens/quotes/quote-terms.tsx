// The terms of a quote: deposit, credit for the customer's metal, and expiry.
import type { ReactNode } from 'react';
import type { Quote, QuoteCount } from '../../../core/price/quote/quote.ts';
import { DateField } from '../../components/date-field.tsx';
import { Field } from '../../components/field.tsx';
import type { Edit } from '../../hooks/use-document.ts';
import { words } from '../../words/quotes.ts';

interface QuoteTermsProps {
  readonly quote: Quote;
  readonly count: QuoteCount;
  readonly edit: Edit<Quote>;
}

type TypedTerm = 'least' | 'ownMetal' | 'ownGrams' | 'allowed' | 'deposit';
type DayTerm = 'expires' | 'metalFixedUntil' | 'due';

export function QuoteTerms({ quote, count, edit }: QuoteTermsProps) {
  const field = (key: TypedTerm, label: string, placeholder: string) => {
    const problem = count.problems.find(({ path }) => path === key)?.sentence;
    return (
      <Term label={label} problem={problem} id={`quote-${key}`}>
        <Field
          open
          end
          className="num"
          value={quote[key]}
          label={label}
          placeholder={placeholder}
          maxLength={key === 'ownMetal' ? 120 : 60}
          problem={problem}
          problemId={`quote-${key}`}
          onChange={(value) => edit(key, (draft) => void (draft[key] = value))}
        />
      </Term>
    );
  };
  const day = (key: DayTerm, label: string) => (
    <Term label={label} id={`quote-${key}`}>
      <DateField label={label} value={quote[key]} onChange={(day) => edit(key, (draft) => void (draft[key] = day))} />
    </Term>
  );
  return (
    <section aria-labelledby="terms" className="mt-5">
      <h2 id="terms">{words.terms}</h2>
      <div className="mt-1 grid grid-cols-2 gap-x-10 max-[560px]:grid-cols-1">
        {field('deposit', words.deposit, 'nothing')}
        {day('expires', words.validUntil)}
        {field('least', words.minimumCharge, '0')}
        {day('metalFixedUntil', words.metalPriceHeldUntil)}
        {field('ownMetal', words.customerSuppliedMetal, 'none')}
        {day('due', words.completionDate)}
        {field('ownGrams', words.weightOfThatMetal, '0 g')}
        {field('allowed', words.creditForThatMetal, '0')}
      </div>
      <label className="mt-3 block">
        <span className="aside">{words.note}</span>
        <textarea
          className="field field-open mt-1 block min-h-[4.5em] w-full resize-y"
          aria-label={words.noteOnTheQuote}
          maxLength={4000}
          value={quote.note}
          onChange={(event) => edit('note', (draft) => void (draft.note = event.target.value))}
        />
      </label>
    </section>
  );
}

function Term({
  label,
  problem,
  id,
  children,
}: {
  label: string;
  problem?: string | undefined;
  id: string;
  children: ReactNode;
}) {
  return (
    <div className="border-b border-hair py-[5px]">
      <span className="flex items-baseline justify-between gap-3">
        <span className="text-[15px]">{label}</span>
        {children}
      </span>
      {problem && (
        <p id={id} className="problem">
          {problem}
        </p>
      )}
    </div>
  );
}
