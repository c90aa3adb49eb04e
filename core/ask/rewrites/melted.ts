// Balls, granules and domes.
import { NUMBER, type Rewrite, THIN, withMm } from './patterns.ts';

/** Tried in turn. */
export const meltedRewrites: readonly Rewrite[] = [
  [/\b(?:raise|sink) (?=(?:an? |the )?(?:bowl|dome)\b)/gi, ''],
  // A bowl of a disc is a dome.
  [/^(?=.*\bdis[ck]\b)(?=.*\b(?:deep|high|height|depth)\b)(.*)\bbowl\b/gi, '$1dome'],
  // A cut-off end of wire melts to a granule.
  [
    /^(?=.*\b(?:granules?|balls?)\b)(.*\bfrom )(?:an? )?([\d.]+ ?mm) (?:bits?|chips?|clippings?|pallions?|offcuts?|scraps?|pieces?|lengths?|snippets?) of\b/gi,
    '$1$2 of',
  ],
  [
    new RegExp(
      `^([\\d.]+ ?mm) of (${THIN})(?: wire)?,? (?:is |when )?(?:melted|melts|balled|balls|makes|gives).*\\b(ball|granule|sphere)\\b.*$`,
      'gi',
    ),
    '$3 from $1 of $2',
  ],
  [/\bwhat size (?=(?:ball|granule|sphere|disc|dome|blank)\b)/gi, 'what '],
  [new RegExp(`^([\\d.]+ ?mm) of (${THIN})(?: wire)?,? (ball|granule|sphere)\\b.*$`, 'gi'), '$3 from $1 of $2'],
  [/\b(granule|ball) size (?:from |for |of )?(?=\d.* of )/gi, '$1 from '],
  [
    new RegExp(
      `^.*\\bsnippets? of (${THIN})(?: round)?(?: wire)?\\b.*?\\bfor (?:an? )?(${NUMBER} ?mm) granules?\\b`,
      'i',
    ),
    'granule $2 from $1 wire',
  ],
  // Granules that are only weighed are balls.
  [/^(?!.*\b(?:from|snippets?)\b)(?=.*\bwe?igh)(.*)\bgranules?\b/gi, '$1balls'],
  [
    new RegExp(`^.*\\bball of (${NUMBER} ?mm) (?:from|with|out of) (${THIN}) (?:round )?wire\\b.*$`, 'i'),
    (_, ball = '', wire = '') => `granule ${ball} from ${withMm(wire)} wire`,
  ],
];
