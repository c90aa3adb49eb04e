// Every kind of work, in the order in which a name is recognised: “flush and neutralise” is flushing. A test keeps the
// list complete.
import { annealWork } from './kinds/anneal.ts';
import { anodiseWork } from './kinds/anodise.ts';
import { assembleWork } from './kinds/assemble.ts';
import { ballWork } from './kinds/ball.ts';
import { blackenWork } from './kinds/blacken.ts';
import { blastWork } from './kinds/blast.ts';
import { brushWork } from './kinds/brush.ts';
import { cleanWork } from './kinds/clean.ts';
import { cutWork } from './kinds/cut.ts';
import { domeWork } from './kinds/dome.ts';
import { drillWork } from './kinds/drill.ts';
import { engraveWork } from './kinds/engrave.ts';
import { etchWork } from './kinds/etch.ts';
import { fileWork } from './kinds/file.ts';
import { fluxWork } from './kinds/flux.ts';
import { forgeWork } from './kinds/forge.ts';
import { formWork } from './kinds/form.ts';
import { fuseWork } from './kinds/fuse.ts';
import { glueWork } from './kinds/glue.ts';
import { granulateWork } from './kinds/granulate.ts';
import { inspectWork } from './kinds/inspect.ts';
import { linkWork } from './kinds/link.ts';
import { meltWork } from './kinds/melt.ts';
import { neutraliseWork } from './kinds/neutralise.ts';
import { otherWork } from './kinds/other.ts';
import { packWork } from './kinds/pack.ts';
import { pairWork } from './kinds/pair.ts';
import { patinaWork } from './kinds/patina.ts';
import { pickleWork } from './kinds/pickle.ts';
import { plateWork } from './kinds/plate.ts';
import { polishWork } from './kinds/polish.ts';
import { pressWork } from './kinds/press.ts';
import { quenchWork } from './kinds/quench.ts';
import { rivetWork } from './kinds/rivet.ts';
import { rollWork } from './kinds/roll.ts';
import { roundEndsWork } from './kinds/round-ends.ts';
import { sandWork } from './kinds/sand.ts';
import { sawWork } from './kinds/saw.ts';
import { sawPatternWork } from './kinds/saw-pattern.ts';
import { sendOutWork } from './kinds/send-out.ts';
import { setWork } from './kinds/set.ts';
import { solderWork } from './kinds/solder.ts';
import { stampWork } from './kinds/stamp.ts';
import { straightenWork } from './kinds/straighten.ts';
import { stringWork } from './kinds/string.ts';
import { textureWork } from './kinds/texture.ts';
import { trimWork } from './kinds/trim.ts';
import { trueWork } from './kinds/true.ts';
import { tumbleWork } from './kinds/tumble.ts';
import { twistWork } from './kinds/twist.ts';
import { waxWork } from './kinds/wax.ts';
import { windWork } from './kinds/wind.ts';
import { wrapWork } from './kinds/wrap.ts';
import type { WorkKind } from './work-kind.ts';

/** Every kind of work. */
export const workKinds = [
  neutraliseWork,
  quenchWork,
  fluxWork,
  cleanWork,
  pickleWork,
  annealWork,
  granulateWork,
  meltWork,
  ballWork,
  fuseWork,
  solderWork,
  roundEndsWork,
  rivetWork,
  stringWork,
  etchWork,
  anodiseWork,
  setWork,
  blackenWork,
  patinaWork,
  plateWork,
  waxWork,
  tumbleWork,
  blastWork,
  polishWork,
  brushWork,
  sandWork,
  trimWork,
  fileWork,
  sawPatternWork,
  drillWork,
  engraveWork,
  rollWork,
  stampWork,
  textureWork,
  straightenWork,
  trueWork,
  forgeWork,
  pressWork,
  domeWork,
  windWork,
  twistWork,
  linkWork,
  wrapWork,
  glueWork,
  pairWork,
  sendOutWork,
  inspectWork,
  packWork,
  assembleWork,
  formWork,
  sawWork,
  cutWork,
  otherWork,
] as const;
/** Name of a kind of work, as it is stored. */
export type WorkKindName = (typeof workKinds)[number]['kind'];

const byName: ReadonlyMap<string, WorkKind> = new Map(workKinds.map((work) => [work.kind, work]));

/** A kind of work by its stored name. @throws RangeError when there is none */
export function workKindOf(kind: WorkKindName): WorkKind {
  const found = byName.get(kind);
  if (!found) throw new RangeError(`There is no kind of work “${kind}”.`);
  return found;
}

// Steps are named for every key that is typed, and their names seldom change.
const known = new Map<string, WorkKindName>();
const MOST_KNOWN = 2000;

/** What is looked at is inspected, whatever it is: `Test for solder`, `Check the seams`. */
const LOOKING = /^\s*(?:test|check|inspect|examine|look)\b/i;

/** The kind of work that a name says; `other` when it says none. */
export function workNamed(name: string): WorkKindName {
  const found = known.get(name);
  if (found) return found;
  const kind = LOOKING.test(name) ? 'inspect' : (workKinds.find(({ pattern }) => pattern?.test(name))?.kind ?? 'other');
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(name, kind);
  return kind;
}
