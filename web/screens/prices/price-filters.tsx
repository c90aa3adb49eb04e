// Which prices the book shows, and the sales channel that margin and hour are for.
import { Choice } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { words } from '../../words/prices.ts';
import type { BookPrice } from './use-price-lines.ts';

export interface WantedPrices {
  readonly words: string;
  /** One of the filters; '' for all. */
  readonly filter: string;
  /** Id of a sales channel; '' for wholesale. */
  readonly sold: string;
}

export const allPrices: WantedPrices = { words: '', filter: '', sold: '' };

const filters = [
  { value: '', label: 'all' },
  { value: 'failing', label: 'out of date' },
  { value: 'floor', label: 'below floor price' },
  { value: 'poor', label: 'below target hourly rate' },
] as const;

interface PriceFiltersProps {
  readonly wanted: WantedPrices;
  readonly onWant: (wanted: WantedPrices) => void;
}

export function PriceFilters({ wanted, onWant }: PriceFiltersProps) {
  const { rates } = useBasis();
  return (
    <p className="chrome mt-2 flex flex-wrap items-baseline gap-x-5 text-[15px]">
      <Field
        open
        value={wanted.words}
        label={words.searchPieces}
        placeholder={words.search}
        onChange={(words) => onWant({ ...wanted, words })}
      />
      <span>
        filter{' '}
        <Choice
          value={wanted.filter}
          options={filters}
          label={words.filter}
          onChange={(filter) => onWant({ ...wanted, filter })}
        />
      </span>
      <span>
        channel{' '}
        <Choice
          value={wanted.sold}
          options={[
            { value: '', label: 'wholesale' },
            ...rates.selling.channels.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          label={words.salesChannelForMarginAnd}
          onChange={(sold) => onWant({ ...wanted, sold })}
        />
      </span>
    </p>
  );
}

/** Whether a price passes a filter. @param wageMinor  the wage an hour, minor units */
export function passes({ line }: BookPrice, filter: string, wageMinor: number): boolean {
  if (filter === 'failing') return !line.holds;
  if (filter === 'floor') return line.isUnderFloor;
  return filter !== 'poor' || (line.perHour !== null && line.perHour < wageMinor);
}
