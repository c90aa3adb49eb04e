// Stock of the sample workshop: enough of most, too little of one.
import type { GoodsCounted } from '../../core/batch/buying/goods.ts';
import type { NewLot } from '../../core/batch/stock/shelf.ts';

type DemoLot = Partial<NewLot> & Pick<NewLot, 'alloy' | 'section'> & { readonly daysAgo: number };

const round = (diameter: string) => ({ form: 'round' as const, diameter });
const sheet = (thickness: string) => ({ form: 'sheet' as const, thickness });

const tube = (outside: string, wall: string) => ({ form: 'tube' as const, outside, wall });

/** Lots in stock. */
export const demoShelf: readonly DemoLot[] = [
  { daysAgo: 40, alloy: 'brass-c260', section: round('3.2 mm'), length: '1000 mm', count: '2', paid: '11.20' },
  { daysAgo: 40, alloy: 'brass-c260', section: round('3.2 mm'), length: '412 mm', why: 'left from the regatta forks' },
  { daysAgo: 40, alloy: 'brass-c260', section: round('2 mm'), length: '2000 mm', paid: '4.60' },
  { daysAgo: 26, alloy: 'silver-925', section: round('20 ga'), length: '1500 mm', temper: 'soft', paid: '9.10' },
  // Not enough for the brooches of the winter market.
  { daysAgo: 26, alloy: 'silver-925', section: sheet('0.9 mm'), width: '100 mm', height: '60 mm', paid: '54' },
  {
    daysAgo: 12,
    alloy: 'silver-925',
    section: sheet('0.9 mm'),
    width: '74 mm',
    height: '38 mm',
    why: 'left of the first tries',
  },
  { daysAgo: 26, alloy: 'silver-925', section: tube('3.2 mm', '0.4 mm'), length: '180 mm', count: '2', paid: '16' },
  { daysAgo: 12, alloy: 'copper-c110', section: sheet('0.7 mm'), width: '200 mm', height: '100 mm', paid: '5.20' },
  { daysAgo: 12, alloy: 'steel-low-carbon', section: sheet('20 ga'), width: '300 mm', height: '100 mm', paid: '3.90' },
];

const consumable = (name: string, unit: 'g' | '', there: string, least: string): GoodsCounted => ({
  key: `consumable ${name.toLowerCase()}`,
  name,
  unit,
  there,
  least,
});
const solder = (grade: string, there: string, least: string): GoodsCounted => ({
  key: `solder silver solder, ${grade}`,
  name: `Silver solder, ${grade}`,
  unit: 'g',
  there,
  least,
});

/** Goods counted by hand: saw blades are low. */
export const demoGoods: readonly GoodsCounted[] = [
  solder('easy', '6.4', '2'),
  solder('medium', '3.1', '2'),
  { key: 'finding pin and catch', name: 'Pin and catch', unit: '', there: '8', least: '0' },
  consumable('Saw blades 3/0', '', '31', '48'),
  consumable('Pickle salt', 'g', '640', '250'),
  consumable('Emery sheets 400', '', '12', '5'),
];
