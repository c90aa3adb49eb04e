// The settings that come in rows: the purpose of each list, its columns, and a fresh row.
import { alloyFamilies } from '../../../core/metal/alloys.ts';
import { fixMetalNames, fixMetals } from '../../../core/metal/fix.ts';
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
  help: 'Blank: the hour of hands and the open hours above, every station. Steps that name nobody are done by whoever is free.',
  one: 'maker',
  columns: [
    { key: 'name', head: 'name', isWords: true },
    { key: 'rate', head: 'an hour', placeholder: 'as above' },
    { key: 'hours', head: 'is there', isWords: true, placeholder: 'open hours' },
    { key: 'away', head: 'days off', isWords: true, placeholder: 'none' },
    { key: 'does', head: 'works at', isWords: true, placeholder: 'all stations' },
  ],
  fresh: (id) => ({ id, name: '', rate: '', hours: '', away: '', does: '' }),
};

const nightOptions = [
  { value: 'no', label: 'never alone at night' },
  { value: 'yes', label: 'may run overnight' },
];

export const stationList: SettingList<'stations'> = {
  list: 'stations',
  title: 'Stations',
  help: 'What there are few of, and a step has to wait for; a station that is not listed is always free. Hot work, acid and motors are not left alone at night unless you say so: follow your insurer’s and the local fire rules.',
  one: 'station',
  columns: [
    { key: 'name', head: 'name, as steps say it', isWords: true },
    { key: 'count', head: 'how many' },
    { key: 'out', head: 'out of use', isWords: true, placeholder: 'never' },
    { key: 'overnight', head: 'what works by itself', options: nightOptions },
  ],
  fresh: (id) => ({ id, name: '', count: '1', out: '', overnight: 'no' }),
};

const perOptions = [
  { value: 'week', label: 'a week' },
  { value: 'month', label: 'a month' },
  { value: 'year', label: 'a year' },
] as const;

export const overheadList: SettingList<'overheadCosts'> = {
  list: 'overheadCosts',
  title: 'Studio overhead, the worksheet',
  help: 'Paid whether or not anybody is at the bench. Not all hours at the studio are at the bench: count those that are.',
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
  title: 'Hallmark and assay charges',
  help: 'What your assay office asks for an article, by its weight; postage shared out may stand in it. Whether a mark is due is for the local law to say.',
  one: 'charge',
  columns: [
    { key: 'upTo', head: 'up to, g', placeholder: 'any', isWords: true },
    { key: 'charge', head: 'charge' },
  ],
  fresh: (id) => ({ id, upTo: '', charge: '' }),
};

const kinds = [
  { value: 'wholesale', label: 'to a shop' },
  { value: 'retail', label: 'to the one who wears it' },
  { value: 'consignment', label: 'left with a shop' },
] as const;

export const channelList: SettingList<'channels'> = {
  list: 'channels',
  title: 'Ways of selling',
  help: 'What each keeps of the price: card and marketplace fees are taken of what the customer pays.',
  one: 'way of selling',
  columns: [
    { key: 'name', head: 'way', isWords: true },
    { key: 'kind', head: 'sold', options: kinds },
    { key: 'feeShare', head: 'fee, share', placeholder: '0 %' },
    { key: 'feeEach', head: 'fee, each' },
    { key: 'shopKeeps', head: 'shop keeps', placeholder: '0 %', applies: ({ kind }) => kind === 'consignment' },
  ],
  fresh: (id) => ({ id, name: '', kind: 'retail', feeShare: '', feeEach: '', shopKeeps: '' }),
};

export const volumeList: SettingList<'volumeBreaks'> = {
  list: 'volumeBreaks',
  title: 'Off for many, wholesale',
  help: 'Of a kind, in one order.',
  one: 'break',
  columns: [
    { key: 'from', head: 'from so many', isWords: true, placeholder: '12' },
    { key: 'off', head: 'off', placeholder: '0 %' },
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
  title: 'Our own alloys',
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
