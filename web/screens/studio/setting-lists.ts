// The settings that come in rows: the purpose of each list, its columns, and a fresh row.
import { alloyFamilies } from '../../../core/metal/alloys.ts';
import { fixMetalNames, fixMetals } from '../../../core/metal/fine-price.ts';
import type { Studio } from '../../../core/studio/studio.ts';
import type { Option } from '../../components/choice.tsx';

export type ListKey =
  'makers' | 'stations' | 'overheadCosts' | 'assayCharges' | 'channels' | 'volumeBreaks' | 'ownAlloys';
export type RowOf<Key extends ListKey> = Studio[Key][number];

interface SettingColumn<Row> {
  readonly key: keyof Row & string;
  readonly head: string;
  /** A list to choose from; without it the column is text. */
  readonly options?: readonly Option[];
  readonly placeholder?: string;
  readonly isWords?: boolean;
  /** Days and spans of days, in the studio's format. */
  readonly isDays?: boolean;
  /** Whether the column applies to this row. */
  readonly applies?: (row: Row) => boolean;
}

export interface SettingList<Key extends ListKey> {
  readonly list: Key;
  readonly title: string;
  readonly help: string;
  /** Names a row for screen readers: `maker`. */
  readonly one: string;
  readonly columns: readonly SettingColumn<RowOf<Key>>[];
  readonly fresh: (id: string) => RowOf<Key>;
}

export const makerList: SettingList<'makers'> = {
  list: 'makers',
  title: 'Makers',
  help: 'Leave blank to use the standard labour rate, the working hours and all stations. Steps without a name go to whoever is free.',
  one: 'maker',
  columns: [
    { key: 'name', head: 'name', isWords: true },
    { key: 'rate', head: 'per hour', placeholder: 'as above' },
    { key: 'hours', head: 'working hours', isWords: true, placeholder: 'as above' },
    { key: 'away', head: 'time off', isWords: true, isDays: true, placeholder: 'none' },
    { key: 'does', head: 'stations', isWords: true, placeholder: 'all stations' },
  ],
  fresh: (id) => ({ id, name: '', rate: '', hours: '', away: '', does: '', prefers: '' }),
};

const nightOptions = [
  { value: 'no', label: 'attended only at night' },
  { value: 'yes', label: 'can run overnight' },
];

const loadOptions = [
  { value: 'shared', label: 'batches share' },
  { value: 'own', label: 'one batch each' },
];

export const stationList: SettingList<'stations'> = {
  list: 'stations',
  title: 'Stations',
  help: 'Equipment that steps wait for. A station that is not listed is always free. Batches of one metal share a load where the step says how much a load holds. Torch, acid and motor steps are not run overnight unless you allow it: follow your insurer’s and local fire rules.',
  one: 'station',
  columns: [
    { key: 'name', head: 'name, as used in steps', isWords: true },
    { key: 'count', head: 'quantity' },
    { key: 'out', head: 'out of service', isWords: true, isDays: true, placeholder: 'never' },
    { key: 'overnight', head: 'unattended work', options: nightOptions },
    { key: 'loads', head: 'loads', options: loadOptions },
  ],
  fresh: (id) => ({ id, name: '', count: '1', out: '', overnight: 'no', loads: 'shared' }),
};

const perOptions = [
  { value: 'week', label: 'per week' },
  { value: 'month', label: 'per month' },
  { value: 'year', label: 'per year' },
] as const;

export const overheadList: SettingList<'overheadCosts'> = {
  list: 'overheadCosts',
  title: 'Overhead costs',
  help: 'Fixed costs, spread over your bench hours. Count only the hours you work at the bench.',
  one: 'cost',
  columns: [
    { key: 'name', head: 'for', isWords: true },
    { key: 'amount', head: 'amount' },
    { key: 'per', head: 'per', options: perOptions },
  ],
  fresh: (id) => ({ id, name: '', amount: '', per: 'month' }),
};

export const assayList: SettingList<'assayCharges'> = {
  list: 'assayCharges',
  title: 'Hallmarking charges',
  help: 'The charge of your assay office per article, by weight; you can include a share of the postage. Whether a mark is required depends on local law.',
  one: 'charge',
  columns: [
    { key: 'upTo', head: 'up to, g', placeholder: 'any', isWords: true },
    { key: 'charge', head: 'charge' },
  ],
  fresh: (id) => ({ id, upTo: '', charge: '' }),
};

const kinds = [
  { value: 'wholesale', label: 'wholesale' },
  { value: 'retail', label: 'direct' },
  { value: 'consignment', label: 'sale or return' },
] as const;

export const channelList: SettingList<'channels'> = {
  list: 'channels',
  title: 'Sales channels',
  help: 'Fees and commission of each channel. Card and marketplace fees are charged on what the customer pays.',
  one: 'sales channel',
  columns: [
    { key: 'name', head: 'way', isWords: true },
    { key: 'kind', head: 'sold', options: kinds },
    { key: 'feeShare', head: 'fee, %', placeholder: '0 %' },
    { key: 'feeEach', head: 'fixed fee' },
    { key: 'shopKeeps', head: 'commission', placeholder: '0 %', applies: ({ kind }) => kind === 'consignment' },
  ],
  fresh: (id) => ({ id, name: '', kind: 'retail', feeShare: '', feeEach: '', shopKeeps: '' }),
};

export const volumeList: SettingList<'volumeBreaks'> = {
  list: 'volumeBreaks',
  title: 'Wholesale volume discounts',
  help: 'Per design, in one order.',
  one: 'break',
  columns: [
    { key: 'from', head: 'minimum quantity', isWords: true, placeholder: '12' },
    { key: 'off', head: 'discount', placeholder: '0 %' },
  ],
  fresh: (id) => ({ id, from: '', off: '' }),
};

const familyOptions = alloyFamilies.map((family) => ({ value: family, label: family.replace('-', ' ') }));
const fineOptions = [
  { value: '', label: 'none' },
  ...fixMetals.map((metal) => ({ value: metal, label: fixMetalNames[metal] })),
];

export const ownAlloyList: SettingList<'ownAlloys'> = {
  list: 'ownAlloys',
  title: 'Own alloys',
  help: 'Density as a number, as the metals in it (Cu 70, Zn 30), or as weighed: 12.41 g in air, 11.22 in water at 21 C.',
  one: 'alloy',
  columns: [
    { key: 'name', head: 'alloy', isWords: true },
    { key: 'family', head: 'like', options: familyOptions },
    { key: 'fineMetal', head: 'fine metal', options: fineOptions },
    { key: 'fineness', head: 'fineness ‰' },
    { key: 'density', head: 'density g/cm³', placeholder: 'g/cm³' },
  ],
  fresh: (id) => ({ id, name: '', family: 'bronze', fineMetal: '', fineness: '', density: '' }),
};
