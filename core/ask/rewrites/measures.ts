// Gauges, areas, conversions and the sections of stock.
import { AREA_UNIT, LENGTH, METAL_NAME, NUMBER, product, type Rewrite } from './patterns.ts';

/** Bare sizes below this are inches where a gauge is asked for. */
const LEAST_MM = 0.26;

/** Two bare sides below this are inches. */
const MOST_IN = 13;

const areaUnit = (word: string) => `areaof${/^i/i.test(word) ? 'in' : /^f/i.test(word) ? 'ft' : word.toLowerCase()}`;

/** Tried in turn. */
export const measuresRewrites: readonly Rewrite[] = [
  // An area in another unit.
  [
    new RegExp(
      `^(${NUMBER}) ?(?:square |sq\\.? ?)(mm|cm|in|ft|inch|inches|foot|feet) (?:in|to|as) (?:square |sq\\.? ?)?(mm|cm|in|ft|inch|inches|foot|feet)(?:²|2)?$`,
      'i',
    ),
    (_, size = '', from = '', to = '') => `${size} ${areaUnit(from)} in ${areaUnit(to)}`,
  ],
  [
    new RegExp(`\\b(?:how (?:many|much)|what) (?:square|sq\\.?) (${AREA_UNIT})\\b(?: of)?`, 'gi'),
    (_, unit = '') => `sq${unit.toLowerCase().slice(0, 2)}`,
  ],
  // A square that is far wider than thick is a blank of sheet: 16 mm square 1.2 mm.
  [
    new RegExp(
      `^(?!.*\\b(?:wire|bar|rod|ring|band|size|long|us|uk|bezel|tube)\\b)(.*?\\b)(${NUMBER}) ?(mm|cm|in) squares?,? (?:x |of |in )?(${NUMBER}) ?(mm|in)\\b`,
      'i',
    ),
    (found, before = '', side = '', unit = '', thin = '', own = '') =>
      Number(side) > 4 * Number(thin) ? `${before}${side} ${unit} x ${side} ${unit} sheet ${thin} ${own}` : found,
  ],
  [/,? ?\bwhich (?:one )?is (?:the )?(?:thicker|thinner|heavier|lighter|longer|bigger|larger)\b\??/gi, ''],
  [/ ?= ?(?:is )?(?:how many|\?) (?=[a-z]+\??$)/gi, ' in '],
  [/\b(swg|awg|b&s) (\d{1,2})\b(?! ?(?:ga|gauge|mm|in)\b)/gi, '$2 $1'],
  [/^(?:what(?:'s| is) (?:the )?)?(?:nearest|closest) gauge (?:to|for) /gi, 'what gauge is '],
  [/\btak(?:e|ing) (?=.*\bdown to\b)/gi, 'reduce '],
  [/\bwhat (?:is |will be )?left (?:of|from|over from) /gi, ''],
  [/^is (?:an? )?(.+?) the same as (?:an? )?(.+?)\??$/gi, '$1 vs $2'],
  [
    /^is (?:an? )?(.+?) (?:thicker|thinner|wider|bigger|larger|heavier|lighter|longer|shorter) than (?:an? )?(.+?)\??$/gi,
    '$1 vs $2',
  ],
  [
    /\b(?:what(?:'s| is) the )?(weight |length |price |cost )?difference (?:in [a-z]+ )?between (?:an? )?(.+?) and (?:an? )?(.+)$/gi,
    '$2 vs $3 $1',
  ],
  // 3/32 in gauge.
  [
    /^(?:what(?:'s| is) )?(\d+\/[1-9]\d*) ?(?:in|inch|inches|")?(?: (?:in|as|to))? (?:ga|gauge)s?\??$/gi,
    'what gauge is $1 in',
  ],
  [
    /^(feet|ft|foot|inches|inch|in|mm|cm|met(?:re|er)s?|m) (?:per|in an?|to an?|to the) (ozt|oz|ounce|pound|lb|gram|g|dwt|kg|kilo)\b(?: of)? (.+)$/gi,
    'length of 1 $2 $3 in $1',
  ],
  [/\btub(?:e|ing) ([\d.]+)(?: ?mm)? ?[x×] ?([\d.]+) ?mm wall\b/gi, 'tube $1 mm od $2 mm wall'],
  [/\b(?:minus|less) (?:an? )?([\d.]+ ?(?:mm|cm|in)) (?:hole|bore|centre|center)\b/gi, 'with $1 hole'],
  [
    /(?<!difference )\bbetween ([\d./]+) and ([\d./]+ ?(?:mm|cm|m|in|inch|inches|ft|feet|g|grams?|ga|gauge)\b)/gi,
    '$1 to $2',
  ],
  [/^(\d+ ?(?:ga|gauge)),? (?:and|&) (\d+ ?(?:ga|gauge))\??$/gi, '$1 vs $2'],
  // Grams to dwt 10.
  [
    new RegExp(
      `^(mm|cm|in|inch|inches|g|grams?|ozt|oz|ounces?|dwt|pennyweights?|kg) (?:to|in|into) ([a-z]+) (${NUMBER})$`,
      'i',
    ),
    '$3 $1 to $2',
  ],
  // 3 x 4 in grams.
  [
    new RegExp(`\\b(${NUMBER}) ?[x×] ?(${NUMBER}) in (?=(?:grams?|g|oz|ozt|ounces?|dwt|pennyweights?)\\b)`, 'gi'),
    (found, one = '', other = '') =>
      Number(one) < MOST_IN && Number(other) < MOST_IN ? `${one} x ${other} in, in ` : found,
  ],
  // 3 x 4 in sterling sheet.
  [
    new RegExp(`^(?=.*\\bsheet\\b)(?!.*\\bring\\b)(.*?\\b)(${NUMBER}) ?[x×] ?(${NUMBER}) in (?=[a-z\\d])`, 'i'),
    (found, before = '', one = '', other = '') =>
      Number(one) < MOST_IN && Number(other) < MOST_IN ? `${before}${one} x ${other} inches ` : found,
  ],
  [/^(?:what is )?(?:the )?(?:length )?around (?=an? )/gi, 'circumference of '],
  [
    new RegExp(`\\barea,? (?:in )?(?:square|sq\\.?) (${AREA_UNIT})\\b`, 'gi'),
    (_, unit = '') => `area in sq${unit.toLowerCase().slice(0, 2)}`,
  ],
  [/\bthousandths?(?: of an? inch)?\b/gi, 'thou'],
  [new RegExp(`\\b(?:per|of a|for a) (?:square|sq\\.?) (${AREA_UNIT})\\b`, 'gi'), '1 $1 x 1 $1 sheet'],
  [/^(ounces?|oz|ozt|dwt) per (.+)$/gi, 'weight per $2 in $1'],
  [
    new RegExp(
      `^squares? (?:of )?(${NUMBER}) ?(mm|cm|in)(?: sides?)?,? (?:of |in )?(?=(\\d+ ?(?:ga|gauge|swg|awg)|${NUMBER} ?mm)\\b)(?!.*\\b(?:wire|bar|rod|tube|tubing|long|bezel|ring|bangle|x)\\b)`,
      'i',
    ),
    (found, side = '', unit = '', thin = '') =>
      /mm$/i.test(thin) && parseFloat(thin) * 4 > Number(side) * (unit === 'mm' ? 1 : 10)
        ? found
        : `square sheet ${side} ${unit} `,
  ],
  [
    /^(?!.*\b(?:base|high|tall)\b)triangles? ([\d.]+) ?(mm|cm|in)(?: sides?| each side| equilateral)?,? (?=.*\bsheet\b)/gi,
    (_, side = '', unit = '') => `${side} ${unit} x ${product(side, String(Math.sqrt(3) / 4))} ${unit} `,
  ],
  [/^(?:what (?:do|should) i start with|start|starting length) (?:for |to (?:get|make|have) )(?=.*\d)/gi, 'to draw '],
  [
    new RegExp(
      `^(?!.*\\d ?(?:g|grams?|oz|ozt|dwt)\\b)(${METAL_NAME}) (.*\\d.*) in (${METAL_NAME})(?: instead)?\\??$`,
      'i',
    ),
    '$2 $3 vs $1',
  ],
  // The same piece in another metal.
  [
    new RegExp(
      `^(?!.*\\d ?(?:g|grams?|oz|ozt|dwt)\\b)(.*\\d.*) (${METAL_NAME}) in (${METAL_NAME})(?: instead)?\\??$`,
      'i',
    ),
    '$1 $3 vs $2',
  ],
  // A square of sheet: 2 inch square of 24 ga.
  [
    new RegExp(
      `^(?!.*\\b(?:wire|bar|rod|tube|tubing)\\b)(?=.*\\b(?:ga|gauge|swg|awg|thick|sheet)\\b)(.*?\\b)(${LENGTH}) squares?\\b`,
      'gi',
    ),
    '$1square sheet $2',
  ],
  [/\b([\d.]+) ?[x×] ?\1 ?mm square\b/gi, '$1 mm square'],
  [/\bd[ -](section|shape)\b/gi, 'd-$1'],
  [
    /^(\d+) ?(?:ga|gauge) to (\d+) ?(?:ga|gauge)\b(?!.*\b(?:draw|drawn|long|length)\b|.* (?:round|square|wire)\b.*\d ?(?:mm|cm|m|in|ft)\b)/gi,
    '$1 gauge vs $2 gauge',
  ],
  [/^what(?:'s| is)? (?:weighs more|heavier|lighter)[:,]? /gi, ''],
  [/\bweigh(?:t|s)? in (?=(?:grams?|g|oz|ozt|ounces?|dwt|kg|troy)\b)/gi, 'in '],
  [/(?:\b1\/2|½)[ -]?round\b/gi, 'half round'],
  // What is 1.02 mm in gauge.
  [
    new RegExp(`^(?:what(?:'s| is) )?(${NUMBER}) ?(mm|in|inch|inches|")?(?: (?:in|as|to))? (?:ga|gauge)s?\\??$`, 'i'),
    (found, size = '', unit = '') => {
      // 18 gauge alone is a gauge.
      const isInches = /^0?\.\d/.test(size);
      if (!unit && !isInches && !/ (?:in|as|to) /i.test(found)) return found;
      const isInch = /^(?:in|inch|inches|")$/i.test(unit) && Number(size) < LEAST_MM * 4;
      const given = / (?:in|as|to) (?:ga|gauge)/i.test(found) ? unit : '';
      const word = given || (unit === 'mm' ? 'mm' : '') || (isInch || Number(size) < LEAST_MM ? 'in' : 'mm');
      return `what gauge is ${size} ${word}`;
    },
  ],
  [/\bwire (?=(?:length|diameter|dia|thickness|width)\b)/gi, ''],
  [/^(?!.*\b(?:ring|us|uk|iso)\b)(.*)\bround (?=blanks?\b)/gi, '$1disc '],
  // An area: 100 cm², 2 square inches.
  [new RegExp(`(\\d[\\d.,/]*) ?(?:square|sq\\.?) (${AREA_UNIT})\\b`, 'gi'), '$1 $2 x 1 $2 sheet'],
  [new RegExp(`(\\d[\\d.,/]*) ?(${AREA_UNIT})(?:²|\\^?2\\b)`, 'gi'), '$1 $2 x 1 $2 sheet'],
  // 26g in mm is a gauge.
  [/\b(\d\d)g (?=(?:in|to|as) (?:mm|millimet|inch|in\b|thou))/gi, '$1 ga '],
  // Where the weight is asked for, 18g is a gauge.
  [/^(?=.*\bwe?igh)(.*\b\d\d)g\b(?!.*\d ?g\b)/gi, '$1 ga'],
  [/\bthin[- ]wall(?:ed)?\b/gi, ''],
  [/\bdegrees? (?=c\b|f\b|celsius|fahrenheit)/gi, ''],
  [/\b(?:oz|ounces?) (?:avoirdupois|avdp)\b/gi, 'avoirdupois'],
  // A low dome is a half-round section, not a dome.
  [/\blow dome\b/gi, ''],
  // The wire is asked for: the next measure is not that of the wire.
  [/\b(how much|more|length of|amount of|what length of) wire (?=(?:to|do|for|is|will|would|needed|goes)\b)/gi, '$1 '],
  [/^(?!.*\b(?:bezels?|cab\w*|stones?|links?|bangles?)\b)(.*)\boval ((?:[a-z\d.]+ ){1,8})wire\b/gi, '$1$2oval wire'],
  [/^(?=.*\b(?:washer|tube|tubing)\b)(.*?)\b(\d+(?:\.\d+)?)\/(\d+(?:\.\d+)?) ?mm\b/gi, '$1$2 mm outside $3 mm inside'],
  [/\bdiscs? with an? hole\b/gi, 'washer'],
  [/^(?=.*\d ?g ?(?:\/|per) ?(?:m|mm|cm|ft|in|100|foot|inch|met(?:re|er))\b)(.*)\bwhat size\b/gi, '$1what stock'],
];
