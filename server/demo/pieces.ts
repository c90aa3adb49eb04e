// The sample workshop's designs. All of it is made up: makers, town, designs, sizes and times.
import type { Blank, Finding, Part, PartSection, Piece, Step } from '../../core/piece/piece.ts';

type PartLine = [name: string, alloy: string, section: PartSection, blank: Blank, count?: string, trim?: string];
type FindingLine = [name: string, count: string, price: string, grams: string];
type StepLine = [name: string, station: string, setUp: string, each: string, byItself?: string, meanwhile?: boolean];

function piece(
  name: string,
  batchSize: string,
  note: string,
  parts: PartLine[],
  findings: FindingLine[],
  steps: StepLine[],
): Piece {
  return {
    name,
    note,
    batchSize,
    parts: parts.map(([part, alloy, section, blank, count = '1', trim = ''], index): Part => {
      return { id: `part-${String(index + 1)}`, name: part, alloy, section, blank, count, trim };
    }),
    findings: findings.map(([finding, count, price, grams], index): Finding => {
      return { id: `finding-${String(index + 1)}`, name: finding, count, price, grams };
    }),
    steps: steps.map(([step, station, setUp, each, byItself = '', meanwhile = false], index): Step => {
      return { id: `step-${String(index + 1)}`, name: step, station, setUp, each, byItself, meanwhile };
    }),
  };
}

const round = (diameter: string): PartSection => ({ form: 'round', diameter });
const strip = (width: string, thickness: string): PartSection => ({ form: 'strip', width, thickness });
const tube = (outside: string, wall: string): PartSection => ({ form: 'tube', outside, wall });
const sheet = (thickness: string): PartSection => ({ form: 'sheet', thickness });
const straight = (length: string): Blank => ({ rule: 'straight', length });
const disc = (diameter: string): Blank => ({ rule: 'disc', diameter });
const rectangle = (width: string, length: string): Blank => ({ rule: 'rectangle', width, length });
const jumpRing = (inside: string): Blank => ({ rule: 'jump-ring', inside });
const band = (system: 'uk' | 'mm', size: string): Blank => ({ rule: 'ring-band', system, size });

