// Part of the build: stores V8's code of the ask bundle, after a few questions, so that their functions are in it.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { alloysWith } from '../../core/metal/alloy.ts';
import { runBundle } from './load-ask.ts';

const questions = [
  '18 ga sterling round 120 mm',
  '20 x 30 mm 0.8 mm sheet copper',
  'ring size 7 us half round 4 x 2 mm sterling',
  'fine silver in 40 g sterling',
  '20 gauge vs 21 gauge',
  'what is this',
];

const [folder = ''] = process.argv.slice(2);
const { bundle, script } = runBundle(folder);
for (const question of questions) bundle.outputOf(bundle.outcomeOf(question, { alloys: alloysWith([]), fix: null }));
writeFileSync(join(folder, 'ask.code'), script.createCachedData());
