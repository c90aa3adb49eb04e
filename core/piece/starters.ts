// Pieces to start from: whole recipes with two or three measures to type. Invented; sizes are common practice.
import type { Alloy } from '../metal/alloys.ts';
import { computeRecipe } from './compute-recipe.ts';
import { type Piece, pieceSchema, type PieceTyped } from './piece.ts';
import { pieceInSize } from './piece-in-size.ts';
import { proposeRoute } from './propose-route.ts';
import type { StandardTimes } from './standard-times.ts';

/** A piece to start from. */
export interface Starter {
  readonly id: string;
  readonly name: string;
  /** What it is made of, in a few words. */
  readonly about: string;
  readonly piece: Piece;
}

type Part = PieceTyped['parts'][number];
type Join = NonNullable<PieceTyped['joins']>[number];
type Rows = Partial<Omit<PieceTyped, 'name' | 'parts' | 'sizes'>>;

const wire = (diameter: string): Part['section'] => ({ form: 'round', diameter });
const sheet = (thickness: string): Part['section'] => ({ form: 'sheet', thickness });
const strip = (width: string, thickness: string): Part['section'] => ({ form: 'strip', width, thickness });

function part(id: string, section: Part['section'], blank: Part['blank'], more: Partial<Part> = {}): Part {
  const name = id.charAt(0).toUpperCase() + id.slice(1).replace(/-/g, ' ');
  return { id, name, alloy: 'silver-925', section, blank, count: '1', trim: '', ...more };
}

function solder(id: string, name: string, parts: string[], grade: string, more: Partial<Join> = {}): Join {
  return { id, name, kind: 'solder', parts, solder: `silver-${grade}`, ...more };
}

/** @param measures  name and usual value of each measure to type */
function starter(
  name: string,
  about: string,
  measures: Readonly<Record<string, string>>,
  parts: Part[],
  rows: Rows = {},
): Starter {
  const parameters = Object.keys(measures).map((word) => ({ id: word, name: word }));
  const piece = pieceSchema.parse({
    name,
    note: '',
    batchSize: '6',
    findings: [],
    steps: [],
    ...rows,
    parts,
    sizes: { parameters, rows: [{ id: 'usual', name: 'usual', values: measures }], price: 'each' },
  });
  return { id: name.toLowerCase().replace(/[^a-z]+/g, '-'), name, about, piece };
}

const finding = (
  id: string,
  name: string,
  price: string,
  grams: string,
  more: Partial<PieceTyped['findings'][number]> = {},
) => ({
  id,
  name,
  count: '1',
  price,
  grams,
  ...more,
});

