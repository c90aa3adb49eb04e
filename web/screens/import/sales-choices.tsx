// What a file of sales does not say: the channel, where the pieces lay, and how its days are written.
import { Choice } from '../../components/choice.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useMade } from '../../hooks/use-made.ts';
import { words } from '../../words/import.ts';
import type { ImportChoices } from './import-kinds.ts';

interface SalesChoicesProps {
  readonly choices: ImportChoices;
  readonly onChange: (choices: Partial<ImportChoices>) => void;
}

export function SalesChoices({ choices, onChange }: SalesChoicesProps) {
  const { channels } = useBasis().rates.selling;
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
            ...channels.map(({ id, name }) => ({ value: id, label: name })),
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
    </>
  );
}
