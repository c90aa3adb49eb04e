// Overhead: what the studio pays, divided by its bench hours.
import { showFigure, showValue } from '../../../core/figure/show.ts';
import type { Rates } from '../../../core/studio/rates.ts';
import { words } from '../../words/studio.ts';
import { SettingLines } from './setting-lines.tsx';
import { overheadList } from './setting-lists.ts';
import type { SettingProps } from './setting-props.ts';
import { SettingRows } from './setting-rows.tsx';

const benchYear = [
  { key: 'benchHoursPerWeek', label: 'Bench hours per week', help: 'all makers together' },
  {
    key: 'weeksPerYear',
    label: 'Weeks per year',
    help: '46 when blank: without holidays, fairs and illness (common practice)',
  },
] as const;

export function OverheadSheet({ body, edit, rates }: SettingProps & { readonly rates: Rates }) {
  const { overhead, problems } = rates;
  const year = overhead.from[0];
  return (
    <>
      <SettingRows {...{ body, edit, problems }} of={overheadList} />
      <SettingLines {...{ body, edit, problems }} of={benchYear} />
      <p className="aside mt-1">
        {body.overheadPerHour.trim()
          ? words.theOverheadTypedAboveReplaces
          : year && overhead.from.length > 0
            ? `${showFigure(year)} per year ÷ ${showValue(overhead.from[1]?.value ?? 0, 'h')} h = ${showFigure(overhead)}`
            : ''}
      </p>
    </>
  );
}
