// The rows of settings about money: hands, the studio, marks, ways of selling, what comes off for many.
import type { Rates } from '../../../core/studio/rates.ts';
import { showFigure, showValue } from '../../../core/figure/show.ts';
import { SettingLines } from './setting-lines.tsx';
import type { SettingProps } from './setting-props.ts';
import { SettingRows } from './setting-rows.tsx';

type Props = SettingProps & { readonly rates: Rates };

export function MakerRows({ body, edit, rates }: Props) {
  return (
    <SettingRows
      {...{ body, edit }}
      problems={rates.problems}
      list="makers"
      title="Makers"
      help="Blank: the hour of hands and the open hours above, every station. Steps that name nobody are done by whoever is free."
      one="maker"
      columns={[
        { key: 'name', head: 'name', isWords: true },
        { key: 'rate', head: 'an hour', placeholder: 'as above' },
        { key: 'hours', head: 'is there', isWords: true, placeholder: 'open hours' },
        { key: 'away', head: 'days off', isWords: true, placeholder: 'none' },
        { key: 'does', head: 'works at', isWords: true, placeholder: 'all stations' },
      ]}
      fresh={(id) => ({ id, name: '', rate: '', hours: '', away: '', does: '' })}
    />
  );
}

const nightOptions = [
  { value: 'no', label: 'never alone at night' },
  { value: 'yes', label: 'may run overnight' },
];

export function StationRows({ body, edit, rates }: Props) {
  return (
    <SettingRows
      {...{ body, edit }}
      problems={rates.problems}
      list="stations"
      title="Stations"
      help="What there are few of, and a step has to wait for; a station that is not listed is always free. Hot work, acid and motors are not left alone at night unless you say so: follow your insurer’s and the local fire rules."
      one="station"
      columns={[
        { key: 'name', head: 'name, as steps say it', isWords: true },
        { key: 'count', head: 'how many' },
        { key: 'out', head: 'out of use', isWords: true, placeholder: 'never' },
        { key: 'overnight', head: 'what works by itself', options: nightOptions },
      ]}
      fresh={(id) => ({ id, name: '', count: '1', out: '', overnight: 'no' })}
    />
  );
}

const perOptions = [
  { value: 'week', label: 'a week' },
  { value: 'month', label: 'a month' },
  { value: 'year', label: 'a year' },
] as const;

const benchYear = [
  { key: 'benchHoursPerWeek', label: 'Hours at the bench in a week', help: 'all makers together' },
  {
    key: 'weeksPerYear',
    label: 'Weeks in a year',
    help: '46 when nothing is entered: holidays, fairs and colds taken off (common practice)',
  },
] as const;

export function OverheadSheet({ body, edit, rates }: Props) {
  const { overhead, problems } = rates;
  const year = overhead.from[0];
  return (
    <>
      <SettingRows
        {...{ body, edit, problems }}
        list="overheadCosts"
        title="Studio overhead, the worksheet"
        help="Paid whether or not anybody is at the bench. Not all hours at the studio are at the bench: count those that are."
        one="cost"
        columns={[
          { key: 'name', head: 'for', isWords: true },
          { key: 'amount', head: 'amount' },
          { key: 'per', head: 'per', options: perOptions },
        ]}
        fresh={(id) => ({ id, name: '', amount: '', per: 'month' })}
      />
      <SettingLines {...{ body, edit, problems }} of={benchYear} />
      <p className="aside mt-1">
        {body.overheadPerHour.trim()
          ? 'The hour typed above comes before the worksheet.'
          : year && overhead.from.length > 0
            ? `${showFigure(year)} a year ÷ ${showValue(overhead.from[1]?.value ?? 0, 'h')} h = ${showFigure(overhead)}`
            : ''}
      </p>
    </>
  );
}

export function AssayRows({ body, edit, rates }: Props) {
  return (
    <SettingRows
      {...{ body, edit }}
      problems={rates.problems}
      list="assayCharges"
      title="Hallmark and assay charges"
      help="What your assay office asks for an article, by its weight; postage shared out may stand in it. Whether a mark is due is for the local law to say."
      one="charge"
      columns={[
        { key: 'upTo', head: 'up to, g', placeholder: 'any', isWords: true },
        { key: 'charge', head: 'charge' },
      ]}
      fresh={(id) => ({ id, upTo: '', charge: '' })}
    />
  );
}

const kinds = [
  { value: 'wholesale', label: 'to a shop' },
  { value: 'retail', label: 'to the one who wears it' },
  { value: 'consignment', label: 'left with a shop' },
] as const;

export function ChannelRows({ body, edit, rates }: Props) {
  return (
    <SettingRows
      {...{ body, edit }}
      problems={rates.problems}
      list="channels"
      title="Ways of selling"
      help="What each keeps of the price: card and marketplace fees are taken of what the customer pays."
      one="way of selling"
      columns={[
        { key: 'name', head: 'way', isWords: true },
        { key: 'kind', head: 'sold', options: kinds },
        { key: 'feeShare', head: 'fee, share', placeholder: '0 %' },
        { key: 'feeEach', head: 'fee, each' },
        { key: 'shopKeeps', head: 'shop keeps', placeholder: '0 %', applies: ({ kind }) => kind === 'consignment' },
      ]}
      fresh={(id) => ({ id, name: '', kind: 'retail', feeShare: '', feeEach: '', shopKeeps: '' })}
    />
  );
}

export function VolumeRows({ body, edit, rates }: Props) {
  return (
    <SettingRows
      {...{ body, edit }}
      problems={rates.problems}
      list="volumeBreaks"
      title="Off for many, wholesale"
      help="Of a kind, in one order."
      one="break"
      columns={[
        { key: 'from', head: 'from so many', isWords: true, placeholder: '12' },
        { key: 'off', head: 'off', placeholder: '0 %' },
      ]}
      fresh={(id) => ({ id, from: '', off: '' })}
    />
  );
}
