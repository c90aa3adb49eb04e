// The usual cautions, by kind of work and by what it is done to. They are short and defer to the maker's instructions and
// local rules (common practice).

import { local } from '../format/variants.ts';

/** Shown once after the cautions of a page, on the screen and on paper. */
export const cautionRule =
  'Follow the instructions of the maker of the tool or material, and local rules. Ask a licensed professional where one is needed.';

/** Cautions by id, in the order they are shown. */
const cautionTexts = {
  torch:
    'Clear glasses, hair tied, apron on; water and an extinguisher near; air drawn off; fuel shut when done. Vent any closed form.',
  platinum:
    'Platinum: dark glasses; titanium or tungsten tools; no common pickle, no water quench; files and papers of its own.',
  'red-hot':
    'While red: sterling, germanium silver and many gold alloys break when touched, moved or quenched. Let the colour go first.',
  'heat-balance':
    'Heat the heavier part first and hold thin parts away. Tweezers and third hands draw heat: warm them.',
  alcohol: 'Boric acid in alcohol burns: lid on, away from the flame, before any torch is lit.',
  flux: 'No solder with cadmium in it; flux fumes drawn off; children do not do this work.',
  hollow: 'Hollow and hinged pieces spurt steam and acid when quenched: wait until grey, stand clear, face covered.',
  acid: 'Acid into water, never the other way; copper or plastic tongs, no steel; quench in water, not in the pickle; bicarbonate near.',
  steam: 'Quench in water, not in the pickle. Steam burns: use tongs, face away.',
  hammer: 'Eyes and ears covered; faces of hammer and stake sound.',
  drill: 'Wood underneath, the piece held with care, hair tied; drill and piece get hot.',
  saw: 'Eyes covered: blades break. Fingers out of the line of the cut.',
  sheet: 'Edges of cut sheet and thin strip cut: handle them by the face; do not pull strip through the fingers.',
  motor: 'Glasses on, hair and sleeves tied, dust drawn off; never a glove or a loose chain at the wheel.',
  dust: 'Mask on and dust drawn off; wet sanding where it can be done.',
  winding: 'Winding with a drill: slowly, the wire held in gloved pliers, no loose ends near sleeves.',
  press: 'Hands clear of the die, guard in place, the plate square, glasses on.',
  mill: 'Fingers and sleeves away from the rolls.',
  patina: 'Sulphur compounds never near acid; gloves on, air drawn off.',
  plating: 'Plating solutions are poisonous: gloves, air drawn off, never near acid. Many makers send this out.',
  current: 'Low-voltage current and a wet bench: dry hands, gloves on, the supply off before the piece is touched.',
  glue: 'Gloves on, air drawn off; epoxy resin can cause allergy.',
} as const;
/** Id of a caution. */
export type CautionId = keyof typeof cautionTexts;

/** A caution. */
export interface Caution {
  readonly id: CautionId;
  readonly text: string;
}

/** Cautions of ids, each once, in a fixed order, in the English of the studio's country. */
export function cautionsOf(ids: Iterable<CautionId>): Caution[] {
  const wanted = new Set(ids);
  return (Object.keys(cautionTexts) as CautionId[]).flatMap((id) =>
    wanted.has(id) ? { id, text: local(cautionTexts[id]) } : [],
  );
}
