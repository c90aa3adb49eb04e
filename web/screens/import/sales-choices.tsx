// What a file of sales does not say: the channel, where the pieces lay, and how its days are written.
import type { TableFile } from '../../../core/import/table-file.ts';
import { otherCurrencies } from '../../../core/made/sales-rows.ts';
import { Choice } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useMade } from '../../hooks/use-made.ts';
import { words } from '../../words/import.ts';
import { type ImportChoices, readRate } from './import-kinds.ts';

interface SalesChoicesProps {
  readonly table: TableFile;
  readonly choices: ImportChoices;
  readonly onChange: (choices: Partial<ImportChoices>) => void;
}

export function SalesChoices({ table, choices, onChange }: SalesChoicesProps) {
  const { selling, currency } = useBasis().rates;
  const column = choices.mapping.indexOf('currency');
  const others =
    column < 0
      ? []
      : otherCurrencies(
          table.rows.map((row) => row[column] ?? ''),
          currency,
        );
  const { places } = useMade();
  return (
    <>
      <p className="aside mt-3">{words.salesOnce}</p>
      <p className="mt-3">
        <span className="aside block">{words.salesChannel}</span>
        <Choice
          value={choices.channel}
          options={[
            { value: '', label: words.noFees },
            ...selling.channels.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          label={words.salesChannel}
          onChange={(channel) => onChange({ channel })}
        />
      </p>
      <p className="mt-3">
        <span className="aside block">{words.salesPlace}</span>
        <Choice
          value={choices.place}
          options={places}
          label={words.salesPlace}
          onChange={(place) => onChange({ place })}
        />
      </p>
      <p className="mt-3">
        <span className="aside block">{words.dayOrder}</span>
        <Choice
          value={choices.dayOrder}
          options={[
            { value: '', label: words.asTheFileSays },
            { value: 'day-first', label: words.dayFirst },
            { value: 'month-first', label: words.monthFirst },
          ]}
          label={words.dayOrder}
          onChange={(order) => onChange({ dayOrder: order as ImportChoices['dayOrder'] })}
        />
      </p>
      {others.map((other) => (
        <p key={other} className="mt-3">
          <span className="aside block">
            {words.exchangeRate}: 1 {other} {words.isWorth} {currency}
          </span>
          <Field
            open
            value={choices.exchange[other] ?? ''}
            label={`${words.exchangeRate}, ${other}`}
            placeholder={words.rate}
            problem={
              choices.exchange[other] && readRate(choices.exchange[other]) === null ? words.rateUnread : undefined
            }
            onChange={(rate) => onChange({ exchange: { ...choices.exchange, [other]: rate } })}
          />
        </p>
      ))}
    </>
  );
}
