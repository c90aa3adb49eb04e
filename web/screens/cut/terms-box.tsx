// How the stock is cut: tool, smallest offcut to keep, gaps, and the sizes that can be bought.
import type { SupplierItem } from '../../../core/batch/buying/price-list.ts';
import type { IssueLine } from '../../../core/batch/cut-list.ts';
import { type Bought, boughtOf, type TypedTerms } from '../../../core/batch/cutting/cut-terms.ts';
import { sectionInWords } from '../../../core/stock/words.ts';
import { Choice } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { words } from '../../words/cut.ts';

const tools = [
  { value: 'saw', label: 'saw, 0.3 mm' },
  { value: 'fine-saw', label: 'fine saw, 0.2 mm' },
  { value: 'shears', label: 'shears or cutters, no kerf' },
];

const sheetTools = [
  { value: 'free', label: 'saw or laser, any shape' },
  { value: 'guillotine', label: 'shears, straight cuts right across' },
];

interface TermsBoxProps {
  readonly typed: TypedTerms;
  readonly onChange: (typed: TypedTerms) => void;
  readonly stocks: readonly IssueLine[];
  /** What suppliers sell. */
  readonly items: readonly SupplierItem[];
  readonly currency: string;
}

export function TermsBox({ typed, onChange, stocks, items, currency }: TermsBoxProps) {
  const field = (key: 'keepFrom' | 'gap' | 'margin' | 'keepShort' | 'keepLong', label: string) => (
    <Field
      open
      className="num"
      value={typed[key]}
      label={label}
      unit="mm"
      onChange={(value) => onChange({ ...typed, [key]: value })}
    />
  );
  const setBought = ({ stock }: IssueLine, bought: readonly Bought[]) =>
    onChange({ ...typed, bought: { ...typed.bought, [stock]: bought } });
  const hasBars = stocks.some(({ section }) => section.form !== 'sheet');
  const hasSheets = stocks.some(({ section }) => section.form === 'sheet');
  return (
    <section aria-labelledby="terms" className="chrome">
      <h2 id="terms">{words.cuttingTerms}</h2>
      {hasBars && (
        <p className="mt-1 flex flex-wrap items-baseline gap-x-4 text-[15px]">
          <span>
            {words.barsCutBy}{' '}
            <Choice
              open
              value={typed.tool}
              options={tools}
              label={words.cuttingTool}
              onChange={(tool) => onChange({ ...typed, tool: tool as TypedTerms['tool'] })}
            />
          </span>
          <span>
            {words.keepOffcutsOfAtLeast} {field('keepFrom', words.keepOffcutsOfAtLeastTitle)}
          </span>
        </p>
      )}
      {hasSheets && (
        <p className="mt-1 flex flex-wrap items-baseline gap-x-4 text-[15px]">
          <span>
            {words.sheetCutByShort}{' '}
            <Choice
              open
              value={typed.sheetCutting}
              options={sheetTools}
              label={words.sheetCutBy}
              onChange={(cutting) => onChange({ ...typed, sheetCutting: cutting as TypedTerms['sheetCutting'] })}
            />
          </span>
          <span>
            {words.keepSheetOffcutsOfAtLeast} {field('keepShort', words.shortSideOfOffcut)} ×{' '}
            {field('keepLong', words.longSideOfOffcut)}
          </span>
          <span>
            {field('gap', words.gapBetweenBlanksTitle)} {words.gapBetweenBlanks}
          </span>
          <span>{field('margin', words.edgeMargin)} edge margin</span>
          <label className="flex items-baseline gap-2">
            <input
              type="checkbox"
              checked={typed.keepsGrain}
              onChange={({ target }) => onChange({ ...typed, keepsGrain: target.checked })}
            />
            {words.keepGrainDirectionNoRotation}
          </label>
        </p>
      )}
      <h2 className="mt-4">{words.buyMissingStockAs}</h2>
      <ul className="text-[15px]">
        {stocks.map((issue) => (
          <BoughtLengths
            key={issue.stock}
            issue={issue}
            bought={boughtOf(typed, issue, items, currency)}
            onChange={(bought) => setBought(issue, bought)}
          />
        ))}
      </ul>
    </section>
  );
}

interface BoughtLengthsProps {
  readonly issue: IssueLine;
  readonly bought: readonly Bought[];
  readonly onChange: (bought: readonly Bought[]) => void;
}

/** Lengths or sheets of one stock that can be bought; a row without a length cannot. */
function BoughtLengths({ issue: { alloy, section }, bought, onChange }: BoughtLengthsProps) {
  const isSheet = section.form === 'sheet';
  const name = `${alloy.name}, ${sectionInWords(section)}`;
  const last = bought.at(-1);
  return (
    <li className="border-b border-hair py-1">
      <span className="text-[14px]">{name}</span>
      {bought.map((one, index) => {
        const which = bought.length > 1 ? `, ${String(index + 1)}` : '';
        const set = (change: Partial<Bought>) =>
          onChange(bought.map((other, at) => (at === index ? { ...other, ...change } : other)));
        return (
          <span key={index} className="flex flex-wrap items-baseline gap-x-3 pl-4">
            <Field
              open
              className="num"
              value={one.length}
              label={`${name}, bought ${isSheet ? words.wide : words.long}${which}`}
              unit="mm"
              onChange={(length) => set({ length })}
            />
            {isSheet && (
              <Field
                open
                className="num"
                value={one.width}
                label={`${name}, bought high${which}`}
                unit="mm"
                onChange={(width) => set({ width })}
              />
            )}
            <Field
              open
              className="num"
              value={one.price}
              label={`${name}, price each${which}`}
              placeholder={words.price}
              onChange={(price) => set({ price })}
            />
            {one.item && <span className="aside">{one.item.replace(/^item /, '')}</span>}
          </span>
        );
      })}
      <button
        type="button"
        className="link pl-4 text-[13px]"
        onClick={() => onChange([...bought, { length: '', width: last?.width ?? '', price: '', item: '' }])}
      >
        {isSheet ? words.addASheetSize : words.addALength}
        <span className="sr-only"> of {name}</span>
      </button>
    </li>
  );
}
