// Wordings that say the same as a plainer one, rewritten before the line is read. Terms keep their order.
import { withoutAbbreviations } from './abbreviations.ts';

const numberWords: Readonly<Record<string, number>> = {
  two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10, eleven: 11, twelve: 12, thirteen: 13,
  fourteen: 14, fifteen: 15, sixteen: 16, seventeen: 17, eighteen: 18, nineteen: 19, twenty: 20, thirty: 30, forty: 40,
  fifty: 50, sixty: 60, seventy: 70, eighty: 80, ninety: 90,
}; // prettier-ignore
const NUMBER_WORDS = Object.keys(numberWords).join('|');
const UNIT =
  '(?:mm|cm|m|in|inch|inches|ft|foot|feet|g|grams?|kg|oz|ozt|ounces?|lbs?|pounds?|troy|dwt|gauge|ga|k|kt|ct|karat|carat)';
const AREA_UNIT = '(?:mm|cm|in|inch|inches)';
const fractions: Readonly<Record<string, string>> = {
  half: '1/2',
  quarter: '1/4',
  third: '1/3',
  eighth: '1/8',
  sixteenth: '1/16',
};
const METALS: Readonly<Record<string, string>> = { pt: 'platinum', pd: 'palladium', ag: 'silver', au: 'gold' };

type Rewrite = readonly [pattern: RegExp, by: string | ((found: string, ...groups: string[]) => string)];

const NUMBER = '\\d*[.,]?\\d+';
const LENGTH = `${NUMBER} ?(?:mm|cm|m|metres?|meters?|in|inch|inches|ft|foot|feet)`;
const THIN = `${NUMBER}(?: ?(?:mm|ga|gauge|swg|awg))?`;
/** Bare sizes below this are inches where a gauge is asked for. */
const LEAST_MM = 0.26;

/** 0.8 as 0.8 mm; 18 ga stays. */
const withMm = (size: string) => (/[a-z]/i.test(size) ? size : `${size} mm`);

