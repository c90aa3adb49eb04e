// Words of the trade and what each says in a question. A word means the same wherever it stands.
import { distance } from 'fastest-levenshtein';
import type { GaugeSystem } from '../measure/gauge.ts';
import type { RingSizeSystem } from '../measure/ring-size.ts';
import type { Alloy } from '../metal/alloys.ts';
import type { SectionForm } from '../stock/section.ts';
import { fillerWords } from './filler-words.ts';

/** What a question can be about. */
export type Topic =
  | 'ring' | 'jump-ring' | 'bezel' | 'bangle' | 'cuff' | 'disc' | 'washer' | 'dome' | 'ball' | 'granule' | 'hinge' | 'twist'
  | 'chain' | 'value' | 'identify' | 'work' | 'density' | 'melting' | 'gauge' | 'aspect' | 'alloying' | 'wrap' | 'fineness'
  | 'solid' | 'same-volume' | 'solder'; // prettier-ignore

/** What a measure is the size of. */
export type Role =
  | 'inside' | 'outside' | 'around' | 'wall' | 'wide' | 'high' | 'thick' | 'long' | 'wire' | 'opening' | 'clearance' | 'kerf'
  | 'about' | 'pin' | 'trim' | 'pitch'; // prettier-ignore

/** Things that are counted. */
export type CountedThing = 'pieces' | 'rings' | 'strands' | 'knuckles' | 'links';

/** Colours of gold that a question can name. */
export type GoldColour = 'yellow' | 'white' | 'rose';

/** Outlines of a stone or of sheet. */
type Shape = 'oval' | 'round' | 'square' | 'rectangle' | 'cushion' | 'teardrop';

type Temper = 'dead soft' | 'half hard' | 'spring hard';

/** What a word or phrase says in a question. */
export type Concept =
  /** Ids of the alloys it may mean: the first is used, the others are offered. */
  | { readonly kind: 'alloys'; readonly ids: readonly string[] }
  | { readonly kind: 'gold'; readonly colour: GoldColour | null; readonly whitener?: 'palladium' | 'nickel' }
  | { readonly kind: 'form'; readonly form: SectionForm }
  | { readonly kind: 'shape'; readonly shape: Shape }
  | { readonly kind: 'temper'; readonly temper: Temper }
  | { readonly kind: 'topic'; readonly topic: Topic }
  | { readonly kind: 'role'; readonly role: Role }
  | { readonly kind: 'counted'; readonly counted: CountedThing }
  /** `2 dozen`: a multiple of the number before it. */
  | { readonly kind: 'multiple'; readonly of: number }
  | { readonly kind: 'scale'; readonly scale: RingSizeSystem }
  | { readonly kind: 'system'; readonly system: GaugeSystem }
  /** `in`, `to`: the goal follows. */
  | { readonly kind: 'to' }
  /** `plus`, `less`: a percentage is put on or taken off. */
  | { readonly kind: 'change' }
  | { readonly kind: 'no-ease' }
  | { readonly kind: 'range' }
  | { readonly kind: 'filler' };

