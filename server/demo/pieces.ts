// The designs of the sample workshop. Everything is invented: makers, town, designs, sizes and times.
import { alloysWith } from '../../core/metal/alloy.ts';
import { computeRecipe } from '../../core/piece/compute-recipe.ts';
import type { PartTyped } from '../../core/piece/part.ts';
import { type Piece, pieceSchema, type PieceTyped } from '../../core/piece/piece.ts';
import { proposeRoute } from '../../core/piece/propose-route.ts';
import type { PartSection } from '../../core/stock/typed-section.ts';

type Blank = PartTyped['blank'];
type JoinTyped = NonNullable<PieceTyped['joins']>[number];
type StepTyped = PieceTyped['steps'][number];

const part = (
  id: string,
  name: string,
  alloy: string,
  section: PartSection,
  blank: Blank,
  more: Partial<PartTyped> = {},
) => ({
  id,
  name,
  alloy,
  section,
  blank,
  count: '1',
  trim: '',
  ...more,
});
const finding = (
  id: string,
  name: string,
  price: string,
  grams: string,
  more: Partial<PieceTyped['findings'][number]> = {},
) => ({ id, name, count: '1', price, grams, ...more });
const solder = (
  id: string,
  name: string,
  parts: string[],
  grade: string,
  more: Partial<JoinTyped> = {},
): JoinTyped => ({
  id,
  name,
  kind: 'solder',
  parts,
  solder: grade,
  ...more,
});
const step = (
  name: string,
  station: string,
  setUp: string,
  each: string,
  unattended = '',
  more: Partial<StepTyped> = {},
): Omit<StepTyped, 'id'> => ({ name, station, setUp, each, unattended, overlaps: false, byHand: true, ...more });

type Typed = Omit<PieceTyped, 'steps' | 'findings' | 'note'> & {
  readonly note?: string;
  readonly findings?: PieceTyped['findings'];
  readonly steps: readonly Omit<StepTyped, 'id'>[];
};

function piece({ steps, ...typed }: Typed): Piece {
  const numbered = steps.map((each, index) => ({ ...each, id: `step-${String(index + 1)}` }));
  return pieceSchema.parse({ note: '', findings: [], ...typed, steps: numbered });
}

const round = (diameter: string): PartSection => ({ form: 'round', diameter });
const strip = (width: string, thickness: string): PartSection => ({ form: 'strip', width, thickness });
const tube = (outside: string, wall: string): PartSection => ({ form: 'tube', outside, wall });
const sheet = (thickness: string): PartSection => ({ form: 'sheet', thickness });
const straight = (length: string): Blank => ({ rule: 'straight', length });
const disc = (diameter: string): Blank => ({ rule: 'disc', diameter });
const rectangle = (width: string, length: string): Blank => ({ rule: 'rectangle', width, length });
const overlaps = { overlaps: true };

// With the route that its recipe proposes.
function routed(typed: Typed): Piece {
  const made: Piece = { ...piece(typed), route: 'recipe' };
  const route = proposeRoute(computeRecipe(made, alloysWith([])));
  return { ...made, steps: route.map((each, index) => ({ ...each, id: `step-${String(index + 1)}` })) };
}

