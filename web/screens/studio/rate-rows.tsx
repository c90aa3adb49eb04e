// The cost of a bench hour.
import type { Rates } from '../../../core/studio/rates.ts';
import { Num } from '../../components/num.tsx';
import { SettingLines } from './setting-lines.tsx';
import type { SettingProps } from './setting-props.ts';

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
      <SettingLines
        {...{ body, edit }}
        problems={rates.problems}
        of={lines.map(({ figure, ...line }) => ({ ...line, comesTo: <Num figure={rates[figure]} /> }))}
      />
    </section>
  );
}
