// Consumables: three ways to count them, and the one the studio uses.
import type { Rates } from '../../../core/studio/rates.ts';
import type { ConsumableSchool } from '../../../core/studio/studio.ts';
import { Choice, type Option } from '../../components/choice.tsx';
import { Num } from '../../components/num.tsx';
import { words } from '../../words/studio.ts';
import { SettingLines } from './setting-lines.tsx';
import type { SettingProps } from './setting-props.ts';

const schools: readonly Option[] = [
  { value: 'hour', label: 'by bench hour' },
  { value: 'use', label: 'by use: joints, pieces, loads' },
  { value: 'share', label: 'as a percentage of metal and bench time' },
];

const lines = {
  hour: [
    {
      key: 'consumablesPerHour',
      label: 'Consumables',
      help: 'flux, pickle, blades, grit, gas, polish',
      rate: 'perHour',
    },
  ],
  use: [
    { key: 'consumablesPerJoint', label: 'Per joint', help: 'flux, gas, a corner of a block', rate: 'perJoint' },
    { key: 'consumablesPerPiece', label: 'Per piece', help: 'blades, grit, wax', rate: 'perPiece' },
    { key: 'consumablesPerLoad', label: 'Per load', help: 'pickle, tumbling soap', rate: 'perLoad' },
  ],
  share: [
    {
      key: 'consumablesShare',
      label: 'Percentage',
      help: 'per cent of the cost of metal and bench time',
      rate: 'share',
    },
  ],
} as const satisfies Record<ConsumableSchool, readonly object[]>;

export function ConsumableRows({ body, edit, rates }: SettingProps & { rates: Rates }) {
  return (
    <section aria-labelledby="consumables" className="mt-6">
      <div className="flex items-baseline justify-between">
        <h2 id="consumables">{words.consumables}</h2>
        <Choice
          value={body.consumablesBy}
          options={schools}
          label={words.consumables}
          onChange={(by) => edit('', (studio) => void (studio.consumablesBy = by as ConsumableSchool))}
        />
      </div>
      <SettingLines
        {...{ body, edit }}
        problems={rates.problems}
        of={lines[body.consumablesBy].map(({ rate, ...line }) => ({
          ...line,
          comesTo: <Num figure={rates.consumables[rate]} />,
        }))}
      />
      <p className="aside mt-1">{words.youCanOverrideThisFor}</p>
    </section>
  );
}
