// How the stock is cut: the tool, what is kept, gaps, and in what sizes more can be bought.
import type { CutTerms } from '../../../core/batch/cut-problem.ts';
import type { IssueLine } from '../../../core/batch/cut-list.ts';
import { readLength } from '../../../core/measure/read-length.ts';
import { readMoney } from '../../../core/measure/read-money.ts';
import { sectionInWords } from '../../../core/stock/words.ts';
import { Choice } from '../../parts/choice.tsx';
import { Field } from '../../parts/field.tsx';

/** What each tool takes out (common practice: a 2/0 blade cuts 0.3 mm; shears and cutters part without a kerf). */
const kerfs = { saw: '0.3 mm', 'fine-saw': '0.2 mm', shears: '0 mm' } as const;
const tools = [
  { value: 'saw', label: 'saw, 0.3 mm' },
  { value: 'fine-saw', label: 'fine saw, 0.2 mm' },
  { value: 'shears', label: 'shears or cutters, no kerf' },
];

interface Bought {
  readonly length: string;
  readonly width: string;
  readonly price: string;
}

export interface TypedTerms {
  readonly tool: keyof typeof kerfs;
  readonly keepFrom: string;
  readonly gap: string;
  readonly margin: string;
  /** By stock; the usual size where nothing is said. */
  readonly bought: Readonly<Record<string, Bought>>;
}

const usualBought: Bought = { length: '1000 mm', width: '', price: '' };
const usualSheet: Bought = { length: '100 mm', width: '100 mm', price: '' };

export const usualTerms: TypedTerms = { tool: 'saw', keepFrom: '30 mm', gap: '0.5 mm', margin: '1 mm', bought: {} };

export interface ReadTerms {
  readonly of: (stock: string) => CutTerms;
}

/** @returns the terms for each stock, or what cannot be read */
export function readTerms(typed: TypedTerms, currency: string): ReadTerms | { readonly sentence: string } {
  const mm = (text: string, what: string) => readLength(text, { what, mayBeZero: true });
  const readings = [
    mm(kerfs[typed.tool], 'kerf'),
    mm(typed.keepFrom, 'length to keep from'),
    mm(typed.gap, 'gap'),
    mm(typed.margin, 'margin'),
  ];
  const bad = readings.find((reading) => !reading.ok);
  if (bad?.ok === false) return { sentence: bad.sentence };
  const [kerfMm = 0, keepFromMm = 0, gapMm = 0, marginMm = 0] = readings.map((reading) =>
    reading.ok ? reading.value : 0,
  );
  for (const { length, width, price } of Object.values(typed.bought)) {
    const wrong = [mm(length, 'length bought'), mm(width, 'width bought')].find((reading) => !reading.ok);
    if (wrong?.ok === false) return { sentence: wrong.sentence };
    const money = price.trim() ? readMoney(price, currency) : null;
    if (money && !money.ok) return { sentence: money.sentence };
  }
  const of = (stock: string): CutTerms => {
    const isSheet = / sheet /.test(`${stock} `);
    const bought = typed.bought[stock] ?? (isSheet ? usualSheet : usualBought);
    const [length, width] = [mm(bought.length, 'length'), mm(bought.width, 'width')];
    const money = bought.price.trim() ? readMoney(bought.price, currency) : null;
    const priceMinor = money?.ok ? Math.round(money.value) : null;
    const [l, w] = [length.ok ? length.value : 0, width.ok ? width.value : 0];
    const size = isSheet ? { widthMm: l, heightMm: w } : { lengthMm: l };
    return {
      kerfMm,
      keepFromMm,
      gapMm,
      marginMm,
      bought: l > 0 && (!isSheet || w > 0) ? [{ id: `bought ${stock}`, size, priceMinor }] : [],
    };
  };
  return { of };
}

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
  const setBought = (stock: string, isSheet: boolean, change: Partial<Bought>) =>
    onChange({
      ...typed,
      bought: {
        ...typed.bought,
        [stock]: { ...(typed.bought[stock] ?? (isSheet ? usualSheet : usualBought)), ...change },
      },
    });
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
        {stocks.map(({ stock, alloy, section }) => {
          const isSheet = section.form === 'sheet';
          const bought = typed.bought[stock] ?? (isSheet ? usualSheet : usualBought);
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
                onChange={(length) => setBought(stock, isSheet, { length })}
              />
              {isSheet && (
                <Field
                  open
                  className="num"
                  value={bought.width}
                  label={`${name}, bought high`}
                  unit="mm"
                  onChange={(width) => setBought(stock, isSheet, { width })}
                />
              )}
              <Field
                open
                className="num"
                value={bought.price}
                label={`${name}, price of one`}
                placeholder="price"
                onChange={(price) => setBought(stock, isSheet, { price })}
              />
            </li>
          );
        })}
      </ul>
    </section>
  );
}