/** Every starter, in the order they are offered. */
export const starters: readonly Starter[] = [
  starter(
    'Plain band',
    'flat strip, one soldered seam',
    { inside: '17.8 mm', width: '3.5 mm', thick: '1.4 mm' },
    [part('band', strip('width', 'thick'), { rule: 'ring-band', system: 'mm', size: 'inside' }, { trim: '0.4 mm' })],
    { joins: [solder('seam', 'Seam', ['band'], 'hard')] },
  ),
  starter(
    'Patterned band',
    'strip with a rolled pattern',
    { inside: '18.2 mm', width: '6.5 mm', thick: '1.3 mm' },
    [
      part(
        'band',
        strip('width', 'thick'),
        { rule: 'ring-band', system: 'mm', size: 'inside' },
        { trim: '0.4 mm', temper: 'soft' },
      ),
    ],
    {
      joins: [solder('seam', 'Seam', ['band'], 'hard')],
      work: [
        { id: 'pattern', name: 'Roll print the pattern', kind: 'roll', on: 'band' },
        { id: 'flat', name: 'Flatten', kind: 'straighten', on: 'band' },
      ],
    },
  ),
  starter(
    'Bezel ring',
    'round stone in a strip bezel on a wire shank',
    { inside: '17.2 mm', stone: '9 mm' },
    [
      part('shank', wire('2.2 mm'), { rule: 'ring-band', system: 'mm', size: 'inside' }, { trim: '0.4 mm' }),
      part(
        'bezel',
        strip('3 mm', '0.35 mm'),
        { rule: 'bezel', stone: 'stone', around: '', clearance: '0.05 mm' },
        { alloy: 'silver-999', temper: 'soft' },
      ),
      part('base', sheet('0.7 mm'), { rule: 'disc', diameter: 'stone + 1 mm' }, { trim: '0.5 mm', scrap: 'soldered' }),
    ],
    {
      findings: [
        finding('stone', 'Stone', '8', '0.6', { kind: 'stone', shape: 'round', length: 'stone', girdle: '2.1 mm' }),
      ],
      joins: [
        solder('close', 'Bezel seam', ['bezel'], 'hard', { amount: '1' }),
        solder('shut', 'Shank seam', ['shank'], 'hard', { amount: '1', sameHeat: true }),
        solder('down', 'Bezel on base', ['bezel', 'base'], 'medium', { amount: '4' }),
        solder('on', 'Cup on shank', ['base', 'shank'], 'easy', { amount: '2', shows: 'no' }),
        { id: 'set', name: 'Stone', kind: 'set', parts: ['stone', 'bezel'] },
      ],
    },
  ),
  starter(
    'Hoop earrings',
    'a pair of round-wire hoops',
    { across: '24 mm', wire: '1.2 mm' },
    [
      part(
        'hoop',
        wire('wire'),
        { rule: 'straight', length: 'pi * (across + wire) + 9 mm' },
        { count: '2', endsTouchSkin: true, temper: 'half-hard', paired: true },
      ),
    ],
    {
      soldBy: 'pair',
      work: [{ id: 'bend', name: 'Bend round the mandrel', kind: 'form', on: 'hoop', each: '1.5' }],
    },
  ),
  starter(
    'Disc studs',
    'a pair of discs on posts',
    { across: '8 mm', thick: '0.8 mm' },
    [
      part('disc', sheet('thick'), { rule: 'disc', diameter: 'across' }, { count: '2', paired: true }),
      part(
        'post',
        wire('0.9 mm'),
        { rule: 'straight', length: '11 mm' },
        { count: '2', endsTouchSkin: true, paired: true },
      ),
    ],
    {
      soldBy: 'pair',
      findings: [finding('backs', 'Ear nuts', '0.30', '0.2', { count: '2' })],
      joins: [solder('on', 'Posts on discs', ['post', 'disc'], 'hard', { count: '2', amount: '1' })],
      work: [{ id: 'texture', name: 'Hammer texture', kind: 'texture', on: 'disc', each: '1' }],
    },
  ),
  starter(
    'Chain of soldered rings',
    'every ring closed, the last takes the clasp',
    { long: '460 mm', inside: '6 mm', wire: '1.2 mm' },
    [
      part('rings', wire('wire'), { rule: 'chain', length: 'long', inside: 'inside' }, { kerf: '0.25 mm' }),
      part('end-ring', wire('1 mm'), { rule: 'jump-ring', inside: '4 mm' }, { kerf: '0.25 mm' }),
    ],
    {
      batchSize: '2',
      findings: [finding('clasp', 'Clasp', '2.40', '1.1')],
      joins: [
        {
          id: 'hang',
          name: 'Clasp on its ring',
          kind: 'link',
          parts: ['end-ring', 'clasp', 'rings'],
          bearsLoad: false,
        },
        solder('shut', 'Rings', ['rings'], 'hard', { count: '', amount: '1' }),
      ],
    },
  ),
  starter(
    'Chain of fused links',
    'fine silver links, fused',
    { long: '430 mm', inside: '7 mm', wire: '1.3 mm' },
    [
      part(
        'links',
        wire('wire'),
        { rule: 'chain', length: 'long', inside: 'inside' },
        { alloy: 'silver-999', kerf: '0.25 mm' },
      ),
    ],
    {
      batchSize: '2',
      findings: [finding('clasp', 'Clasp', '2.40', '1.1')],
      joins: [
        { id: 'shut', name: 'Links', kind: 'fuse', parts: ['links'], count: '' },
        { id: 'hang', name: 'Clasp', kind: 'link', parts: ['clasp', 'links'] },
      ],
    },
  ),
  starter(
    'Bangle',
    'round bar, closed',
    { inside: '66 mm', wire: '3.6 mm' },
    [part('bar', wire('wire'), { rule: 'bangle', inside: 'inside', opening: '0 mm' }, { trim: '0.5 mm' })],
    { joins: [solder('seam', 'Seam', ['bar'], 'hard', { amount: '3' })] },
  ),
  starter(
    'Cuff',
    'open strip with a hammered face',
    { long: '152 mm', width: '14 mm', thick: '1.6 mm' },
    [
      part(
        'cuff',
        strip('width', 'thick'),
        { rule: 'straight', length: 'long' },
        { trim: '1 mm', endsTouchSkin: true, temper: 'soft' },
      ),
    ],
    {
      work: [
        { id: 'hammer', name: 'Hammer texture', kind: 'texture', on: 'cuff', each: '8' },
        { id: 'bend', name: 'Bend round the mandrel', kind: 'form', on: 'cuff', each: '5' },
      ],
    },
  ),
  starter(
    'Disc pendant',
    'stamped disc on a jump ring',
    { across: '21 mm', thick: '1 mm' },
    [
      part('disc', sheet('thick'), { rule: 'disc', diameter: 'across' }, { hole: '2 mm', temper: 'soft' }),
      part('ring', wire('1 mm'), { rule: 'jump-ring', inside: '5 mm' }, { kerf: '0.25 mm' }),
    ],
    {
      joins: [{ id: 'hang', name: 'Ring through the hole', kind: 'link', parts: ['ring', 'disc'] }],
      work: [{ id: 'stamp', name: 'Stamp', kind: 'stamp', on: 'disc' }],
    },
  ),
  starter(
    'Hollow drop',
    'two domes, vented',
    { across: '12 mm', thick: '0.6 mm' },
    [
      part(
        'domes',
        sheet('thick'),
        { rule: 'dome', across: 'across', height: 'across / 2' },
        { count: '2', group: 'drop' },
      ),
      part('loop', wire('1 mm'), { rule: 'jump-ring', inside: '3.6 mm' }, { kerf: '0.25 mm' }),
    ],
    {
      groups: [{ id: 'drop', name: 'Drop', count: '1', closed: true, vents: '1' }],
      joins: [
        solder('close', 'Domes together', ['domes'], 'hard', { form: 'seam', amount: 'pi * across' }),
        solder('shut', 'Close the loop', ['loop'], 'easy', { amount: '1' }),
        solder('on', 'Loop on drop', ['loop', 'domes'], 'easy', { amount: '1', sameHeat: true }),
      ],
    },
  ),
  starter(
    'Hinged box',
    'lid and box of sheet, five knuckles',
    { long: '32 mm', wide: '24 mm', high: '9 mm' },
    [
      part(
        'plates',
        sheet('0.8 mm'),
        { rule: 'rectangle', width: 'wide', length: 'long' },
        { count: '2', trim: '0.5 mm', scrap: 'soldered' },
      ),
      part('walls', strip('high', '0.8 mm'), { rule: 'straight', length: '2 * long + 2 * wide' }, { trim: '0.5 mm' }),
      part(
        'knuckles',
        { form: 'tube', outside: '2.6 mm', wall: '0.5 mm' },
        { rule: 'knuckles', width: 'long', knuckles: '5' },
        { kerf: '0.25 mm' },
      ),
      part('pin', wire('1.6 mm'), { rule: 'hinge-pin', width: 'long' }),
    ],
    {
      batchSize: '2',
      joins: [
        solder('corner', 'Wall corner', ['walls'], 'hard', { form: 'seam', amount: 'high' }),
        solder('close-up', 'Plates on walls', ['plates', 'walls'], 'medium', {
          form: 'seam',
          amount: '2 * long + 2 * wide',
          count: '2',
        }),
        solder('hinge', 'Knuckles on', ['knuckles', 'walls'], 'easy', { count: '5', amount: '1' }),
        { id: 'pin', name: 'Hinge pin', kind: 'rivet', parts: ['pin', 'knuckles'] },
      ],
      work: [
        { id: 'fold', name: 'Bend the walls', kind: 'form', on: 'walls', each: '8' },
        { id: 'lid', name: 'Saw the lid off', kind: 'saw-pattern', on: 'close-up', each: '8', count: '1' },
      ],
    },
  ),
  starter(
    'Riveted layers',
    'two discs and one rivet',
    { outer: '26 mm', inner: '18 mm' },
    [
      part('back', sheet('0.9 mm'), { rule: 'disc', diameter: 'outer' }, { hole: '1.6 mm' }),
      part('front', sheet('0.8 mm'), { rule: 'disc', diameter: 'inner' }, { hole: '1.6 mm', alloy: 'copper-c110' }),
      part('rivet', wire('1.6 mm'), { rule: 'straight', length: '3.6 mm' }),
    ],
    {
      joins: [{ id: 'rivet', name: 'Layers', kind: 'rivet', parts: ['rivet', 'back', 'front'] }],
      work: [{ id: 'pierce', name: 'Pierce the front', kind: 'saw-pattern', on: 'front', count: '3' }],
    },
  ),
  starter(
    'Granulated stud',
    'a pair of discs with granules',
    { across: '9 mm', granules: '7' },
    [
      part('disc', sheet('0.8 mm'), { rule: 'disc', diameter: 'across' }, { count: '2', alloy: 'silver-999' }),
      part(
        'grains',
        wire('0.7 mm'),
        { rule: 'granule', diameter: '1.3 mm' },
        { count: '2 * granules', alloy: 'silver-999' },
      ),
      part('post', wire('0.9 mm'), { rule: 'straight', length: '11 mm' }, { count: '2', endsTouchSkin: true }),
    ],
    {
      soldBy: 'pair',
      findings: [finding('backs', 'Ear nuts', '0.30', '0.2', { count: '2' })],
      joins: [
        { id: 'bond', name: 'Grains on discs', kind: 'fuse', parts: ['grains', 'disc'], count: '2' },
        solder('on', 'Posts on discs', ['post', 'disc'], 'medium', { count: '2', amount: '1' }),
      ],
    },
  ),
  starter(
    'Pressed charm',
    'thick sheet pressed in a die, with a ring',
    { width: '12 mm', long: '15 mm', deep: '1.8 mm' },
    [
      part('charm', sheet('2 mm'), { rule: 'pressed', width: 'width', length: 'long', depth: 'deep', excess: '3 mm' }),
      part('ring', wire('1 mm'), { rule: 'jump-ring', inside: '4 mm' }, { kerf: '0.25 mm' }),
    ],
    {
      joins: [
        solder('shut', 'Close the ring', ['ring'], 'medium', { amount: '1' }),
        solder('on', 'Ring on charm', ['ring', 'charm'], 'medium', { amount: '1', sameHeat: true }),
      ],
    },
  ),
  starter(
    'Two-metal brooch',
    'copper sweated on silver, bought pin',
    { across: '34 mm', overlay: '20 mm' },
    [
      part('plate', sheet('0.9 mm'), { rule: 'disc', diameter: 'across' }),
      part('overlay', sheet('0.6 mm'), { rule: 'disc', diameter: 'overlay' }, { alloy: 'copper-c110' }),
    ],
    {
      findings: [finding('pin', 'Pin, joint and catch', '1.60', '1.4')],
      joins: [
        solder('sweat', 'Overlay on plate', ['overlay', 'plate'], 'medium', {
          form: 'sweat',
          amount: 'pi / 4 * overlay * overlay',
        }),
        solder('catch', 'Pin and catch on', ['pin', 'plate'], 'easy', { count: '2', amount: '1' }),
      ],
      work: [
        { id: 'patina', name: 'Patina', kind: 'patina', on: '' },
        { id: 'wax', name: 'Wax', kind: 'wax', on: '' },
      ],
    },
  ),
  starter(
    'Tie bar',
    'textured strip, folded into a spring',
    { long: '54 mm', width: '6 mm', thick: '1.1 mm' },
    [
      part(
        'bar',
        strip('width', 'thick'),
        { rule: 'straight', length: '2 * long + 3 mm' },
        { trim: '0.5 mm', temper: 'soft' },
      ),
    ],
    {
      work: [
        { id: 'texture', name: 'Hammer texture', kind: 'texture', on: 'bar', each: '3' },
        { id: 'fold', name: 'Fold and spring', kind: 'form', on: 'bar', each: '3' },
      ],
    },
  ),
  starter(
    'Spoon',
    'domed bowl on a wire handle',
    { bowl: '28 mm', handle: '62 mm' },
    [
      part('bowl', sheet('0.9 mm'), { rule: 'dome', across: 'bowl', height: 'bowl / 4' }),
      part('handle', wire('3 mm'), { rule: 'worked', length: 'handle', width: '4.4 mm', thickness: '1.5 mm' }),
    ],
    { batchSize: '4', joins: [solder('on', 'Handle on bowl', ['handle', 'bowl'], 'hard', { amount: '4' })] },
  ),
  starter(
    'Repair of a brooch pin',
    'new pin wire on a customer’s brooch',
    { long: '38 mm' },
    [
      part(
        'pin',
        wire('0.9 mm'),
        { rule: 'straight', length: 'long' },
        { alloy: 'nickel-silver-c752', endsTouchSkin: true },
      ),
    ],
    {
      batchSize: '1',
      findings: [finding('brooch', 'Brooch', '', '', { kind: 'customer' })],
      joins: [{ id: 'rivet', name: 'Pin in its joint', kind: 'rivet', parts: ['pin', 'brooch'] }],
      work: [{ id: 'bend', name: 'Bend the coil', kind: 'form', on: 'pin', each: '3' }],
    },
  ),
];

/**
 * A piece made from a starter, with its route.
 * @param values  of its measures by name, as typed; left out: the usual ones
 * @param newId   makes an id for each step
 */
export function pieceFromStarter(
  { piece }: Starter,
  values: Readonly<Record<string, string>>,
  alloys: ReadonlyMap<string, Alloy>,
  newId: () => string,
  times?: StandardTimes,
): Piece {
  const rows = piece.sizes.rows.map((row) => ({ ...row, values: { ...row.values, ...values } }));
  const sized: Piece = { ...piece, sizes: { ...piece.sizes, rows }, route: 'recipe' };
  const [size] = rows;
  const route = proposeRoute(computeRecipe(size ? pieceInSize(sized, size) : sized, alloys), times);
  return { ...sized, steps: route.map((step) => ({ ...step, id: newId() })) };
}
