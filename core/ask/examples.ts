// One question of each kind that has an answer.
import type { Topic } from './vocabulary.ts';

/** By topic: a question that has an answer. */
export const examples = {
  stock: '18 ga sterling round 120 mm x 24', ring: 'ring 7 us, 1.5 mm', 'jump-ring': 'jump rings 5 mm inside 1 mm wire x 100', bezel: 'bezel oval 12 x 10 mm 0.3 mm strip',
  bangle: 'bangle 65 mm inside 3 mm', cuff: 'cuff 160 mm around 2 mm thick 25 mm opening', disc: 'disc 20 mm 20 ga copper', washer: 'washer 20 mm outside 8 mm inside 1 mm thick copper',
  dome: 'dome 20 mm across 6 mm high', ball: 'ball 2 mm on 0.8 mm wire', granule: 'granule 1 mm from 0.5 mm wire', hinge: 'hinge 15 mm wide 5 knuckles 1.2 mm pin',
  twist: 'twist 2 strands 0.8 mm 3 turns per cm 200 mm long', chain: 'chain 45 cm links 5 mm inside 1 mm wire', value: 'value of 20 g sterling', identify: 'what is 0.62 g per 100 mm',
  work: 'forge 4 mm round to 6 x 1.5 mm 50 mm long', density: 'density 14k yellow', melting: 'melting point sterling', gauge: 'what gauge is 1.3 mm', aspect: 'aspect ratio 4 mm inside 18 ga',
  solder: 'flow point of hard silver solder', alloying: '100 g fine silver to sterling', fineness: '14k in fineness', wrap: 'wrap 12 turns 0.4 mm wire 1.2 mm outside', solid: 'block 50 x 20 x 5 mm sterling', 'same-volume': '6 g sterling piece, weight in 18k yellow gold', convert: '54 g in ozt',
} as const satisfies Record<Topic | 'stock' | 'convert', string>; // prettier-ignore

/** One example question of each kind, shown while the ask line is empty. */
export const askExamples: readonly string[] = Object.values(examples);
