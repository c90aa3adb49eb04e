// The usual cautions, shown beside the steps they concern. They are short and defer to the maker's instructions and
// local rules.
import type { Step } from './step.ts';

/** A caution. */
export interface Caution {
  readonly id: string;
  readonly text: string;
}

/** Shown once after the cautions of a page, on the screen and on paper. */
export const cautionRule =
  'Follow the instructions of whoever made the tool or the stuff, and the local rules; ask a licensed professional where one is needed.';

// Common practice. A step is recognised by its words or its station; one word may call for several cautions.
const cautions: readonly (Caution & { readonly words: RegExp })[] = [
  {
    id: 'torch',
    words: /torch|solder|anneal|fuse|braz|melt|kiln/i,
    text: 'Clear glasses (dark for platinum), hair tied, apron on; water and an extinguisher near; air drawn off; fuel shut when done. Vent any closed form.',
  },
  {
    id: 'acid',
    words: /pickle|acid|etch/i,
    text: 'Acid into water, never the other way; copper or plastic tongs, no steel; let the colour go before quenching, not in the pickle; bicarbonate near.',
  },
  {
    id: 'hammer',
    words: /forge|hammer|planish|anvil|stake|raise|punch|stamp/i,
    text: 'Eyes and ears covered; faces of hammer and stake sound.',
  },
  {
    id: 'drill',
    words: /drill/i,
    text: 'Wood underneath, the piece held with care, hair tied; drill and piece get hot.',
  },
  {
    id: 'motor',
    words: /motor|polish|buff|grind|sand|tumble/i,
    text: 'Glasses on, hair and sleeves tied, dust drawn off; never with a glove or a loose chain at the wheel.',
  },
  {
    id: 'flux',
    words: /flux|solder|braz/i,
    text: 'Alcohol-based flux away from the flame, its lid on; no solder with cadmium in it; children do not do this work.',
  },
  {
    id: 'hollow',
    words: /hollow|vent|hinge|knuckle|tube|flush/i,
    text: 'Hollow pieces spurt steam and acid as they are quenched: vent them, stand clear, face covered.',
  },
  {
    id: 'winding',
    words: /wind|coil/i,
    text: 'Winding with a drill: slowly, the wire held in gloved pliers, no loose ends near sleeves.',
  },
  {
    id: 'press',
    words: /press|die/i,
    text: 'A press has a guard: hands clear of the die, the plate square, glasses on.',
  },
  { id: 'patina', words: /patina|sulph|sulf|liver/i, text: 'Never near acid; air drawn off.' },
  { id: 'sheet', words: /shear|guillotine/i, text: 'Thin sheet cuts: handle it by the face, gloves on.' },
];

/** The cautions of a step, in a fixed order; none for most steps. */
export function cautionsFor({ name, station }: Pick<Step, 'name' | 'station'>): Caution[] {
  const words = `${name} ${station}`;
  return cautions.filter((caution) => caution.words.test(words)).map(({ id, text }) => ({ id, text }));
}

/** The cautions of several steps, each once. */
export function cautionsOfAll(steps: readonly Pick<Step, 'name' | 'station'>[]): Caution[] {
  const all = new Map(steps.flatMap((step) => cautionsFor(step)).map((caution) => [caution.id, caution]));
  return [...all.values()];
}
