// What an hour at the bench costs.
import type { Rates } from '../../../core/studio/rates.ts';
import { Num } from '../../parts/num.tsx';
import { SettingLine } from './setting-line.tsx';
import { problemAt, type SettingProps } from './setting-props.ts';

const lines = [
  { key: 'hourlyRate', label: 'An hour of hands', help: 'what the maker is paid', figure: 'labour' },
  {
    key: 'overheadPerHour',
    label: 'Studio overhead',
    help: 'an hour of it; blank takes it from the worksheet below',
    figure: 'overhead',
  },
] as const;

export function RateRows({ body, edit, rates }: SettingProps & { rates: Rates }) {
  return (
    <section aria-labelledby="rates" className="mt-6">
      <h2 id="rates">A bench hour</h2>
      <table className="rows">
        <thead className="sr-only">
          <tr>
            <th>setting</th>
            <th>as typed</th>
            <th>comes to</th>
          </tr>
        </thead>
        {lines.map(({ key, label, help, figure }) => (
          <SettingLine
            key={key}
            label={label}
            help={help}
            value={body[key]}
            problem={problemAt(rates.problems, key)}
            comesTo={<Num figure={rates[figure]} />}
            onChange={(value) => edit(key, (studio) => void (studio[key] = value))}
          />
        ))}
      </table>
    </section>
  );
}