export const demoPieces = {
  barometer: piece(
    'Barometer brooch',
    '12',
    'Dial stamped FAIR, CHANGE, RAIN with the small letters. Pointer left free to turn.',
    [
      ['Dial', 'silver-925', sheet('0.9 mm'), disc('34 mm'), '1', '0.5 mm'],
      ['Rim', 'brass-c260', round('2 mm'), band('mm', '34.4 mm'), '1', '1 mm'],
      ['Pointer', 'copper-c110', sheet('0.7 mm'), rectangle('3 mm', '22 mm'), '1', '0.5 mm'],
      ['Hub', 'silver-925', tube('3.2 mm', '0.4 mm'), straight('3.5 mm'), '1', '0.4 mm'],
    ],
    [['Pin and catch, nickel silver', '1', '0.85', '2.6']],
    [
      ['Saw dials and pointers', 'peg', '5', '4'],
      ['Stamp and dome dials', 'block', '6', '3'],
      ['Close rims, solder', 'torch', '8', '2.5'],
      ['Pickle rims', 'pickle', '2', '', '15'],
      ['File and drill pointers', 'peg', '3', '2', '', true],
      ['Rim to dial, hub, catch', 'torch', '6', '6'],
      ['Pickle', 'pickle', '2', '', '20'],
      ['Sand to 600 and brush', 'motor', '4', '5'],
      ['Rivet pointers, inspect', 'peg', '4', '3.5'],
    ],
  ),
  fork: piece(
    'Tide hair fork',
    '8',
    'Planish the crown only; the prongs stay round.',
    [
      ['Prongs and crown', 'brass-c260', round('3.2 mm'), straight('268 mm'), '1', '4 mm'],
      ['Wave wrap', 'silver-925', round('20 ga'), straight('180 mm'), '1', '10 mm'],
    ],
    [],
    [
      ['Cut and anneal', 'torch', '6', '1.5'],
      ['Pickle', 'pickle', '2', '', '12'],
      ['Bend over the jig', 'bench', '5', '2', '', false],
      ['Planish the crowns', 'anvil', '3', '6'],
      ['Wrap the wave', 'bench', '4', '7'],
      ['Round the ends', 'peg', '2', '3'],
      ['Tumble', 'tumbler', '5', '', '2h30'],
      ['Inspect and card', 'bench', '3', '1.5'],
    ],
  ),
  cufflinks: piece(
    'Squall cufflinks, a pair',
    '10',
    'Keep left and right as sawn, the streaks mirror each other.',
    [
      ['Faces', 'silver-925', sheet('18 ga'), disc('17 mm'), '2', '0.5 mm'],
      ['Squall streaks', 'copper-c110', round('1 mm'), straight('24 mm'), '6', '0.5 mm'],
      ['Posts', 'silver-925', tube('3 mm', '0.5 mm'), straight('14 mm'), '2', '0.5 mm'],
    ],
    [['Swivel backs, silver', '2', '3.40', '1.9']],
    [
      ['Saw faces', 'peg', '5', '6'],
      ['Streaks on, solder', 'torch', '8', '9'],
      ['Pickle', 'pickle', '2', '', '20'],
      ['Cut and fit posts', 'peg', '4', '5', '', true],
      ['Posts and backs, solder', 'torch', '6', '7'],
      ['Pickle', 'pickle', '2', '', '20'],
      ['Sand, brush, pair up', 'motor', '5', '9'],
    ],
  ),
  tieBar: piece(
    'Mooring tie bar',
    '12',
    '',
    [
      ['Bar', 'silver-925', strip('6 mm', '1.2 mm'), straight('112 mm'), '1', '1 mm'],
      ['Bollard', 'brass-c260', round('4 mm'), straight('5 mm'), '1', '0.5 mm'],
    ],
    [],
    [
      ['Cut and file ends', 'peg', '4', '3'],
      ['Bollards on, solder', 'torch', '6', '3.5'],
      ['Pickle', 'pickle', '2', '', '15'],
      ['Bend the spring', 'bench', '3', '2.5'],
      ['Satin finish', 'motor', '3', '4'],
    ],
  ),
  shawlPin: piece(
    'Fairweather shawl pin',
    '20',
    'Stick is work-hardened by twisting; do not anneal it again.',
    [
      ['Ring', 'copper-c110', round('3 mm'), band('mm', '42 mm'), '1', '1 mm'],
      ['Stick', 'silver-925', round('12 ga'), straight('118 mm'), '1', '1 mm'],
      ['Gull rings', 'silver-925', round('18 ga'), jumpRing('3.5 mm'), '3', '0.3 mm'],
    ],
    [],
    [
      ['Wind and saw rings', 'bench', '6', '1.5'],
      ['Close and solder rings', 'torch', '6', '2'],
      ['Pickle', 'pickle', '2', '', '15'],
      ['Draw down and round sticks', 'peg', '4', '5', '', true],
      ['Hammer the rings', 'anvil', '3', '3'],
      ['Tumble', 'tumbler', '4', '', '2h'],
      ['Link up and inspect', 'bench', '3', '2'],
    ],
  ),
  caddySpoon: piece(
    'Flood-tide caddy spoon',
    '6',
    'Commission pattern: the handle carries the date of the tide.',
    [
      ['Bowl', 'silver-925', sheet('1.1 mm'), disc('52 mm'), '1', '1 mm'],
      ['Handle', 'silver-925', strip('7 mm', '2 mm'), straight('64 mm'), '1', '2 mm'],
    ],
    [],
    [
      ['Saw and anneal bowls', 'torch', '6', '5'],
      ['Raise bowls on the stake', 'stake', '5', '14'],
      ['Pickle', 'pickle', '2', '', '15'],
      ['Forge handles', 'anvil', '4', '9', '', true],
      ['Join, solder', 'torch', '6', '6'],
      ['Pickle', 'pickle', '2', '', '20'],
      ['Sand and polish', 'motor', '6', '16'],
      ['Stamp and inspect', 'bench', '4', '3'],
    ],
  ),
  lapelPin: piece(
    'Anvil-cloud lapel pin',
    '40',
    'Steel never goes in the pickle: brush it clean. Silver goes on last.',
    [
      ['Cloud', 'steel-low-carbon', sheet('20 ga'), rectangle('14 mm', '18 mm'), '1', '0.5 mm'],
      ['Lightning', 'silver-999', round('0.8 mm'), straight('22 mm'), '1', '1 mm'],
    ],
    [['Pin with clutch', '1', '0.38', '1.4']],
    [
      ['Saw clouds', 'peg', '6', '2.2'],
      ['File and brush the steel', 'motor', '3', '1.5'],
      ['Lightning on, solder', 'torch', '8', '1.8'],
      ['Pins on', 'torch', '4', '1.2'],
      ['Cool, then wax', 'bench', '3', '0.5', '45'],
      ['Card and count', 'bench', '3', '0.4'],
    ],
  ),
  signet: piece(
    'Sounding-line signet ring',
    '1',
    'One commission. Bezel face left blank for the engraver.',
    [
      ['Shank', 'gold-9k-yellow', strip('4 mm', '1.8 mm'), band('uk', 'T½'), '1', '1 mm'],
      ['Face', 'gold-9k-yellow', sheet('1.6 mm'), disc('12.5 mm'), '1', '0.5 mm'],
    ],
    [['Engraving, sent out', '1', '38.00', '']],
    [
      ['Make up the shank', 'torch', '10', '25'],
      ['Fit the face, solder', 'torch', '8', '35'],
      ['Pickle', 'pickle', '2', '', '20'],
      ['File to shape', 'peg', '5', '55'],
      ['Polish', 'motor', '6', '30'],
    ],
  ),
} as const satisfies Record<string, Piece>;
