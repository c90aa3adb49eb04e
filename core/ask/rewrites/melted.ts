// Balls, granules and domes.
import { NUMBER, type Rewrite, THIN, told, withMm } from './patterns.ts';

/** Tried in turn. */
export const meltedRewrites: readonly Rewrite[] = [
  [/\b(?:raise|sink) (?=(?:an? |the )?(?:bowl|dome)\b)/gi, ''],
  // A bowl of a disc is a dome.
  [/^(?=.*\bdis[ck]\b)(?=.*\b(?:deep|high|height|depth)\b)(.*)\bbowl\b/gi, '$1dome'],
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
  [/\bwhat size (?=(?:ball|granule|sphere|disc|dome|blank)\b)/gi, 'what '],
  [
    new RegExp(`^([\\d.]+ ?mm) of (${THIN})(?: wire)?,? (ball|granule|sphere)\\b(.*)$`, 'gi'),
    (_, long = '', wire = '', what = '', after = '') => `${what} from ${long} of ${wire}${told(after)}`,
  ],
  [/\b(granule|ball) size (?:from |for |of )?(?=\d.* of )/gi, '$1 from '],
  [
    new RegExp(
      `^(.*)\\bsnippets? of (${THIN})(?: round)?(?: wire)?\\b(.*?)\\bfor (?:an? )?(${NUMBER} ?mm) granules?\\b`,
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