const rewrites: readonly Rewrite[] = [
  // Numbers alone are arithmetic, where x multiplies.
  [/^[\d\s.+*/×x()-]+$/gi, (sum) => sum.replace(/[x×]/gi, '*')],
  // A count times a weight: 12 x 3.5 g.
  [
    new RegExp(`^=? ?(${NUMBER}) ?[x×*] ?(${NUMBER}) ?(g|grams?|kg|dwt|ozt)$`, 'i'),
    (_, times = '', each = '', unit = '') => `${product(times, each)} ${unit} in ${unit}`,
  ],
  [
    new RegExp(`^=? ?(${NUMBER}) ?(g|grams?|kg|dwt|ozt) ?[x×*] ?(${NUMBER})$`, 'i'),
    (_, each = '', unit = '', times = '') => `${product(times, each)} ${unit} in ${unit}`,
  ],
  [
    new RegExp(`^(?:what(?:'s| is) )?(${NUMBER}) ?(?:%|percent) of (${NUMBER}) ?(g|grams?|kg|dwt|ozt)\\??$`, 'i'),
    (_, share = '', of = '', unit = '') => `${product(String(Number(share) / 100), of)} ${unit} in ${unit}`,
  ],
  [/\b(?:a|one) hundred\b/gi, '100'],
  // 4.5 in 16 ga is a ratio, not inches.
  [/\b(aspect ratio|ratio|ar)(?: of| is| =|:)? ?(\d+(?:\.\d+)?) (?:in|with|for|on|of) (?=\d)/gi, '$1 $2 with '],
  // An area in another unit.
  [
    new RegExp(
      `^(${NUMBER}) ?(?:square |sq\\.? ?)(mm|cm|in|ft|inch|inches|foot|feet) (?:in|to|as) (?:square |sq\\.? ?)?(mm|cm|in|ft|inch|inches|foot|feet)(?:²|2)?$`,
      'i',
    ),
    (_, size = '', from = '', to = '') => `${size} ${areaUnit(from)} in ${areaUnit(to)}`,
  ],
  // The share of a metal in an alloy.
  [
    /^(?:what is the )?(?:%|percent(?:age)?) (?:of )?(?:fine |pure )?(?:gold|silver|platinum) in (?:an? )?(.+?)\??$/gi,
    'fineness $1 as percentage',
  ],
  [/\bfine weight (?:of|in) /gi, 'content '],
  [/^(?=.*\bchain\b)(.*\b(?:4[1-9]|[5-9]\d|\d{3,})) in (?=\d[\d.]* ?(?:mm|ga|gauge|swg)\b)/gi, '$1 '],
  [/\b(?:saw cut|saw blade|saw kerf|blade|cut width)s?\b/gi, 'kerf'],
  [/\b(coil|spring) length (?!\d|is\b|of \d)/gi, '$1 '],
  [/,? ?\bhow much (?:wire|length)\b\??$/gi, ''],
  [/^(?!.*\bchain\b)(.*)\b(oval|round) links?\b/gi, '$1chain $2 link'],
  [/^(?=.*\bhow many\b)(?=.*\brings\b)(.*)\b(?:bracelet|necklace)\b/gi, '$1chain'],
  [
    new RegExp(
      `^((?:[a-z]+ ){0,3}${LENGTH})(?: long| each| pieces)? (?:from|out of) (?:an? |one |1 )?(ft|foot|m|metre|meter|inch|cm)\\??$`,
      'gi',
    ),
    'blanks $1 from 1 $2',
  ],
  [/,? ?\bwhich (?:one )?is (?:the )?(?:thicker|thinner|heavier|lighter|longer|bigger|larger)\b\??/gi, ''],
  [/ ?= ?(?:is )?(?:how many|\?) (?=[a-z]+\??$)/gi, ' in '],
  [/\b(swg|awg|b&s) (\d{1,2})\b(?! ?(?:ga|gauge|mm|in)\b)/gi, '$2 $1'],
  // A square that is far wider than thick is a blank of sheet: 16 mm square 1.2 mm.
  [
    new RegExp(
      `^(?!.*\\b(?:wire|bar|rod|ring|band|size|long|us|uk|bezel|tube)\\b)(.*?\\b)(${NUMBER}) ?(mm|cm|in) squares?,? (?:x |of |in )?(${NUMBER}) ?(mm|in)\\b`,
      'i',
    ),
    (found, before = '', side = '', unit = '', thin = '', own = '') =>
      Number(side) > 4 * Number(thin) ? `${before}${side} ${unit} x ${side} ${unit} sheet ${thin} ${own}` : found,
  ],
  [
    /^is (?:an? )?(.+?) (?:thicker|thinner|wider|bigger|larger|heavier|lighter|longer|shorter) than (?:an? )?(.+?)\??$/gi,
    '$1 vs $2',
  ],
  [/\b(\d+) and (\d+\/\d+)\b/gi, '$1 $2'],
  [/\b(?<!\d )(?<!and an? )half[ -](?=in\b|inch|ounce|oz\b|ozt|met(?:re|er)\b)/gi, '1/2 '],
  [/^(?!.*\b(?:bangle|cuff|bracelet)s?\b)(?=.*\bwrist\b)/gi, 'cuff '],
  [
    /^(?!.*\bjump\b)(?=.*\bhow many\b)(?=.*\b(?:id|inside)\b)(?=.*\b(?:wire|ga|gauge)\b)(?=.*\bfrom\b)(.*?)\brings\b/gi,
    '$1jump rings',
  ],
  // Weighed in water by its loss.
  [
    new RegExp(
      `(${NUMBER}) ?g(?:rams?)?\\b(.*?)\\b(?:loses?|lost|losing|loss(?: of)?) (${NUMBER}) ?g(?:rams?)?(?: of (?:weight|mass))? (?:in|under) water`,
      'gi',
    ),
    (_, dry = '', between = '', loss = '') =>
      `${dry} g${between} ${String(Math.round((Number(dry) - Number(loss)) * 1e6) / 1e6)} g in water`,
  ],
  [
    /^(?=.*\b(?:longer|shorter|length|add|remove|take out|cut out|metal)\b).*\bsize (\d+(?:\.\d+)?)\b.*?\b(\d+(?:\.\d+)?) sizes? (bigger|larger|up|smaller|down)\b.*$/gi,
    (_, size = '', by = '', way = '') =>
      `difference inside circumference size ${size} vs size ${String(Number(size) + (/^(?:small|down)/i.test(way) ? -1 : 1) * Number(by))}`,
  ],
  // Metals before their weights: 18k 14 g + 9k 7 g.
  [
    new RegExp(
      `^((?:\\d+ ?k(?:t)?|[a-z]+)(?: [a-z]+)*) (${NUMBER} ?g),? ?(?:\\+|and|plus|&|with) ?((?:\\d+ ?k(?:t)?|[a-z]+)(?: [a-z]+)*) (${NUMBER} ?g)$`,
      'i',
    ),
    '$2 $1 and $4 $3',
  ],
  // Counts of lengths, and areas that are asked for.
  [/\b(\d+) (?:lengths|strips|sticks|bars|rods|sections) of (?=[\d.])/gi, '$1 pieces of '],
  [
    new RegExp(`\\b(?:how (?:many|much)|what) (?:square|sq\\.?) (${AREA_UNIT})\\b(?: of)?`, 'gi'),
    (_, unit = '') => `sq${unit.toLowerCase().slice(0, 2)}`,
  ],
  // Fine beside a metal is that metal.
  [
    /^(?!.*(?:\bgold\b|\d ?(?:k|kt|ct|karat|carat)\b))(.*?)\bfine\b(?! (?:silver|gold|metal|content|weight|\d))/gi,
    '$1fine silver',
  ],
  [/^(?=.*\d ?(?:k|kt|ct|karat|carat)\b)(.*?)\bfine\b(?! (?:silver|gold|metal|content|\d))/gi, '$1fine gold'],
  // Length to put in or take out between two sizes.
  [
    /^(?=.*\b(?:longer|shorter|length|circumference|add|remove|take out|cut out|metal)\b).*\bsiz(?:e|es|ed|ing)(?: it)?(?: up| down)?(?: from)?(?: size)? (\d+(?:\.\d+)?) (?:to|and|vs) (?:(?:a )?(?:us )?size )?(\d+(?:\.\d+)?)(?! ?(?:mm|ga|gauge|x|×))\b.*$/gi,
    'difference inside circumference size $1 vs size $2',
  ],
  [
    /\b(?:what(?:'s| is) the )?(weight |length |price |cost )?difference (?:in [a-z]+ )?between (?:an? )?(.+?) and (?:an? )?(.+)$/gi,
    '$2 vs $3 $1',
  ],
  // A cut-off end of wire melts to a granule.
  [
    /^(?=.*\b(?:granules?|balls?)\b)(.*\bfrom )(?:an? )?([\d.]+ ?mm) (?:bits?|chips?|clippings?|pallions?|offcuts?|scraps?|pieces?|lengths?|snippets?) of\b/gi,
    '$1$2 of',
  ],
  [new RegExp(`\\bcuff (?:strip |blank )?(${LENGTH}) long\\b(?!.*\\bwide\\b)`, 'gi'), 'cuff from $1 blank'],
  // A flat blank of a cuff: 6 x 1 inch 18 ga.
  [
    /^(?!.*\b(?:inside|id|wrist|around|gap|opening|from)\b)(.*)\bcuff\b(?=.*\d ?(?:in|inch|"|mm|cm)? ?[x×] ?[\d.]+ ?(?:in|inch|"|mm|cm).*\d ?(?:ga|gauge|swg|awg)\b)/gi,
    '$1sheet',
  ],
  // The wire is asked for: the next measure is not that of the wire.
  [/\b(how much|more|length of|amount of|what length of) wire (?=(?:to|do|for|is|will|would|needed|goes)\b)/gi, '$1 '],
  [/^(?!.*\b(?:bezels?|cab\w*|stones?|links?|bangles?)\b)(.*)\boval ((?:[a-z\d.]+ ){1,8})wire\b/gi, '$1$2oval wire'],
  [/\b(bangle|bracelet|cuff) sizes?\b/gi, '$1'],
  [/^(?!.*\bchain\b)(.*\d+) links\b/gi, '$1 jump rings'],
  [
    /([x×] ?\d+) in (?=(?:sterling|silver|fine|copper|brass|bronze|gold|steel|platinum|\d+k|\d+ct|9\d\d)\b)/gi,
    '$1 pieces ',
  ],
  // A low dome is a half-round section, not a dome.
  [/\blow dome\b/gi, ''],
  [/\b(\d+) of size\b/gi, '$1 rings size'],
  [/\b(size|sizes|us|iso|eu|jp|japanese) (\d[\d.]*) in (?=\d)/gi, '$1 $2 '],
  [/^(?=.*\b(?:sizes?|us|uk|iso|eu|jp|japanese)\b)(.*\d) in (?=\d[\d.]* ?(?:mm|ga|gauge|swg)\b)/gi, '$1 '],
  [
    new RegExp(
      `^([\\d.]+ ?mm) of (${THIN})(?: wire)?,? (?:is |when )?(?:melted|melts|balled|balls|makes|gives).*\\b(ball|granule|sphere)\\b.*$`,
      'gi',
    ),
    '$3 from $1 of $2',
  ],
  [/\bwhat size (?=(?:ball|granule|sphere|disc|dome|blank)\b)/gi, 'what '],
  [/\bthousandths?(?: of an? inch)?\b/gi, 'thou'],
  [new RegExp(`\\b(?:per|of a|for a) (?:square|sq\\.?) (${AREA_UNIT})\\b`, 'gi'), '1 $1 x 1 $1 sheet'],
  [/^(ounces?|oz|ozt|dwt) per (.+)$/gi, 'weight per $2 in $1'],
  [
    /\bresiz(?:e|ed|ing)\b(?: an?)?(?: (?:ring|band))?(?: from)?(?: (?:size|us|uk))? ([a-z\d][\d./½¼¾ ]*?)(?: up| down)? to (?:(?:size|us|uk) )?([a-z\d][\d./½¼¾]*)\b/gi,
    'difference inside circumference size $1 vs size $2',
  ],
  // A finger is measured round.
  [new RegExp(`\\bfinger(?: is| measures| of| size)? (${LENGTH})(?: round| around)?`, 'gi'), 'ring circumference $1'],
  [new RegExp(`\\b(?:an? )?(${LENGTH}) finger\\b(?! (?:size|ring))`, 'gi'), 'ring circumference $1'],
  [/^(how much longer\b.*\bsize\b(?!.*\d ?(?:mm|ga|gauge)\b).*)$/gi, 'circumference $1'],
  [
    /\b(?:price|value|cost|worth) (?:per|of an?|of one|of 1|for an?|an?) (gram|g|oz|ozt|ounce|dwt|kg|kilo)\b(?: of| for)? (?=[\da-z])/gi,
    'value of 1 $1 ',
  ],
  [/^rings (?=(?:of .*\b(?:id|inside) )?from\b)(?=.*\b(?:id|inside)\b)/gi, 'jump rings '],
  [/^(?=.*\b(?:washer|tube|tubing)\b)(.*?)\b(\d+(?:\.\d+)?)\/(\d+(?:\.\d+)?) ?mm\b/gi, '$1$2 mm outside $3 mm inside'],
  [/^what size in (uk|us|iso|eu) (?:is|for) (.+?)\??$/gi, '$2 in $1'],
  [
    /^(?!.*\bjump\b)(?=.*\b(?:wire|ga|gauge|swg)\b)(?=.*\b(?:id|od|inside|outside|mandrel|inner)\b)(.*\b(?:how many|\d{2,}) )rings\b/gi,
    '$1jump rings',
  ],
  [new RegExp(`^([\\d.]+ ?mm) of (${THIN})(?: wire)?,? (ball|granule|sphere)\\b.*$`, 'gi'), '$3 from $1 of $2'],
  [/\bspring\b(?=.*\bturns?\b)/gi, 'wrap'],
  [/^(?=.*\d ?g ?(?:\/|per) ?(?:m|mm|cm|ft|in|100|foot|inch|met(?:re|er))\b)(.*)\bwhat size\b/gi, '$1what stock'],
  [/\bdiscs? with an? hole\b/gi, 'washer'],
  [/^(?!how many)(.*\bjump rings?\b.*) per (ounce|oz|ozt|gram|g|kg)\b/gi, '$1 from 1 $2'],
  [/^(?=.*\b(?:bangles?|cuffs?|bezels?|stone|cab|hoops?)\b)(.*\d{2,}) in (?=\d[\d.]* ?(?:mm|ga|gauge|swg)\b)/gi, '$1 '],
  [/\bthin[- ]wall(?:ed)?\b/gi, ''],
  [/\b(how many) per (ft|foot|metre|meter|m|inch|in|cm)\b/gi, '$1 from 1 $2'],
  [/^(?=.*\blinks?\b)(.*)\b(?:bracelet|necklace)\b/gi, '$1chain'],
  [
    /\bstrip to (?:go|fit|wrap|bend) (?:a?round) (?:an? )?(.*?) (?:disc|disk|circle|stone|cab)\b/gi,
    'bezel for $1 round',
  ],
  // A count at the end: wire x 10.
  [
    new RegExp(`\\b((?!(?:mm|cm|in|inch|inches|ft)\\b)[a-z]{2,}) [x×] ?(\\d+)\\b(?! ?(?:${UNIT}\\b|[x×.\\d/"]))`, 'gi'),
    '$1 $2 pieces',
  ],
  [/\b(granule|ball) size (?:from |for |of )?(?=\d.* of )/gi, '$1 from '],
  // Weighed dry and in water.
  [
    new RegExp(
      `^.*\\b(?:specific gravity|sg|density)\\b.*?(${NUMBER} ?g)(?:rams?)?\\b.*?\\b(${NUMBER} ?g)(?:rams?)?\\b.*\\b(?:wet|water|submerged)\\b.*$`,
      'gi',
    ),
    'density $1 and $2 in water',
  ],
  // A square of sheet: 2 inch square of 24 ga.
  [
    new RegExp(
      `^(?!.*\\b(?:wire|bar|rod|tube|tubing)\\b)(?=.*\\b(?:ga|gauge|swg|awg|thick|sheet)\\b)(.*?\\b)(${LENGTH}) squares?\\b`,
      'gi',
    ),
    '$1$2 x $2 sheet',
  ],
  [
    new RegExp(
      `^.*\\bsnippets? of (${THIN})(?: round)?(?: wire)?\\b.*?\\bfor (?:an? )?(${NUMBER} ?mm) granules?\\b`,
      'i',
    ),
    'granule $2 from $1 wire',
  ],
  [/\b([\d.]+) ?[x×] ?\1 ?mm square\b/gi, '$1 mm square'],
  // Granules that are only weighed are balls.
  [/^(?!.*\b(?:from|snippets?)\b)(?=.*\bwe?igh)(.*)\bgranules?\b/gi, '$1balls'],
  [/\bd[ -](section|shape)\b/gi, 'd-$1'],
  // Half inch disc.
  [
    /^(half|quarter|third|eighth|sixteenth)[ -](?=(?:in|inch|ounce|oz|ozt)\b)/gi,
    (_, word = '') => `${fractions[word.toLowerCase()] ?? word} `,
  ],
  // A bare number beside another scale is a US size.
  [/\bsize (\d\d?(?:\.\d+| 1\/2)?) (?:ring )?(in|to) (uk|iso|eu|jp|japanese)\b/gi, 'size us $1 $2 $3'],
  [/^(\d+) ?(?:ga|gauge) to (\d+) ?(?:ga|gauge)\b(?!.*\b(?:draw|drawn|long|length)\b)/gi, '$1 gauge vs $2 gauge'],
  [/^what(?:'s| is)? (?:weighs more|heavier|lighter)[:,]? /gi, ''],
  [/\bweigh(?:t|s)? in (?=(?:grams?|g|oz|ozt|ounces?|dwt|kg|troy)\b)/gi, 'in '],
  [/(?:\b1\/2|½)[ -]?round\b/gi, 'half round'],
  // What is 1.02 mm in gauge.
  [
    new RegExp(`^(?:what(?:'s| is) )?(${NUMBER}) ?(mm|in|inch|inches|")?(?: (?:in|as|to))? (?:ga|gauge)s?\\??$`, 'i'),
    (found, size = '', unit = '') => {
      // 18 gauge alone is a gauge.
      if (!unit && !/ (?:in|as|to) /i.test(found)) return found;
      const isInch = /^(?:in|inch|inches|")$/i.test(unit) && Number(size) < LEAST_MM * 4;
      const given = / (?:in|as|to) (?:ga|gauge)/i.test(found) ? unit : '';
      const word = given || (isInch || Number(size) < LEAST_MM ? 'in' : 'mm');
      return `what gauge is ${size} ${word}`;
    },
  ],
  // Sizes of 40 and more are girths in mm.
  [/\bsize ((?:4|5|6)\d|7[0-6])(?:\.\d)?\b(?! ?(?:mm|cm|in\b.*\bring\b|x|×))/gi, 'size iso $1'],
  // A ring of 5 x 1.5 in size 8: mm.
  [
    new RegExp(
      `^(?=.*\\b(?:size|us|uk|iso)\\b)(.*\\bring\\b.*?)(${NUMBER}) ?[x×] ?(${NUMBER})(?! ?(?:mm|cm|in\\b|inch|ga|[x×.\\d]))`,
      'i',
    ),
    '$1$2 x $3 mm',
  ],
  // A coil on a mandrel is a wrap on a core.
  [
    new RegExp(`^(?=.*\\bturns?\\b)(.*?)(?:\\b(?:on|round|around|over) (?:an? )?)?(${THIN}) mandrel\\b`, 'i'),
    (_, before = '', size = '') => `${before.replace(/\bcoils?\b/i, 'wrap')} ${withMm(size)} core`,
  ],
  [/\bcoils?\b(?=.*\bturns?\b)/gi, 'wrap'],
  [/^(?!.*\b(?:wrap|twist))(?=.*\bcore\b)(?=.*\bturns?\b)/gi, 'wrap '],
  [
    new RegExp(`^.*\\bball of (${NUMBER} ?mm) (?:from|with|out of) (${THIN}) (?:round )?wire\\b.*$`, 'i'),
    (_, ball = '', wire = '') => `granule ${ball} from ${withMm(wire)} wire`,
  ],
  [/\b(\d+) (?:pieces (?:of )?)?hoops\b/gi, '$1 rings hoop'],
  [/^(?!.*\brings\b)(.*\bhoops?\b.*)\bpair\b/gi, '2 rings $1'],
  [/\b(us|uk|iso|eu|japanese) (?:size )?equivalent (?:of|to|for) (.+)$/gi, '$2 in $1'],
  [/\b(\d+) (bangles|cuffs|bezels|domes|hinges|granules|balls)\b/gi, '$1 pieces $2'],
  [/\b((?:bangle|cuff)s?\b.*?[x×] ?[\d.]+ ?(?:mm|cm|in)) inside\b/gi, '$1'],
  // A chain of jump rings is one of links.
  [/\bchain\b(.*)\bjump ?rings?\b/gi, 'chain$1links'],
  [/^(?=.*(?:\bpi\b|π))(?:[\d\s.+*/×x()π-]|\bpi\b)+$/gi, (sum) => sum.replace(/\bpi\b|π/gi, String(Math.PI))],
  // Weighed in air and in water.
  [
    new RegExp(
      `^(?:what is the )?density.*?(${NUMBER} ?g)(?:rams?)?(?: (?:dry|in air))?,?(?: and| but| then)? (?:only )?(?:weighs )?(${NUMBER} ?g)(?:rams?)? in water.*$`,
      'i',
    ),
    'density $1 and $2 in water',
  ],
  // A fineness that the book has no alloy of is a number.
  [/^(?!.*\d ?(?:mm|cm|m|in|inch|inches|ga|gauge|swg|awg)\b)(.*\b(?:500|8\d\d|90\d|916|94\d|97\d)) silver\b/gi, '$1'],
  [/\b(?:fine|pure) (?:metal |gold |silver )?content\b/gi, 'content'],
  [/\b(?:fine|pure) (?:metal )?(?=in \d)/gi, 'content '],
  [/\b(?:999(?:\.9)?|24k) (silver|gold)\b(?=.*\d ?g)/gi, 'fine $1'],
  // Each metal of a melt with its weight: a plus between them.
  [/(\bg(?:rams?)? (?:of )?[a-z\d]+(?: [a-z]+){0,2}?) ?(?:\+|plus\b) ?(?=\d)(?![\d.]+ ?(?:%|percent))/gi, '$1 and '],
  [/\bhalf an? dozen\b/gi, '6'],
  [/\b(?:a|one) pair of\b/gi, '2 pieces of'],
  // 22-gauge, 6-inch.
  [new RegExp(`(\\d)-(?=${UNIT}\\b)`, 'gi'), '$1 '],
  // Fractions in words: seven and a quarter inches, three quarters of an inch, a half inch.
  [
    new RegExp(`\\b(${NUMBER_WORDS}|one|\\d+) and an? (half|quarter|third|eighth|sixteenth)\\b`, 'gi'),
    (_, whole = '', part = '') =>
      `${String(numberWords[whole.toLowerCase()] ?? (whole.toLowerCase() === 'one' ? 1 : whole))} ${fractions[part.toLowerCase()] ?? part}`,
  ],
  [
    /\b(one|two|three|five|seven|an?)[ -](half|quarter|third|eighth|sixteenth)s?(?: of)?(?: an?)? (?=in\b|inch|mm|cm|ft|foot|oz|ounce)/gi,
    (_, count = '', word = '') =>
      `${String(numberWords[count.toLowerCase()] ?? 1)}/${(fractions[word.toLowerCase()] ?? '').slice(2)} `,
  ],
  [/\bhalf an? (?=in\b|inch|ounce|oz|foot|ft|m\b|met(?:re|er)|kilo|kg|lb|pound)/gi, '1/2 '],
  // Ten 3/4 in discs are ten, not ten and three quarters.
  [
    new RegExp(`\\b(${NUMBER_WORDS}) (?=\\d+/\\d+|[½¼¾⅓⅔⅛⅜⅝⅞])`, 'gi'),
    (_, word = '') => `${String(numberWords[word.toLowerCase()] ?? word)} pieces `,
  ],
  [new RegExp(`\\b(${NUMBER_WORDS})\\b`, 'gi'), (_, word = '') => String(numberWords[word.toLowerCase()] ?? word)],
  [new RegExp(`\\bone (?=${UNIT}\\b)`, 'gi'), '1 '],
  [
    /\b(pt|pd|ag|au)[ -]?(\d{3})\b/gi,
    (_, metal = '', parts = '') => `${METALS[metal.toLowerCase()] ?? metal} ${parts}`,
  ],
  [/\btitanium (?:grade|gr\.?) ?2\b/gi, 'titanium'],
  // A remark in brackets is read like any words.
  [/\(([a-z][a-z ,-]*)\)/gi, ' $1 '],
  [/\bdegrees? (?=c\b|f\b|celsius|fahrenheit)/gi, ''],
  [/\b(?:a|one) (?=(?:foot|metre|meter|inch|yard) of\b)/gi, '1 '],
  [/^(?:what|which) (us|uk|iso|eu|japanese) size (?:is|equals|=) (.+?)\??$/gi, '$2 in $1'],
  [/\b(?:what|which) (us|uk|iso|eu|japanese) size\b/gi, 'in $1'],
  [/\b(alumini?um) (1100|5052)\b/gi, 'a$2'],
  [/\bstainless(?: steel)? (304|316)\b/gi, 's$1'],
  [/\b(?:oz|ounces?) (?:avoirdupois|avdp)\b/gi, 'avoirdupois'],
  [/\bwire (?=(?:length|diameter|dia|thickness|width)\b)/gi, ''],
  // Flat blanks of a cuff or a ring: three sides, nothing to bend yet.
  [/\bcuff (?=blanks?\b)(?!.*\b(?:wrist|gap|opening|inside|around)\b)|\bcuff(?=.*\blong\b.*\bwide\b)/gi, 'sheet '],
  [/\bring blank(?= [\d.]+(?: ?mm)? ?[x×] ?[\d.]+(?: ?mm)? ?[x×])/gi, 'sheet'],
  [/\b(wrap(?:ped)?\b.*?)\b(?:around|round|on) (?:an? )?(?=\d)(?!.*\bcore\b)/gi, '$1core '],
  [/\bround (?=blanks?\b)/gi, 'disc '],
  [
    /\bbezel (?:strips?|wires?) (?=(?:for|round|around|lengths?|needed|to cut|[\d.]+ ?[x×] ?[\d.]+ (?:mm )?(?:oval|round|pear|cushion))\b)/gi,
    'bezel ',
  ],
  // An area: 100 cm², 2 square inches.
  [new RegExp(`(\\d[\\d.,/]*) ?(?:square|sq\\.?) (${AREA_UNIT})\\b`, 'gi'), '$1 $2 x 1 $2 sheet'],
  [new RegExp(`(\\d[\\d.,/]*) ?(${AREA_UNIT})(?:²|\\^?2\\b)`, 'gi'), '$1 $2 x 1 $2 sheet'],
  // 26g in mm is a gauge.
  [/\b(\d\d)g (?=(?:in|to|as) (?:mm|millimet|inch|in\b|thou))/gi, '$1 ga '],
  // Wax is weighed against water: as many grams of metal as its density.
  [/\bwax (?:model|pattern|ring|piece)\b/gi, 'wax'],
  [/^(how many\b.*)\b(?:per|in each|from each|from every) (ft|foot|metre|meter|m|inch|in|cm)\b/gi, '$1 from 1 $2'],
  // Where the weight is asked for, 18g is a gauge.
  [/^(?=.*\bwe?igh)(.*\b\d\d)g\b(?!.*\d ?g\b)/gi, '$1 ga'],
  // $31 an ounce.
  [/([£$€¥] ?\d[\d.,]*) an? (?=oz|ounce|troy|g\b|gram|dwt|kg)/gi, '$1 per '],
  [/\b(in|to) [£$€¥] ?(?:per|\/|an?) /gi, '$1 per '],
];

const areaUnit = (word: string) => `areaof${/^i/i.test(word) ? 'in' : /^f/i.test(word) ? 'ft' : word.toLowerCase()}`;

function product(times: string, each: string): string {
  return String(Math.round(Number(times) * Number(each) * 1e6) / 1e6);
}

/** Short forms and number words written out, and longer wordings as the plain question. */
export function normalised(line: string): string {
  return rewrites.reduce((said, [pattern, by]) => said.replace(pattern, by as string), withoutAbbreviations(line));
}
