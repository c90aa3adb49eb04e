// Numbers and fractions in words, pairs and dozens.
import { NUMBER, type Rewrite, UNIT } from './patterns.ts';

const numberWords: Readonly<Record<string, number>> = {
  two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10, eleven: 11, twelve: 12, thirteen: 13,
  fourteen: 14, fifteen: 15, sixteen: 16, seventeen: 17, eighteen: 18, nineteen: 19, twenty: 20, thirty: 30, forty: 40,
  fifty: 50, sixty: 60, seventy: 70, eighty: 80, ninety: 90,
}; // prettier-ignore
const NUMBER_WORDS = Object.keys(numberWords).join('|');
const fractions: Readonly<Record<string, string>> = {
  half: '1/2',
  quarter: '1/4',
  third: '1/3',
  eighth: '1/8',
  sixteenth: '1/16',
};

/** Tried in turn. */
export const numberWordsRewrites: readonly Rewrite[] = [
  [/\b(?:i['’]m|i am|we['’]re|we are) (?:making|cutting|doing)\b/gi, ''],
  [/\b(?:a|one) hundred\b/gi, '100'],
  [/\b(?:men|women|lad(?:y|ies)|gent|kid|child)(?:['’]s|s['’]?)?\b/gi, ''],
  [
    new RegExp(
      `\\b(${NUMBER_WORDS}) (?=(?:bangles|cuffs|bezels|domes|hinges|granules|balls|hoops|rings|discs|washers)\\b)`,
      'gi',
    ),
    (_, word = '') => `${String(numberWords[word.toLowerCase()] ?? word)} `,
  ],
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
  [/\bhalf an? (?=in\b|inch|ounce|oz|foot|ft|m\b|met(?:re|er)|kilo|kg|lb|pound)/gi, '0.5 '],
  [/\b(?<!\d )(?<!and an? )half[ -](?=in\b|inch|ounce|oz\b|ozt|met(?:re|er)\b)/gi, '1/2 '],
  // Half inch disc.
  [
    /^(half|quarter|third|eighth|sixteenth)[ -](?=(?:in|inch|ounce|oz|ozt)\b)/gi,
    (_, word = '') => `${fractions[word.toLowerCase()] ?? word} `,
  ],
  [/\b(\d+) and (\d+\/\d+)\b/gi, '$1 $2'],
  // Three 22 ga strands.
  [
    new RegExp(
      `^(?=.*\\b(?:twist\\w*|strands?)\\b)(.*?)\\b(${NUMBER_WORDS}|\\d+) (\\d+ ?(?:ga|gauge)|${NUMBER} ?mm)((?: [a-z]+)?) (?:wires?|strands?)\\b`,
      'i',
    ),
    (_, before = '', count = '', thick = '', metal = '') =>
      `${before}${String(numberWords[count.toLowerCase()] ?? count)} strands ${thick}${metal}`,
  ],
  // Ten 3/4 in discs are ten, not ten and three quarters.
  [
    new RegExp(`\\b(${NUMBER_WORDS}) (?=\\d+/\\d+|[½¼¾⅓⅔⅛⅜⅝⅞]|\\d[\\d.]* ?(?:mm|cm|in|inch|ga|gauge)\\b)`, 'gi'),
    (_, word = '') => `${String(numberWords[word.toLowerCase()] ?? word)} pieces `,
  ],
  [new RegExp(`\\b(${NUMBER_WORDS})\\b`, 'gi'), (_, word = '') => String(numberWords[word.toLowerCase()] ?? word)],
  [new RegExp(`\\bone (?=${UNIT}\\b)`, 'gi'), '1 '],
  [/\b(?:a|one) (?=(?:foot|metre|meter|inch|yard) of\b)/gi, '1 '],
  // A remark in brackets is read like any words.
  [/\(([a-z][a-z ,-]*)\)/gi, ' $1 '],
];