/** The designs of the sample workshop. */
export const demoPieces = {
  barometer: piece({
    name: 'Barometer brooch',
    batchSize: '12',
    note: 'Dial stamped FAIR, CHANGE, RAIN with the small letters. Pointer left free to turn.',
    collection: 'Weather',
    tags: ['brooch', 'mixed metal'],
    parts: [
      part(
        'dial',
        'Dial',
        'silver-925',
        sheet('0.9 mm'),
        { rule: 'dome', across: '33 mm', height: '3.5 mm' },
        { trim: '0.4 mm' },
      ),
      part(
        'rim',
        'Rim',
        'brass-c260',
        round('2 mm'),
        { rule: 'ring-band', system: 'mm', size: '33.4 mm' },
        { trim: '1 mm', scrap: 'filings' },
      ),
      part('pointer', 'Pointer', 'copper-c110', sheet('0.7 mm'), rectangle('3 mm', '22 mm'), {
        trim: '0.5 mm',
        hole: '1.4 mm',
      }),
      part('hub', 'Hub', 'silver-925', tube('3.2 mm', '0.4 mm'), straight('3.5 mm'), {
        trim: '0.4 mm',
        kerf: '0.3 mm',
        scrap: 'filings',
      }),
    ],
    findings: [finding('catch', 'Pin and catch', '0.85', '2.6', { alloy: 'nickel-silver-c752' })],
    joins: [
      solder('j-rim', 'Close the rim', ['rim'], 'silver-hard'),
      solder('j-dial', 'Rim to dial', ['rim', 'dial'], 'silver-medium', { form: 'seam', amount: '104 mm' }),
      solder('j-hub', 'Hub to dial', ['hub', 'dial'], 'silver-medium', { amount: '1' }),
      solder('j-catch', 'Pin and catch on', ['catch', 'dial'], 'silver-easy', { count: '2' }),
      { id: 'j-pointer', name: 'Pointer on its hub', kind: 'rivet', parts: ['pointer', 'hub'] },
    ],
    steps: [
      step('Saw dials and pointers', 'peg', '5', '1.6', '', { per: 'cut', drivers: '2' }),
      step('Anneal, stamp and dome dials', 'block', '6', '3.5'),
      step('Close rims, solder', 'torch', '8', '2.5'),
      step('Pickle rims', 'pickle', '2', '', '15', { load: '40' }),
      step('File and drill pointers', 'peg', '3', '2', '', overlaps),
      step('Rim to dial, hub, catch: solder', 'torch', '6', '2.2', '', { per: 'joint', drivers: '4', yield: '96 %' }),
      step('Pickle', 'pickle', '2', '', '20', { load: '40' }),
      step('Sand to 600 and brush', 'motor', '4', '5'),
      step('Rivet pointers', 'peg', '4', '2.5'),
      step('Inspect and weigh', 'bench', '', '1'),
    ],
  }),
  fork: piece({
    name: 'Tide hair fork',
    batchSize: '8',
    note: 'Planish the crown only; the prongs stay round.',
    collection: 'Tide',
    tags: ['hair', 'forged'],
    sizes: {
      parameters: [{ id: 'reach', name: 'reach' }],
      rows: [
        { id: 'short', name: 'short', values: { reach: '104 mm' } },
        { id: 'usual', name: 'usual', values: { reach: '126 mm' } },
        { id: 'long', name: 'long', values: { reach: '148 mm' } },
        { id: 'crown', name: 'crown', values: { reach: '162 mm' } },
        { id: 'child', name: 'child', values: { reach: '84 mm' } },
        { id: 'nape', name: 'nape', values: { reach: '94 mm' } },
      ],
      price: 'each',
    },
    parts: [
      part('prongs', 'Prongs and crown', 'brass-c260', round('3.2 mm'), straight('2*reach + 16 mm'), {
        trim: '4 mm',
        endsTouchSkin: true,
        temper: 'half-hard',
      }),
      part(
        'wrap',
        'Wave wrap',
        'silver-925',
        round('20 ga'),
        { rule: 'wrap', turns: '14', core: '3.2 mm' },
        { trim: '10 mm', temper: 'soft' },
      ),
    ],
    joins: [{ id: 'j-wrap', name: 'Wave round the crown', kind: 'wrap', parts: ['wrap', 'prongs'] }],
    steps: [
      step('Cut and anneal', 'torch', '6', '1.5'),
      step('Pickle', 'pickle', '2', '', '12', { load: '30' }),
      step('Bend over the jig', 'bench', '5', '2'),
      step('Planish the crowns', 'anvil', '3', '6'),
      step('Wrap the wave', 'bench', '4', '7'),
      step('Round the ends', 'peg', '2', '3'),
      step('Tumble', 'tumbler', '5', '', '2h30', { load: '24' }),
      step('Inspect and card', 'bench', '3', '1.5'),
    ],
  }),
  cufflinks: piece({
    name: 'Squall cufflinks, a pair',
    batchSize: '10',
    note: 'Keep left and right as sawn, the streaks mirror each other.',
    soldBy: 'pair',
    collection: 'Weather',
    tags: ['cufflinks', 'mixed metal'],
    parts: [
      part('faces', 'Faces', 'silver-925', sheet('18 ga'), disc('17 mm'), { count: '2', trim: '0.5 mm', paired: true }),
      part('streaks', 'Squall streaks', 'copper-c110', round('1 mm'), straight('24 mm'), {
        count: '6',
        trim: '0.5 mm',
      }),
      part('posts', 'Posts', 'silver-925', tube('3 mm', '0.5 mm'), straight('14 mm'), {
        count: '2',
        trim: '0.5 mm',
        kerf: '0.3 mm',
        buyPrice: '1.20',
      }),
    ],
    findings: [finding('backs', 'Swivel backs', '3.40', '1.9', { count: '2', alloy: 'silver-925' })],
    joins: [
      solder('j-streaks', 'Streaks on the faces', ['streaks', 'faces'], 'silver-hard', {
        form: 'seam',
        amount: '22 mm',
        count: '6',
      }),
      solder('j-posts', 'Posts to the faces', ['posts', 'faces'], 'silver-medium', { count: '2', amount: '3' }),
      { id: 'j-backs', name: 'Backs on the posts', kind: 'rivet', parts: ['backs', 'posts'], count: '2' },
    ],
    steps: [
      step('Saw faces', 'peg', '5', '3', '', { per: 'cut', of: 'faces' }),
      step('Streaks on, solder', 'torch', '8', '1.5', '', { per: 'joint', of: 'j-streaks' }),
      step('Pickle', 'pickle', '2', '', '20', { load: '60' }),
      step('Cut and fit posts', 'peg', '4', '5', '', { ...overlaps, of: 'posts' }),
      step('Posts on, solder', 'torch', '6', '3', '', { per: 'joint', of: 'j-posts' }),
      step('Pickle again', 'pickle', '2', '', '20', { load: '60' }),
      step('Sand and brush', 'motor', '5', '6'),
      step('Rivet the backs', 'block', '3', '2', '', { per: 'joint', of: 'j-backs' }),
      step('Match the pairs', 'bench', '2', '1.5'),
    ],
  }),
  tieBar: piece({
    name: 'Mooring tie bar',
    batchSize: '12',
    collection: 'Harbour',
    tags: ['tie bar'],
    parts: [
      part('bar', 'Bar', 'silver-925', strip('6 mm', '1.2 mm'), straight('112 mm'), { trim: '1 mm' }),
      part('bollard', 'Bollard', 'brass-c260', round('4 mm'), straight('5 mm'), { trim: '0.5 mm', kerf: '0.3 mm' }),
    ],
    joins: [solder('j-bollard', 'Bollard on the bar', ['bollard', 'bar'], 'silver-easy', { amount: '3' })],
    steps: [
      step('Cut and file ends', 'peg', '4', '3'),
      step('Bollards on, solder', 'torch', '6', '3.5'),
      step('Pickle', 'pickle', '2', '', '15', { load: '40' }),
      step('Bend the spring', 'bench', '3', '2.5'),
      step('Satin finish', 'motor', '3', '4'),
    ],
  }),
  shawlPin: piece({
    name: 'Fairweather shawl pin',
    batchSize: '20',
    note: 'Stick is work-hardened by twisting; do not anneal it again.',
    collection: 'Weather',
    tags: ['pin', 'mixed metal'],
    parts: [
      part(
        'ring',
        'Ring',
        'copper-c110',
        round('3 mm'),
        { rule: 'ring-band', system: 'mm', size: '42 mm' },
        { trim: '1 mm' },
      ),
      part('stick', 'Stick', 'silver-925', round('12 ga'), straight('118 mm'), { trim: '1 mm', endsTouchSkin: true }),
      part(
        'gulls',
        'Gull rings',
        'silver-925',
        round('18 ga'),
        { rule: 'jump-ring', inside: '3.5 mm' },
        { count: '3', kerf: '0.3 mm' },
      ),
    ],
    joins: [
      solder('j-ring', 'Close the ring', ['ring'], 'silver-hard'),
      solder('j-gulls', 'Close the gulls', ['gulls'], 'silver-hard', { count: '3', amount: '1' }),
      { id: 'j-link', name: 'Gulls on the ring', kind: 'link', parts: ['gulls', 'ring'], count: '3' },
    ],
    steps: [
      step('Wind and saw rings', 'bench', '6', '1.5'),
      step('Close and solder rings', 'torch', '6', '1', '', { per: 'joint' }),
      step('Pickle', 'pickle', '2', '', '15', { load: '80' }),
      step('Draw down and round ends of sticks', 'peg', '4', '5', '', overlaps),
      step('Hammer the rings', 'anvil', '3', '3'),
      step('Tumble', 'tumbler', '4', '', '2h', { load: '40' }),
      step('Link up and inspect', 'bench', '3', '2'),
    ],
  }),
  caddySpoon: piece({
    name: 'Flood-tide caddy spoon',
    batchSize: '6',
    note: 'Commission pattern: the handle carries the date of the tide.',
    collection: 'Tide',
    tags: ['table', 'forged'],
    parts: [
      part(
        'bowl',
        'Bowl',
        'silver-925',
        sheet('1.1 mm'),
        { rule: 'dome', across: '49 mm', height: '9 mm' },
        { trim: '1 mm' },
      ),
      part(
        'handle',
        'Handle',
        'silver-925',
        round('5 mm'),
        { rule: 'worked', length: '68 mm', width: '7 mm', thickness: '1.6 mm' },
        { trim: '2 mm' },
      ),
    ],
    joins: [solder('j-handle', 'Handle to the bowl', ['handle', 'bowl'], 'silver-hard', { amount: '4' })],
    steps: [
      step('Saw and anneal bowls', 'torch', '6', '5'),
      step('Raise bowls on the stake', 'stake', '5', '14'),
      step('Pickle', 'pickle', '2', '', '15', { load: '12' }),
      step('Forge handles', 'anvil', '4', '9', '', overlaps),
      step('Join, solder', 'torch', '6', '6'),
      step('Pickle again', 'pickle', '2', '', '20', { load: '12' }),
      step('Sand and polish', 'motor', '6', '16'),
      step('Stamp and inspect', 'bench', '4', '3'),
    ],
  }),
  lapelPin: piece({
    name: 'Anvil-cloud lapel pin',
    batchSize: '40',
    note: 'Steel never goes in the pickle: brush it clean. Silver goes on last.',
    collection: 'Weather',
    tags: ['pin', 'under 30'],
    parts: [
      part(
        'cloud',
        'Cloud',
        'steel-low-carbon',
        sheet('20 ga'),
        { rule: 'outline', points: '0,0 18,0 18,7 13,14 5,14 0,8' },
        { trim: '0.5 mm' },
      ),
      part('bolt', 'Lightning', 'silver-999', round('0.8 mm'), straight('22 mm'), { trim: '1 mm' }),
    ],
    findings: [
      finding('clutch', 'Pin with clutch', '0.38', '1.4', { alloy: 'brass-c260' }),
      finding('card', 'Card', '0.06', ''),
    ],
    joins: [
      solder('j-bolt', 'Lightning on the cloud', ['bolt', 'cloud'], 'silver-medium', { amount: '3' }),
      solder('j-clutch', 'Pin on the back', ['clutch', 'cloud'], 'silver-easy', { form: 'beads', amount: '2' }),
    ],
    steps: [
      step('Saw clouds', 'peg', '6', '2.2'),
      step('File and brush the steel', 'motor', '3', '1.5'),
      step('Lightning on, solder', 'torch', '8', '1.8'),
      step('Pins on, solder', 'torch', '4', '1.2'),
      step('Cool, brush clean, wax', 'bench', '3', '0.5', '45'),
      step('Card and count', 'bench', '3', '0.4'),
    ],
  }),
  signet: piece({
    name: 'Sounding-line signet ring',
    batchSize: '1',
    note: 'One commission. Bezel face left blank for the engraver.',
    collection: 'Harbour',
    tags: ['ring', 'commission'],
    sizes: {
      parameters: [{ id: 'size', name: 'size' }],
      rows: [
        { id: 't', name: 'T½', values: { size: 'T½' } },
        { id: 'p', name: 'P', values: { size: 'P' } },
        { id: 'w', name: 'W', values: { size: 'W' } },
      ],
      price: 'each',
    },
    parts: [
      part(
        'shank',
        'Shank',
        'gold-9k-yellow',
        strip('4 mm', '1.8 mm'),
        { rule: 'ring-band', system: 'uk', size: 'size' },
        { trim: '1 mm' },
      ),
      part('face', 'Face', 'gold-9k-yellow', sheet('1.6 mm'), disc('12.5 mm'), { trim: '0.5 mm', scrap: 'soldered' }),
    ],
    findings: [finding('engraving', 'Engraving', '38.00', '', { kind: 'sent-out' })],
    joins: [
      solder('j-shank', 'Close the shank', ['shank'], 'gold-9k-hard', { amount: '2' }),
      solder('j-face', 'Face to the shank', ['face', 'shank'], 'gold-9k-medium', { amount: '4' }),
    ],
    steps: [
      step('Make up the shank', 'torch', '10', '25'),
      step('Fit the face, solder', 'torch', '8', '35'),
      step('Pickle', 'pickle', '2', '', '20'),
      step('File to shape', 'peg', '5', '55'),
      step('Polish', 'motor', '6', '30'),
      step('Hallmark, at the assay office', 'away', '', '5', '5h'),
    ],
  }),
  locket: routed({
    name: 'Sea-chest locket',
    batchSize: '4',
    note: 'Lid and box from one sheet, so that the grain runs through.',
    collection: 'Harbour',
    tags: ['pendant', 'hinged'],
    groups: [{ id: 'box', name: 'Box', count: '1', closed: false, vents: '' }],
    parts: [
      part('sides', 'Sides', 'silver-925', strip('6 mm', '0.8 mm'), straight('86 mm'), { trim: '1 mm', group: 'box' }),
      part('floor', 'Floor', 'silver-925', sheet('0.8 mm'), rectangle('19 mm', '24 mm'), {
        trim: '1 mm',
        scrap: 'soldered',
        group: 'box',
      }),
      part('lid', 'Lid', 'silver-925', sheet('0.8 mm'), rectangle('19 mm', '24 mm'), { trim: '1 mm' }),
      part(
        'knuckles',
        'Knuckles',
        'silver-925',
        tube('2.2 mm', '0.5 mm'),
        { rule: 'knuckles', width: '18 mm', knuckles: '5' },
        { kerf: '0.3 mm' },
      ),
      part(
        'pin',
        'Hinge pin',
        'silver-925',
        round('1.2 mm'),
        { rule: 'hinge-pin', width: '18 mm' },
        { temper: 'half-hard' },
      ),
      part('bail', 'Bail', 'silver-925', round('1.4 mm'), { rule: 'jump-ring', inside: '5.2 mm', passes: '4 mm' }),
    ],
    findings: [
      finding('glass', 'Flint, cut and polished', '4.50', '1.1', {
        kind: 'stone',
        shape: 'oval',
        length: '11 mm',
        width: '8 mm',
        girdle: '2.1 mm',
      }),
    ],
    joins: [
      solder('j-sides', 'Close the sides', ['sides'], 'silver-hard', { amount: '2' }),
      solder('j-floor', 'Floor on the sides', ['floor', 'sides'], 'silver-medium', { form: 'seam', amount: '84 mm' }),
      solder('j-knuckles', 'Knuckles to box and lid', ['knuckles', 'box', 'lid'], 'silver-easy', {
        count: '5',
        amount: '1',
      }),
      { id: 'j-pin', name: 'Pin through the knuckles', kind: 'rivet', parts: ['pin', 'knuckles'] },
      { id: 'j-bail', name: 'Bail on the lid', kind: 'link', parts: ['bail', 'lid'], bearsLoad: true },
      { id: 'j-glass', name: 'Stone in the lid', kind: 'set', parts: ['glass', 'lid'] },
    ],
    work: [
      { id: 'w-bend', name: 'Bend the sides round a block', kind: 'form', on: 'sides', each: '6' },
      { id: 'w-fit', name: 'Fit the lid', kind: 'file', on: 'lid', each: '9', setUp: '2', count: '1' },
      { id: 'w-grave', name: 'Engrave the chart', kind: 'engrave', on: 'lid', each: '14' },
      { id: 'w-patina', name: 'Patina, rubbed back', kind: 'patina', on: '' },
    ],
    steps: [],
  }),
} as const;
