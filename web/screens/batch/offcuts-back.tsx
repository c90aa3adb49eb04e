// Offcuts that no cutting plan kept, and grain that was not used.
import type { BatchCount } from '../../../core/batch/count-batch.ts';
import { type NewLot, newLotSchema } from '../../../core/batch/stock/shelf.ts';
import { typedSection } from '../../../core/stock/typed-section.ts';
import { sectionInWords } from '../../../core/stock/words.ts';
import { Choice } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { words } from '../../words/batch-metal.ts';

interface OffcutsBackProps {
  readonly count: BatchCount;
  /** Ids of the alloys that the batch holds. */
  readonly alloys: readonly string[];
  readonly offcuts: readonly NewLot[];
  readonly onChange: (offcuts: readonly NewLot[]) => void;
}

/** Of the stock of the batch, with what is left of its length or sides. */
export function OffcutsBack({ count, alloys, offcuts, onChange }: OffcutsBackProps) {
  const { rates, studio } = useBasis();
  const length = studio.units === 'mm' ? 'mm' : 'in';
  const stocks = count.issue.flatMap(({ stock, alloy, section }) => {
    const typed = alloys.includes(alloy.id) ? typedSection(section) : null;
    return typed ? [{ stock, typed, alloy: alloy.id, name: `${alloy.name}, ${sectionInWords(section)}` }] : [];
  });
  const grain = alloys.map((alloy) => ({
    stock: `grain ${alloy}`,
    typed: { form: 'grain' } as const,
    alloy,
    name: `${rates.alloys.get(alloy)?.name ?? alloy}, ${words.grain}`,
  }));
  const options = [...stocks, ...grain];
  const add = (stock: string) => {
    const found = options.find((one) => one.stock === stock);
    if (found) onChange([...offcuts, newLotSchema.parse({ alloy: found.alloy, section: found.typed })]);
  };
  const side = (offcut: NewLot, at: number, key: 'length' | 'width' | 'height' | 'weighed', unit = length) => (
    <Field
      open
      className="num"
      value={offcut[key]}
      label={`${words.offcut} ${String(at + 1)}, ${key}`}
      unit={unit}
      placeholder={unit}
      onChange={(text) => onChange(offcuts.map((one, index) => (index === at ? { ...one, [key]: text } : one)))}
    />
  );
  return (
    <p className="mt-2 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[15px]">
      <Choice
        open
        small
        value=""
        options={[
          { value: '', label: words.addAnOffcut },
          ...options.map(({ stock, name }) => ({ value: stock, label: name })),
        ]}
        label={words.addAnOffcut}
        onChange={add}
      />
      {offcuts.map((offcut, at) => (
        <span key={at} className="inline-flex items-baseline gap-2">
          {words.offcut} {at + 1}
          {offcut.section.form === 'grain' && side(offcut, at, 'weighed', 'g')}
          {offcut.section.form === 'sheet' && (
            <>
              {side(offcut, at, 'width')} × {side(offcut, at, 'height')}
            </>
          )}
          {!['grain', 'sheet'].includes(offcut.section.form) && side(offcut, at, 'length')}
        </span>
      ))}
    </p>
  );
}