const alloyWords: Readonly<Record<string, readonly string[]>> = {
  s304: ['stainless-304'], s316: ['stainless-316'], a1100: ['aluminium-1100'], a5052: ['aluminium-5052'],
  ge935: ['silver-935-ge'], ge960: ['silver-960-ge'],
  'sterling silver': ['silver-925'], sterling: ['silver-925'], 'fine silver': ['silver-999'], 'pure silver': ['silver-999'],
  ss: ['silver-925', 'stainless-304'], stg: ['silver-925'], 'stg silver': ['silver-925'],
  silver: ['silver-925', 'silver-999', 'silver-958'], britannia: ['silver-958'], 'britannia silver': ['silver-958'],
  'germanium silver': ['silver-935-ge', 'silver-960-ge'], 'tarnish resistant silver': ['silver-935-ge', 'silver-960-ge'],
  'fine gold': ['gold-24k'], 'pure gold': ['gold-24k'],
  platinum: ['platinum-950-ru', 'platinum-950-ir', 'platinum-950-co'], 'platinum iridium': ['platinum-950-ir'],
  'platinum ruthenium': ['platinum-950-ru'], 'platinum cobalt': ['platinum-950-co'], palladium: ['palladium-950-ru'],
  copper: ['copper-c110'], c110: ['copper-c110'], 'red brass': ['brass-c230'], c230: ['brass-c230'], brass: ['brass-c260', 'brass-c230', 'bronze-c220'],
  'yellow brass': ['brass-c260'], 'cartridge brass': ['brass-c260'], c260: ['brass-c260'], "jeweller's bronze": ['bronze-c220'],
  "jeweler's bronze": ['bronze-c220'], c220: ['bronze-c220'], 'jewelers bronze': ['bronze-c220'],
  'jewelers brass': ['bronze-c226'],
  'jewellers brass': ['bronze-c226'],
  "jeweler's brass": ['bronze-c226'],
  'jewellers bronze': ['bronze-c220'],
  'jewelry bronze': ['bronze-c226'], 'jewellery bronze': ['bronze-c226'], c226: ['bronze-c226'],
  bronze: ['phosphor-bronze-c510', 'bronze-c220', 'bronze-c226'], 'phosphor bronze': ['phosphor-bronze-c510'], c510: ['phosphor-bronze-c510'],
  'nickel silver': ['nickel-silver-c752'], 'german silver': ['nickel-silver-c752'], c752: ['nickel-silver-c752'],
  steel: ['steel-low-carbon', 'stainless-304'], 'mild steel': ['steel-low-carbon'], 'low carbon steel': ['steel-low-carbon'], 'stainless steel': ['stainless-304', 'stainless-316'],
  stainless: ['stainless-304', 'stainless-316'], titanium: ['titanium-gr2'], niobium: ['niobium'],
  aluminium: ['aluminium-1100', 'aluminium-5052'], aluminum: ['aluminium-1100', 'aluminium-5052'],
}; // prettier-ignore

const formWords: Readonly<Record<string, SectionForm>> = {
  round: 'round', 'round wire': 'round', rod: 'round', square: 'square', 'square wire': 'square', strip: 'strip', flat: 'strip', 'flat wire': 'strip',
  'rectangular wire': 'strip', 'rectangle wire': 'strip', 'bezel wire': 'strip', 'ribbon wire': 'strip', ribbon: 'strip', 'round bar': 'round', 'square bar': 'square', 'flat bar': 'strip', 'flat stock': 'strip', rectangular: 'strip', 'bezel strip': 'strip',
  'pattern strip': 'strip',
  'patterned strip': 'strip',
  'gallery strip': 'strip',
  'patterned wire': 'strip',
  'gallery wire': 'strip', 'half-round': 'half-round', 'half round': 'half-round',
  'half-round wire': 'half-round', 'half round wire': 'half-round', 'd-section': 'd', 'd section': 'd', 'd-shape': 'd', 'd shape': 'd', 'd wire': 'd',
  triangle: 'triangle', triangular: 'triangle', 'triangle wire': 'triangle', 'triangular wire': 'triangle', area: 'sheet', 'oval wire': 'oval', tube: 'tube', tubing: 'tube', pipe: 'tube', foil: 'sheet', 'round tube': 'tube',
  'square tube': 'square-tube', 'square tubing': 'square-tube', sheet: 'sheet', plate: 'sheet', sqin: 'sheet', sqcm: 'sheet', sqmm: 'sheet',
}; // prettier-ignore

