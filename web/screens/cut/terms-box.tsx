// How the stock is cut: the tool, what is kept, gaps, and in what sizes more can be bought.
import { boughtOf, type Bought, type TypedTerms } from '../../../core/batch/cut-terms.ts';
import type { IssueLine } from '../../../core/batch/cut-list.ts';
import { sectionInWords } from '../../../core/stock/words.ts';
import { Choice } from '../../parts/choice.tsx';
import { Field } from '../../parts/field.tsx';

const tools = [
  { value: 'saw', label: 'saw, 0.3 mm' },
  { value: 'fine-saw', label: 'fine saw, 0.2 mm' },
  { value: 'shears', label: 'shears or cutters, no kerf' },
];

interface TermsBoxProps {
  readonly typed: TypedTerms;
  readonly onChange: (typed: TypedTerms) => void;
  readonly stocks: readonly IssueLine[];
}

export function TermsBox({ typed, onChange, stocks }: TermsBoxProps) {
  const field = (key: 'keepFrom' | 'gap' | 'margin', label: string) => (
    <Field
      open
      className="num"
      value={typed[key]}
      label={label}
      unit="mm"
      onChange={(value) => onChange({ ...typed, [key]: value })}
    />
  );
  const setBought = (issue: IssueLine, change: Partial<Bought>) =>
    onChange({ ...typed, bought: { ...typed.bought, [issue.stock]: { ...boughtOf(typed, issue), ...change } } });
  const hasBars = stocks.some(({ section }) => section.form !== 'sheet');
  const hasSheets = stocks.some(({ section }) => section.form === 'sheet');
  return (
    <section aria-labelledby="terms" className="chrome">
      <h2 id="terms">How it is cut</h2>
      {hasBars && (
        <p className="mt-1 flex flex-wrap items-baseline gap-x-4 text-[15px]">
          <span>
            by{' '}
            <Choice
              open
              value={typed.tool}
              options={tools}
              label="Cut with"
              onChange={(tool) => onChange({ ...typed, tool: tool as TypedTerms['tool'] })}
            />
          </span>
          <span>keep what is left from {field('keepFrom', 'Keep offcuts from')}</span>
        </p>
      )}
      {hasSheets && (
        <p className="mt-1 flex flex-wrap items-baseline gap-x-4 text-[15px]">
          <span>{field('gap', 'Between blanks of sheet')} between blanks of sheet</span>
          <span>{field('margin', 'To the edge of the sheet')} to its edge</span>
        </p>
      )}
      <h2 className="mt-4">What the shelf lacks is bought as</h2>
      <ul className="text-[15px]">
        {stocks.map((issue) => {
          const { stock, alloy, section } = issue;
          const isSheet = section.form === 'sheet';
          const bought = boughtOf(typed, issue);
          const name = `${alloy.name}, ${sectionInWords(section)}`;
          return (
            <li key={stock} className="flex flex-wrap items-baseline gap-x-3 border-b border-hair py-1">
              <span className="min-w-[12em] flex-1 text-[14px]">{name}</span>
              <Field
                open
                className="num"
                value={bought.length}
                label={`${name}, bought ${isSheet ? 'wide' : 'long'}`}
                unit="mm"
                onChange={(length) => setBought(issue, { length })}
              />
              {isSheet && (
                <Field
                  open
                  className="num"
                  value={bought.width}
                  label={`${name}, bought high`}
                  unit="mm"
                  onChange={(width) => setBought(issue, { width })}
                />
              )}
              <Field
                open
                className="num"
                value={bought.price}
                label={`${name}, price of one`}
                placeholder="price"
                onChange={(price) => setBought(issue, { price })}
              />
            </li>
          );
        })}
      </ul>
    </section>
  );
}
