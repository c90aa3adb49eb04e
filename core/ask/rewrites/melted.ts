// Balls, granules and domes.
import { NUMBER, type Rewrite, THIN, told, withMm } from './patterns.ts';

/** Tried in turn. */
export const meltedRewrites: readonly Rewrite[] = [
  [/\b(?:raise|sink) (?=(?:an? |the )?(?:bowl|dome)\b)/gi, ''],
  // A bowl of a disc is a dome.
  [/^(?=.*\bdis[ck]\b)(?=.*\b(?:deep|high|height|depth)\b)(.*)\bbowl\b/gi, '$1dome'],
  [
    /\bhollow (?:bead|ball|sphere)s? (?:of )?([\d.]+ ?mm)(.*?) (?:from|of|out of) (?:2|two) (?:discs|domes|halves)\b(?: of)?( [\d.]+ ?(?:mm|ga|gauge))?(?: thick)?/gi,
    (_, across = '', between = '', thick = '') => `dome hemisphere ${across}${between}${thick && `${thick} thick`}`,
  ],
  [/\b(sphere|ball|bead)s?\b(.*?),? \bhollow\b/gi, 'hollow $1$2'],
  // A cut-off end of wire melts to a granule.
  [
    /^(?=.*\b(?:granules?|balls?)\b)(.*\bfrom )(?:an? )?([\d.]+ ?mm) (?:bits?|chips?|clippings?|pallions?|offcuts?|scraps?|pieces?|lengths?|snippets?) of\b/gi,
    '$1$2 of',
  ],
  [
    new RegExp(
      `^([\\d.]+ ?mm) of (${THIN})(?: wire)?,? (?:is |when )?(?:melted|melts|balled|balls|makes|gives)(.*)\\b(ball|granule|sphere)\\b(.*)$`,
      'gi',
    ),
    (_, long = '', wire = '', between = '', what = '', after = '') =>
      `${what} from ${long} of ${wire}${told(between, after)}`,
  ],
  [/\btear[- ]drop/gi, 'teardrop'],
  [/\bhow (?:big|large|wide)(?: is)? (?=(?:an? )?(?:ball|granule|sphere)\b)/gi, 'what '],
  [/\bsize of (?:an? |the )?(?=granule|ball)/gi, ''],
  [/\b(granule|ball|snippet) size\b(?! (?:from|for|of)\b)/gi, '$1'],
  // Granule of 1.2 mm wire, 2 mm snippet.
  [/\b([\d.]+ ?mm) snippet\b(?! of)/gi, 'snippet $1'],
  [new RegExp(`\\b(granule|ball) from ([\\d.]+ ?mm) (${THIN}) wire\\b`, 'gi'), '$1 from $2 of $3 wire'],
  [
    new RegExp(
      `^(?:how much|length of|what length of) (${THIN}) wire (?:for|to make) (?:an? )?(${NUMBER} ?mm) (granule|ball)$`,
      'i',
    ),
    'granule $2 from $1 wire',
  ],
  [/\bpellets?\b/gi, 'granule'],
  [
    new RegExp(`^(\\d+ ?(?:ga|gauge)|[\\d.]+ ?mm) x ([\\d.]+ ?mm) (?:balled|melted)(?: up)?$`, 'i'),
    'ball from $2 of $1',
  ],
  [/\bwhat size (?=(?:ball|granule|sphere|disc|dome|blank)\b)/gi, 'what '],
  [
    new RegExp(`^([\\d.]+ ?mm) of (${THIN})(?: wire)?,? (ball|granule|sphere)\\b(.*)$`, 'gi'),
    (_, long = '', wire = '', what = '', after = '') => `${what} from ${long} of ${wire}${told(after)}`,
  ],
  [
    new RegExp(
      `^(\\d+ ?(?:ga|gauge)|[\\d.]+ ?mm) ([\\d.]+ ?mm) (?:melted|balled)(?: up)?(?: (?:in)?to an?)? (ball|granule|sphere)$`,
      'i',
    ),
    '$3 from $2 of $1',
  ],
  [/\b(granule|ball) size (?:from |for |of )?(?=\d.* of )/gi, '$1 from '],
  [
    new RegExp(
      `^(.*)\\bsnippets? of (${THIN})(?: round)?(?: wire)?\\b(.*?)\\b(?:for|gives?|makes?|to (?:make|get|give)) (?:an? )?(${NUMBER} ?mm) granules?\\b`,
      'i',
    ),
    (_, before = '', wire = '', between = '', granule = '') =>
      `granule ${granule} from ${wire} wire${told(before, between)}`,
  ],
  // Granules that are only weighed are balls.
  [/^(?!.*\b(?:from|snippets?)\b)(?=.*\bwe?igh)(.*)\bgranules?\b/gi, '$1balls'],
  [
    new RegExp(`^(.*)\\bball of (${NUMBER} ?mm) (?:from|with|out of) (${THIN}) (?:round )?wire\\b(.*)$`, 'i'),
    (_, before = '', ball = '', wire = '', after = '') =>
      `granule ${ball} from ${withMm(wire)} wire${told(before, after)}`,
  ],
];