const topicWords: Readonly<Record<string, Topic>> = {
  ring: 'ring', 'ring band': 'ring', 'ring size': 'ring', band: 'ring', size: 'ring', 'finger size': 'ring', 'jump ring': 'jump-ring', 'jump-ring': 'jump-ring',
  jumpring: 'jump-ring', chainmail: 'jump-ring', chainmaille: 'jump-ring', maille: 'jump-ring', jump: 'jump-ring', bezel: 'bezel', cabochon: 'bezel', cab: 'bezel', stone: 'bezel', bangle: 'bangle', bracelet: 'bangle', hoop: 'bangle', cuff: 'cuff', disc: 'disc', disk: 'disc',
  circle: 'disc', washer: 'washer', dome: 'dome', domed: 'dome', hemisphere: 'dome', 'half sphere': 'dome', 'half ball': 'dome', ratio: 'aspect', ball: 'ball', 'balled end': 'ball', 'ball end': 'ball', balled: 'ball',
  granule: 'granule', 'snippet length': 'granule', snippet: 'granule', pallion: 'granule', paillon: 'granule', sphere: 'ball', hinge: 'hinge', twist: 'twist', twisted: 'twist', twisting: 'twist', chain: 'chain', 'link on': 'chain', value: 'value', worth: 'value', cost: 'value', price: 'value', pay: 'value',
  'what is this': 'identify', 'what wire': 'identify', 'what stock': 'identify', 'what metal': 'identify', 'which metal': 'identify', 'what alloy': 'identify', 'which alloy': 'identify', 'in water': 'identify', water: 'identify', 'under water': 'identify', 'in air': 'identify', 'what is': 'identify', 'which wire': 'identify', identify: 'identify', 'which stock': 'identify', forge: 'work', forged: 'work', roll: 'work', rolled: 'work',
  draw: 'work', drawn: 'work', drew: 'work', drawing: 'work', hammer: 'work', hammered: 'work', hammering: 'work', flatten: 'work', flattened: 'work', reduction: 'work', anneal: 'work', 'work down': 'work', forging: 'work', rolling: 'work', reduce: 'work', reduced: 'work', reducing: 'work', upset: 'work', swage: 'work', swaged: 'work', mill: 'work', milled: 'work', planish: 'work', planished: 'work', stretch: 'work', stretched: 'work', pull: 'work', pulled: 'work', annealing: 'work', density: 'density', dense: 'density', sg: 'density', 'specific gravity': 'density', melting: 'melting', 'melting point': 'melting', melt: 'melting', solidus: 'melting',
  liquidus: 'melting', 'melting range': 'melting', gauge: 'gauge', gage: 'gauge', ga: 'gauge', 'what gauge': 'gauge', 'aspect ratio': 'aspect', aspect: 'aspect', ar: 'aspect',
  alloy: 'alloying', 'alloy up': 'alloying', 'alloy down': 'alloying', raise: 'alloying', upgrade: 'alloying', upgraded: 'alloying', upgrading: 'alloying', 'bring up': 'alloying', lower: 'alloying', refine: 'alloying', wrap: 'wrap', wrapped: 'wrap', fineness: 'fineness', karat: 'fineness', 'parts per thousand': 'fineness',
  solder: 'solder', 'flow point': 'melting', flow: 'melting', cube: 'solid', ingot: 'solid', block: 'solid', slab: 'solid', cylinder: 'solid', cone: 'solid', 'hollow ball': 'ball', 'hollow sphere': 'ball', 'hollow bead': 'ball', 'weight in': 'same-volume', 'same piece in': 'same-volume', 'same ring in': 'same-volume', 'same in': 'same-volume', 'if cast in': 'same-volume', 'cast in': 'same-volume', wax: 'same-volume', 'would weigh in': 'same-volume', 'weigh in': 'same-volume',
}; // prettier-ignore

