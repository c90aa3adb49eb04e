// The cost of a bench hour.
import type { Rates } from '../../../core/studio/rates.ts';
import { Num } from '../../components/num.tsx';
import { words } from '../../words/studio.ts';
import { SettingLines } from './setting-lines.tsx';
import type { SettingProps } from './setting-props.ts';

const lines = [
  { key: 'hourlyRate', label: 'Labour rate', help: 'pay per bench hour', figure: 'labour' },
  {
    key: 'overheadPerHour',
    label: 'Overhead',
    help: 'per bench hour; leave blank to use the calculation below',
    figure: 'overhead',
  },
] as const;

export function RateRows({ body, edit, rates }: SettingProps & { rates: Rates }) {
  return (
    <section aria-labelledby="rates" className="mt-6">
      <h2 id="rates">{words.costOfABenchHour}</h2>
      <SettingLines
        {...{ body, edit }}
        problems={rates.problems}
        of={lines.map(({ figure, ...line }) => ({ ...line, comesTo: <Num figure={rates[figure]} /> }))}
      />
    </section>
  );
}
