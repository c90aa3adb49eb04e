// Short forms that makers write, in full: `sz`, `rnd`, `14ky`, `qty 12`, `Ø`.

const words: Readonly<Record<string, string>> = {
  ster: 'sterling', fs: 'fine silver', cu: 'copper', ag: 'silver', au: 'gold', yg: 'yellow gold', wg: 'white gold', rg: 'rose gold',
  sz: 'size', rnd: 'round', rd: 'round', hr: 'half-round', hrd: 'half-round', sq: 'square', tri: 'triangle', rect: 'rectangular',
  thk: 'thick', lg: 'long', lgth: 'length', len: 'length', jr: 'jump ring', jrs: 'jump rings', ea: 'each', guage: 'gauge', circ: 'circumference',
  hh: 'half hard', ds: 'dead soft', fh: 'full hard', qty: 'quantity', approx: 'about', dwts: 'dwt', ozs: 'oz', diam: 'diameter', cabs: 'cab', pr: 'pair', prs: 'pairs',
}; // prettier-ignore
const WORD = new RegExp(`\\b(${Object.keys(words).join('|')})\\b(?!\\d)`, 'gi');
const colours: Readonly<Record<string, string>> = { y: 'yellow', w: 'white', r: 'rose', p: 'rose' };
const sides: Readonly<Record<string, string>> = { l: 'long', w: 'wide', h: 'high', t: 'thick' };
const UNIT = '(?:mm|cm|m|in|inch|inches|"|ga|gauge)';

/** A line with its short forms written out. */
export function withoutAbbreviations(line: string): string {
  const own = line
    .replace(/\bi\. ?d\.?(?=\s|\d|$)/gi, 'id')
    .replace(/\bo\. ?d\.?(?=\s|\d|$)/gi, 'od')
    .replace(/\b(what|how|where|it|that)['’]s\b/gi, '$1 is')
    .replace(/\b(?:oz\.? ?t|t ?oz|troy oz|oz troy|troy ounces?|ounces? troy)\b/gi, 'ozt')
    .replace(/\b(\d+(?:\.\d+)?) ?(?:yards?|yds?)\b/gi, (_, yards: string) => `${String(Number(yards) * 3)} ft`)
    .replace(/(?<=\d|\b)\s*(?:cubic (?:cm|cent\w+)|cu\.? cm|cm3|cm³|cm\^3)/gi, ' cc')
    .replace(/(?<=\d|\b)\s*(?:cubic (?:mm|millim\w+)|mm3|mm³|mm\^3)/gi, ' cumm')
    .replace(/(?<=\d|\b)\s*(?:cubic in(?:ch(?:es)?)?|cu\.? in(?:ch(?:es)?)?|in3|in³|in\^3)(?![a-z])/gi, ' cuin')
    .replace(/[øØ⌀]/g, ' diameter ')
    .replace(/\s*(?:->|=>|→|⇒)\s*/g, ' to ')
    // 14ky, 18 kt wg.
    .replace(
      /\b(\d{1,2}) ?(?:kt?|ct) ?([ywrp])g?\b/gi,
      (_, karat: string, colour: string) => `${karat}k ${colours[colour.toLowerCase()] ?? ''} gold`,
    )
    .replace(/\bq(?:ty|uantity)\.?(?: of|:|=)? ?(\d+)\b/gi, '$1 pieces')
    .replace(/\b(\d+)x (?=\d)/gi, '$1 pieces ')
    // Grams in a mm.
    .replace(/(?<![\d.] ?)\b(?:g|grams?)\/(mm|cm|m|ft|foot|in|inch)\b/gi, 'weight per $1')
    .replace(new RegExp(`= ?\\??(${UNIT}|g|grams?|ozt|oz|dwt|k|karat)\\??\\s*$`, 'i'), 'in $1')
    .replace(WORD, (word) => words[word.toLowerCase()] ?? word);
  if (/\b(?:rings?|size|uk|us|band)\b/i.test(own)) return own;
  // L 200 mm, W=5 mm.
  return own.replace(
    new RegExp(`\\b([lwht])[ =:]{0,2}(\\d[\\d.,/]* ?${UNIT})`, 'gi'),
    (_, side: string, size: string) => `${size} ${sides[side.toLowerCase()] ?? ''}`,
  );
}