const roleWords: Readonly<Record<string, Role>> = {
  inside: 'inside', 'inside diameter': 'inside', id: 'inside', inner: 'inside', 'inner diameter': 'inside', mandrel: 'inside', core: 'inside', bore: 'inside', hole: 'inside', internal: 'inside',
  outside: 'outside', 'outside diameter': 'outside', od: 'outside', outer: 'outside', 'outer diameter': 'outside', across: 'outside', diameter: 'outside', dia: 'outside', diam: 'outside',
  around: 'around', 'around inside': 'around', 'around the inside': 'around', 'round the inside': 'around', 'inside around': 'around', circumference: 'around', 'inside circumference': 'around', perimeter: 'around', girth: 'around', wrist: 'around', 'around wrist': 'around', 'around the wrist': 'around', 'round the wrist': 'around', wall: 'wall',
  wide: 'wide', base: 'wide', width: 'wide', high: 'high', height: 'high', tall: 'high', deep: 'high', thick: 'thick', thickness: 'thick', long: 'long', length: 'long', lengths: 'long',
  wire: 'wire', opening: 'opening', open: 'opening', gap: 'opening', clearance: 'clearance', kerf: 'kerf', sawn: 'kerf', about: 'about', roughly: 'about', approx: 'about',
  pin: 'pin', trim: 'trim', pitch: 'pitch',
}; // prettier-ignore

const countedWords: Readonly<Record<string, CountedThing>> = {
  piece: 'pieces', 'ear wire': 'pieces', 'head pin': 'pieces', pcs: 'pieces', pc: 'pieces', off: 'pieces', times: 'pieces', strand: 'strands', ply: 'strands', knuckle: 'knuckles', link: 'links', rings: 'rings',
}; // prettier-ignore

const scaleWords: Readonly<Record<string, RingSizeSystem>> = {
  us: 'us', usa: 'us', american: 'us', uk: 'uk', british: 'uk', au: 'uk', australian: 'uk', iso: 'iso', eu: 'iso', european: 'iso', jp: 'jp', japan: 'jp', japanese: 'jp',
}; // prettier-ignore

const fillerPhrases: readonly string[] = [
  'wire for', 'wire to melt for', 'wire to melt into', 'wire to ball up for', 'pins', 'earring', 'in each', 'wire needed for', 'wire do i need for', 'length for', 'length of',
]; // prettier-ignore

const temperWords: Readonly<Record<string, Temper>> = {
  'dead soft': 'dead soft', soft: 'dead soft', annealed: 'dead soft', 'half hard': 'half hard', 'half-hard': 'half hard', 'spring hard': 'spring hard', 'full hard': 'spring hard', hard: 'spring hard',
}; // prettier-ignore

const shapeWords: Readonly<Record<string, Shape>> = {
  oval: 'oval', ellipse: 'oval', rectangle: 'rectangle', cushion: 'cushion', teardrop: 'teardrop', pear: 'teardrop',
}; // prettier-ignore

const goldWords: Readonly<Record<string, GoldColour | null>> = {
  gold: null, yellow: 'yellow', white: 'white', rose: 'rose', red: 'rose', pink: 'rose', 'yellow gold': 'yellow', 'white gold': 'white', 'white gold palladium': 'white', 'white gold nickel': 'white', 'rose gold': 'rose', 'red gold': 'rose',
}; // prettier-ignore

const whitenerWords: Readonly<Record<string, 'palladium' | 'nickel'>> = {
  'white gold palladium': 'palladium', 'palladium white gold': 'palladium', 'white gold nickel': 'nickel', 'nickel white gold': 'nickel',
}; // prettier-ignore

/** Words that mean one thing without any value. */
const plainWords: Readonly<Record<string, 'change' | 'no-ease' | 'to' | 'range'>> = {
  plus: 'change', minus: 'change', extra: 'change', less: 'change', 'no ease': 'no-ease', 'no allowance': 'no-ease', in: 'to', into: 'to', as: 'to', to: 'to', through: 'range', till: 'range', until: 'range', thru: 'range',
}; // prettier-ignore

