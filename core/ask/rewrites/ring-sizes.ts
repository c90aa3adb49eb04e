// Ring sizes: resizing, conversions, fingers.
import { LENGTH, NUMBER, type Rewrite, told } from './patterns.ts';

/** Tried in turn. */
export const ringSizesRewrites: readonly Rewrite[] = [
  // Length to put in or take out between two sizes. What else the line says stays in it.
  [
    /^(?=.*\b(?:longer|shorter|length|add|remove|take out|cut out|metal)\b)(.*)\bsize (\d+(?:\.\d+)?)\b(.*?)\b(\d+(?:\.\d+)?) sizes? (bigger|larger|up|smaller|down)\b(.*)$/gi,
    (_, before = '', size = '', between = '', by = '', way = '', after = '') =>
      `difference inside circumference size ${size} vs size ${String(Number(size) + (/^(?:small|down)/i.test(way) ? -1 : 1) * Number(by))}${told(before, between, after)}`,
  ],
  [
    /^(?=.*\b(?:longer|shorter|length|circumference|around|add|remove|take out|cut out|metal)\b)(.*)\bsiz(?:e|es|ed|ing)(?: it)?(?: up| down)?(?: from)?(?: size)? (\d+(?:\.\d+)?) (?:to|and|vs|than) (?:an? )?(?:us )?(?:size )?(\d+(?:\.\d+)?)(?! ?(?:mm|ga|gauge|x|×))\b(.*)$/gi,
    (_, before = '', one = '', other = '', after = '') =>
      `difference inside circumference size ${one} vs size ${other}${told(before, after)}`,
  ],
  [
    /\bresiz(?:e|ed|ing)\b(?: an?)?(?: (?:ring|band))?(?: from)?(?: (?:size|us|uk))? ([a-z\d][\d./½¼¾ ]*?)(?: up| down)? to (?:(?:size|us|uk) )?([a-z\d][\d./½¼¾]*)\b/gi,
    'difference inside circumference size $1 vs size $2',
  ],
  // A finger is measured round.
  [new RegExp(`\\bfinger(?: is| measures| of| size)? (${LENGTH})(?: round| around)?`, 'gi'), 'ring circumference $1'],
  [new RegExp(`\\b(?:an? )?(${LENGTH}) finger\\b(?! (?:size|ring))`, 'gi'), 'ring circumference $1'],
  [/^(how much longer\b.*\bsize\b(?!.*\d ?(?:mm|ga|gauge)\b).*)$/gi, 'circumference $1'],
  [
    /\bdifference between (?:an? )?((?:us|uk|iso|eu|jp|japanese|size) [a-z\d.]+) and (?:an? )?((?:us |uk |iso |size )?[a-z\d.]+)(?: in)? (?:length|circumference)\b/gi,
    'difference inside circumference $1 vs $2',
  ],
  [
    /\b(?:an? )?((?:4\d|5\d|6\d|7[0-6])(?:\.\d)?) ring(?=$|\?| (?:in|to) (?:us|uk|iso|jp|japanese)\b)/gi,
    'ring size iso $1',
  ],
  [/^(?:ring|ring blank|flat ring) (?=.*\b(?:od|outside|outer)\b)(?=.*\b(?:id|inside|inner)\b)/gi, 'washer '],
  [/\b(us|uk|iso|size) (\d+(?:\.\d+)?),? (grams|ounces)\b/gi, '$1 $2 in $3'],
  [/^([a-z](?:½| 1\/2)?) (?:in|to) (us|iso|eu|jp|japanese)(?: size)?\??$/gi, 'uk $1 in $2'],
  [/^(us|jp|japanese) (\d{1,2}(?:\.\d+)?) mm$/gi, '$1 $2 in mm'],
  [/\b(\d+) of size\b/gi, '$1 rings size'],
  [/\b(size|sizes|us|iso|eu|jp|japanese) (\d[\d.]*) in (?=\d)/gi, '$1 $2 '],
  [/^(?=.*\b(?:sizes?|us|uk|iso|eu|jp|japanese)\b)(.*\d) in (?=\d[\d.]* ?(?:mm|ga|gauge|swg)\b)/gi, '$1 '],
  [/^what size in (uk|us|iso|eu) (?:is|for) (.+?)\??$/gi, '$2 in $1'],
  // A bare number beside another scale is a US size.
  [/\bsize (\d\d?(?:\.\d+| 1\/2)?) (?:ring )?(in|to) (uk|iso|eu|jp|japanese)\b/gi, 'size us $1 $2 $3'],
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
  [/\b(us|uk|iso|eu|japanese) (?:size )?equivalent (?:of|to|for) (.+)$/gi, '$2 in $1'],
  [/^(?:what|which) (us|uk|iso|eu|japanese) size (?:is|equals|=) (.+?)\??$/gi, '$2 in $1'],
  [/\b(?:what|which) (us|uk|iso|eu|japanese) size\b/gi, 'in $1'],
  [/\bring blank(?= [\d.]+(?: ?mm)? ?[x×] ?[\d.]+(?: ?mm)? ?[x×])/gi, 'sheet'],
];
