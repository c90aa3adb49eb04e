// Counts of pieces, and lengths cut from a length.
import { LENGTH, type Rewrite, UNIT } from './patterns.ts';

/** Tried in turn. */
export const countsRewrites: readonly Rewrite[] = [
  [/\b(?:saw cut|saw blade|saw kerf|blade|cut width)s?\b/gi, 'kerf'],
  [/^(?=.*\btwist)(.*?),? ?\btotal wire\b/gi, '$1 total'],
  [/,? ?\bhow much (?:wire|length)\b\??$/gi, ''],
  [
    new RegExp(
      `^((?:[a-z]+ ){0,3}${LENGTH})(?: long| each| pieces)? (?:from|out of) (?:an? |one |1 )?(ft|foot|m|metre|meter|inch|cm)\\??$`,
      'gi',
    ),
    'blanks $1 from 1 $2',
  ],
  [/\b([\d.]+ ?mm) saw\b/gi, '$1 kerf'],
  [/\b(from|out of) (?:an?|one) (?=(?:met(?:re|er)|foot|yard)\b)/gi, '$1 1 '],
  [
    new RegExp(
      `^(${LENGTH})(?: [a-z]+)? (?:cut (?:in|into|to|up into)|into) (${LENGTH}) (?:blanks|pieces|lengths|bits)\\b`,
      'i',
    ),
    'blanks $2 from $1',
  ],
  [new RegExp(`^(${LENGTH}) (?:blanks|pieces|lengths|bits) (?:from|out of) (?=\\d)`, 'i'), 'blanks $1 from '],
  // Brass x 12 grams: twelve, in grams.
  [
    /\b((?!(?:mm|cm|in|inch|inches|ft)\b)[a-z]{2,}) [x×] ?(\d+),? (?:weight in )?(grams|ounces)$/gi,
    '$1 $2 pieces weight in $3',
  ],
  // Counts of lengths, and areas that are asked for.
  [/\b(\d+) (?:lengths|strips|sticks|bars|rods|sections) of (?=[\d.])/gi, '$1 pieces of '],
  [
    /^(?!.*\d ?(?:in|") ?[x×])(.*[x×] ?\d+) in (?=(?:sterling|silver|fine|copper|brass|bronze|gold|steel|platinum|\d+k|\d+ct|9\d\d)\b)/gi,
    '$1 pieces ',
  ],
  [/\b(how many) per (ft|foot|metre|meter|m|inch|in|cm)\b/gi, '$1 from 1 $2'],
  // A count at the end: wire x 10.
  [
    new RegExp(`\\b((?!(?:mm|cm|in|inch|inches|ft)\\b)[a-z]{2,}) [x×] ?(\\d+)\\b(?! ?(?:${UNIT}\\b|[x×.\\d/"]))`, 'gi'),
    '$1 $2 pieces',
  ],
  [/\b(\d+) (bangles|cuffs|bezels|domes|hinges|granules|balls)\b/gi, '$1 pieces $2'],
  [/^(how many\b.*)\b(?:per|in each|from each|from every) (ft|foot|metre|meter|m|inch|in|cm)\b/gi, '$1 from 1 $2'],
];