const build = (own: ReadonlyMap<string, Alloy>): ReadonlyMap<string, Concept> => {
  const words = new Map<string, Concept>();
  const put = <Value>(table: Readonly<Record<string, Value>>, make: (value: Value) => Concept) => {
    for (const [phrase, value] of Object.entries(table)) words.set(phrase, make(value));
  };
  for (const filler of [...fillerWords, ...fillerPhrases]) words.set(filler, { kind: 'filler' });
  put(roleWords, (role) => ({ kind: 'role', role }));
  put(countedWords, (counted) => ({ kind: 'counted', counted }));
  put({ dozen: 12, gross: 144, pair: 2 }, (of) => ({ kind: 'multiple', of }));
  put(scaleWords, (scale) => ({ kind: 'scale', scale }));
  put(formWords, (form) => ({ kind: 'form', form }));
  put(topicWords, (topic) => ({ kind: 'topic', topic }));
  put(alloyWords, (ids) => ({ kind: 'alloys', ids }));
  put(temperWords, (temper) => ({ kind: 'temper', temper }));
  put(shapeWords, (shape) => ({ kind: 'shape', shape }));
  put(goldWords, (colour) => ({ kind: 'gold', colour }));
  put(whitenerWords, (whitener) => ({ kind: 'gold', colour: 'white', whitener }));
  put(plainWords, (kind) => ({ kind }));
  put({ awg: 'awg', 'b&s': 'awg', swg: 'swg' } as const, (system) => ({ kind: 'system', system }));
  for (const alloy of own.values()) words.set(alloy.name.toLowerCase(), { kind: 'alloys', ids: [alloy.id] });
  return words;
};

const built = new WeakMap<ReadonlyMap<string, Alloy>, ReadonlyMap<string, Concept>>();

/** The words of a studio: the trade's and the names of the studio's own alloys. */
export function vocabularyOf(alloys: ReadonlyMap<string, Alloy>): ReadonlyMap<string, Concept> {
  const known = built.get(alloys) ?? build(alloys);
  built.set(alloys, known);
  return known;
}

const LONGEST_PHRASE = 4;

/**
 * The longest phrase at the start of a list of words.
 * @returns what it means and how many words it takes, or null for an unknown word
 */
export function phraseAt(
  words: readonly string[],
  vocabulary: ReadonlyMap<string, Concept>,
): { readonly concept: Concept; readonly length: number } | null {
  for (let length = Math.min(LONGEST_PHRASE, words.length); length > 0; length -= 1) {
    const phrase = words.slice(0, length).join(' ');
    for (const spelling of [phrase, phrase.replace(/s$/, ''), phrase.replace(/es$/, '')]) {
      const concept = vocabulary.get(spelling);
      if (concept) return { concept, length };
    }
  }
  return null;
}

const LEAST_LETTERS = 3;

/** The known word nearest to an unknown one, or null when none is near. */
export function nearestWord(word: string, vocabulary: ReadonlyMap<string, Concept>): string | null {
  if (word.length < LEAST_LETTERS) return null;
  const most = word.length < 5 ? 1 : 2;
  let nearest: { phrase: string; away: number } | null = null;
  for (const [phrase, { kind }] of vocabulary) {
    if (kind === 'filler' || kind === 'change' || Math.abs(phrase.length - word.length) > most) continue;
    const away = distance(word.toLowerCase(), phrase);
    if (away <= most && away < (nearest?.away ?? Infinity)) nearest = { phrase, away };
  }
  return nearest && nearest.phrase;
}

/** Words that name only this alloy; null when only a karat and a colour name it. */
export function phraseFor(alloy: Alloy, vocabulary: ReadonlyMap<string, Concept>): string | null {
  for (const [phrase, concept] of vocabulary) {
    // A name with numbers or brackets is not read back as one phrase.
    const isReadable = /^[a-zà-ÿ'& -]+$/.test(phrase) || /^[a-z]+\d+$/.test(phrase);
    if (isReadable && concept.kind === 'alloys' && concept.ids.length === 1 && concept.ids[0] === alloy.id)
      return phrase;
  }
  return null;
}
