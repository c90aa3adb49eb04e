// Metals, melts, prices, and weights in water.
import { METAL_NAME, NUMBER, type Rewrite, told } from './patterns.ts';

const WITH: Readonly<Record<string, string>> = { ru: 'ruthenium', ir: 'iridium', co: 'cobalt' };
const METALS: Readonly<Record<string, string>> = { pt: 'platinum', pd: 'palladium', ag: 'silver', au: 'gold' };

/** That it weighs so much is said by the weight. */
const unweighed = (text: string) => text.replace(/\bweigh\w*/gi, '');

/** Tried in turn. */
export const metalsRewrites: readonly Rewrite[] = [
  // Price per gram if silver is 32 dollars an ounce.
  [/\b(\d[\d.,]*) (?:dollars?|usd)\b/gi, '$$$1'],
  [/\b(\d[\d.,]*) (?:euros?|eur)\b/gi, '€$1'],
  [
    /^(?:what is )?(?:the )?(?:price|cost|value) (?:per|an?|of an?) (gram|g|ozt|oz|ounce|dwt|kg)\b.*?(?:if|when|at|with)\b(?: (?:silver|gold|platinum|metal))?(?: is| costs?| at)? ?([£$€¥]) ?([\d.,]+) ?(?:\/|per|an?) ?(gram|g|ozt|oz|ounce|dwt|kg)\b\??$/i,
    (_, to = '', sign = '', price = '', from = '') => `${sign}${price}/${from} in ${sign}/${to}`,
  ],
  // The share of a metal in an alloy.
  [
    /^(?:what is the )?(?:%|percent(?:age)?) (?:of )?(?:fine |pure )?(?:gold|silver|platinum) in (?:an? )?(.+?)\??$/gi,
    'fineness $1 as percentage',
  ],
  [/\bfine weight (?:of|in) /gi, 'content '],
  [/\b(value|worth|price) of (?:the )?(?:gold|silver|platinum|metal) in /gi, '$1 of '],
  // Weighed in water by its loss.
  [
    new RegExp(
      `(${NUMBER}) ?g(?:rams?)?\\b(.*?)\\b(?:loses?|lost|losing|loss(?: of)?) (${NUMBER}) ?g(?:rams?)?(?: of (?:weight|mass))? (?:in|under) water`,
      'gi',
    ),
    (_, dry = '', between = '', loss = '') =>
      `${dry} g${between} ${String(Math.round((Number(dry) - Number(loss)) * 1e6) / 1e6)} g in water`,
  ],
  // Metals before their weights: 18k 14 g + 9k 7 g.
  [
    new RegExp(
      `^((?:\\d+ ?k(?:t)?|[a-z]+)(?: [a-z]+)*) (${NUMBER} ?g),? ?(?:\\+|and|plus|&|with) ?((?:\\d+ ?k(?:t)?|[a-z]+)(?: [a-z]+)*) (${NUMBER} ?g)$`,
      'i',
    ),
    '$2 $1 and $4 $3',
  ],
  // Fine beside a metal is that metal.
  [
    /^(?!.*(?:\bgold\b|\d ?(?:k|kt|ct|karat|carat)\b))(.*?)\bfine\b(?! (?:silver|gold|metal|content|weight|\d))/gi,
    '$1fine silver',
  ],
  [/^(?=.*\d ?(?:k|kt|ct|karat|carat)\b)(.*?)\bfine\b(?! (?:silver|gold|metal|content|\d))/gi, '$1fine gold'],
  [
    /\b(?:price|value|cost|worth) (?:per|of an?|of one|of 1|for an?|an?) (gram|g|oz|ozt|ounce|dwt|kg|kilo)\b(?: of| for)? (?=[\da-z])/gi,
    'value of 1 $1 ',
  ],
  // Weighed dry and in water.
  [
    new RegExp(
      `^(.*)\\b(?:specific gravity|sg|density)\\b(.*?)(${NUMBER} ?g)(?:rams?)?\\b(.*?)\\b(${NUMBER} ?g)(?:rams?)?\\b(.*)\\b(?:wet|water|submerged)\\b(.*)$`,
      'gi',
    ),
    (_, before = '', of = '', dry = '', between = '', wet = '', ...more: string[]) =>
      `density ${dry} and ${wet} in water${told(before, unweighed(of), unweighed(between), ...more.slice(0, 2))}`,
  ],
  // A fineness that the book has no alloy of is a number.
  [/^(?!.*\d ?(?:mm|cm|m|in|inch|inches|ga|gauge|swg|awg)\b)(.*\b(?:500|8\d\d|90\d|916|94\d|97\d)) silver\b/gi, '$1'],
  [/\b(?:fine|pure) (?:metal |gold |silver )?content\b/gi, 'content'],
  [/\b(?:fine|pure) (?:metal )?(?=in \d)/gi, 'content '],
  [/\b(?:999(?:\.9)?|24k) (silver|gold)\b(?=.*\d ?g)/gi, 'fine $1'],
  // Each metal of a melt with its weight: a plus between them.
  [/(\bg(?:rams?)? (?:of )?[a-z\d]+(?: [a-z]+){0,2}?) ?(?:\+|plus\b) ?(?=\d)(?![\d.]+ ?(?:%|percent))/gi, '$1 and '],
  [
    /\b(pt|pd|ag|au)[ -]?(\d{3})\b/gi,
    (_, metal = '', parts = '') => `${METALS[metal.toLowerCase()] ?? metal} ${parts}`,
  ],
  [/\b(platinum(?: 950)?) (ru|ir|co)\b/gi, (_, metal = '', own = '') => `${metal} ${WITH[own.toLowerCase()] ?? own}`],
  // A weight of any ingot, worked to a section.
  [/\b(\d[\d.]* ?(?:g|grams?|ozt|oz|dwt)) ingot (?=(?:(?:in)?to|be|as)\b)/gi, '$1 '],
  [/\bplatinum (ruthenium|iridium|cobalt) 950\b/gi, 'platinum 950 $1'],
  [
    /^(.*\d ?(?:g|grams?|ozt|dwt)\b.*?),? how much (?:of (?:it|that|this) )?is (?:pure|fine)(?: (?:silver|gold|metal))?\??$/gi,
    'content in $1',
  ],
  [/^([\d.]+ ?g(?:rams?)?) in ([a-z\d ]+?),? what (?:is it |would it be |does it weigh )?in (.+)$/gi, '$1 $2 in $3'],
  [
    new RegExp(
      `^same (?:piece|ring|thing|design) in (.+?), (${NUMBER} ?g(?:rams?)?) (?:in |of )?(${METAL_NAME})$`,
      'i',
    ),
    '$2 $3 in $1',
  ],
  // X 12, grams: the unit is asked for.
  [/,\s*(?=(?:grams|ounces|pennyweights)\b)/gi, ' weight in '],
  [/\bin air,? (?:and )?(\d[\d.]*)(?: ?g)? in water\b/gi, 'in air $1 g in water'],
  [/^(?:how heavy is|weight of|what does) (.+?)(?: weigh)? per cc\??$/gi, 'density of $1'],
  [
    new RegExp(`^(${METAL_NAME}) (?:price|value|cost) (?:per|an?) (gram|g|ozt|oz|ounce|dwt|kg)$`, 'i'),
    'value of 1 $2 $1',
  ],
  [/^(\d[\d.]*) ?% more than (\d[\d.]* ?[a-z]+)$/gi, '$2 plus $1%'],
  [/^(\d[\d.]*) ?% less than (\d[\d.]* ?[a-z]+)$/gi, '$2 less $1%'],
  [/^(.*\d ?g\b.* in .+?),? (?:at |by |for )?(?:the )?same (?:volume|size)$/gi, '$1'],
  [/\bcoin silver\b/gi, '900 silver'],
  [/\b(\d[\d.]* ?g(?:rams?)?) dry,? (\d[\d.]*)(?: ?g(?:rams?)?)? (?=(?:in|under) water)/gi, '$1 $2 g '],
  [/\btitanium (?:grade|gr\.?) ?2\b/gi, 'titanium'],
  [/\b(alumini?um) (1100|5052)\b/gi, 'a$2'],
  [/\bstainless(?: steel)? (304|316)\b/gi, 's$1'],
  // Wax is weighed against water: as many grams of metal as its density.
  [/\bwax (?:model|pattern|ring|piece)\b/gi, 'wax'],
  // $31 an ounce.
  [/([£$€¥] ?\d[\d.,]*) an? (?=oz|ounce|troy|g\b|gram|dwt|kg)/gi, '$1 per '],
  [/\b(in|to) [£$€¥] ?(?:per|\/|an?) /gi, '$1 per '],
];
