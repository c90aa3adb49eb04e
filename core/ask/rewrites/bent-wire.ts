// Bangles, cuffs, chains, coils, jump rings and bezels.
import { LENGTH, type Rewrite, THIN, withMm } from './patterns.ts';

/** Tried in turn. */
export const bentWireRewrites: readonly Rewrite[] = [
  // 4.5 in 16 ga is a ratio, not inches.
  [/\b(aspect ratio|ratio|ar)(?: of| is| =|:)? ?(\d+(?:\.\d+)?) (?:in|with|for|on|of) (?=\d)/gi, '$1 $2 with '],
  [/^(?=.*\bchain\b)(.*\b(?:4[1-9]|[5-9]\d|\d{3,})) in (?=\d[\d.]* ?(?:mm|ga|gauge|swg)\b)/gi, '$1 '],
  [/\b(coil|spring) length (?!\d|is\b|of \d)/gi, '$1 '],
  [/^(?!.*\bchain\b)(.*)\b(oval|round) links?\b/gi, '$1chain $2 link'],
  [/^(?=.*\bhow many\b)(?=.*\brings\b)(.*)\b(?:bracelet|necklace)\b/gi, '$1chain'],
  [/^(?!.*\b(?:bangle|cuff|bracelet)s?\b)(?=.*\bwrist\b)/gi, 'cuff '],
  [
    /^(?!.*\bjump\b)(?=.*\bhow many\b)(?=.*\b(?:id|inside)\b)(?=.*\b(?:wire|ga|gauge)\b)(?=.*\b(?:from|out of)\b)(.*?)\brings\b/gi,
    '$1jump rings',
  ],
  [new RegExp(`\\bcuff (?:strip |blank )?(${LENGTH}) long\\b(?!.*\\bwide\\b)`, 'gi'), 'cuff from $1 blank'],
  // A flat blank of a cuff: 6 x 1 inch 18 ga.
  [
    /^(?!.*\b(?:inside|id|wrist|around|gap|opening|from)\b)(.*)\bcuff\b(?=.*\d ?(?:in|inch|"|mm|cm)? ?[x×] ?[\d.]+ ?(?:in|inch|"|mm|cm).*\d ?(?:ga|gauge|swg|awg)\b)/gi,
    '$1sheet',
  ],
  // Bezel wire for a stone, wire 0.4 mm thick.
  [/^(?=.*\b(?:stones?|cab)\b)(.*\bbezel) (?:wire|strip)s?\b/gi, '$1'],
  [/\b(?:wire|strip),? (?=[\d.]+ ?(?:mm|cm|in|ga|gauge)? thick\b)/gi, ''],
  [
    /\blinks (?:of )?([\d.]+) ?mm ?[x×] ?([\d.]+)(?: ?mm)?(?! ?[\d.x×])/gi,
    (found, inside = '', wire = '') =>
      Number(wire) * 3 < Number(inside) ? `links ${inside} mm inside ${wire} mm wire` : found,
  ],
  [/(\d) in (?=twist)/gi, '$1 inch '],
  // Jump rings x 50 1/4 in are fifty.
  [/\b(jump rings?) ?x ?(\d+) (?=\d\/\d)/gi, '$1 $2 pieces '],
  [/^(?=.*\btwist)(.*\bhow long) to cut\b/gi, '$1'],
  [/\bpin length (?=for|of)/gi, 'length '],
  [/^(?!.*\bhinge\b)(?=.*\bknuckles\b)(.*)\bknuckle (?:length|size|width)\b/gi, '$1hinge'],
  [/^(?!.*\bhinge\b)(?=.*\d knuckles?\b)/gi, 'hinge '],
  [/^(?!.*\b(?:twist|braid|plait))(?=.*\bstrands?\b)(?=.*\bturns? (?:per|an?|\/))/gi, 'twist '],
  [/\bto (?=twist)/gi, ''],
  [/^(?=.*\btwist)(.*?)\bto (?=[\d.]+ ?(?:mm|cm|m|in|ft)\b)/gi, '$1'],
  [/\b(bangle|bracelet|cuff) sizes?\b/gi, '$1'],
  [/^(?!.*\bchain\b)(.*\d+) links\b/gi, '$1 jump rings'],
  [/^rings (?=(?:of .*\b(?:id|inside) )?from\b)(?=.*\b(?:id|inside)\b)/gi, 'jump rings '],
  [
    /^(?!.*\bjump\b)(?=.*\b(?:wire|ga|gauge|swg)\b)(?=.*\b(?:id|od|inside|outside|mandrel|inner)\b)(.*\b(?:how many|\d{2,}) )rings\b/gi,
    '$1jump rings',
  ],
  [/\bspring\b(?=.*\bturns?\b)/gi, 'wrap'],
  [/^(?!how many)(.*\bjump rings?\b.*) per (ounce|oz|ozt|gram|g|kg)\b/gi, '$1 from 1 $2'],
  [/^(?=.*\b(?:bangles?|cuffs?|bezels?|stone|cab|hoops?)\b)(.*\d{2,}) in (?=\d[\d.]* ?(?:mm|ga|gauge|swg)\b)/gi, '$1 '],
  [/^(?=.*\blinks?\b)(.*)\b(?:bracelet|necklace)\b/gi, '$1chain'],
  [
    /\bstrip to (?:go|fit|wrap|bend) (?:a?round) (?:an? )?(.*?) (?:disc|disk|circle|stone|cab)\b/gi,
    'bezel for $1 round',
  ],
  // A coil on a mandrel is a wrap on a core.
  [
    new RegExp(
      `^(?=.*\\bturns?\\b)(.*?)(?:\\b(?:on|round|around|over) (?:an? )?)?(${THIN}) (?:mandrel|rod|dowel|former|pin|bar)\\b`,
      'i',
    ),
    (_, before = '', size = '') => `${before.replace(/\bcoils?\b/i, 'wrap')} ${withMm(size)} core`,
  ],
  [/\bcoils?\b(?=.*\bturns?\b)/gi, 'wrap'],
  [/^(?!.*\b(?:wrap|twist))(?=.*\bcore\b)(?=.*\bturns?\b)/gi, 'wrap '],
  [/\b(\d+) (?:pieces (?:of )?)?hoops\b/gi, '$1 rings hoop'],
  [/^(?!.*\brings\b)(.*\bhoops?\b.*)\bpair\b/gi, '2 rings $1'],
  [/\b((?:bangle|cuff)s?\b.*?(?:[x×]|by) ?[\d.]+ ?(?:mm|cm|in)) inside(?: in)?\b/gi, '$1'],
  // A chain of jump rings is one of links.
  [/\bchain\b(.*)\bjump ?rings?\b/gi, 'chain$1links'],
  // Flat blanks of a cuff or a ring: three sides, nothing to bend yet.
  [/\bcuff (?=blanks?\b)(?!.*\b(?:wrist|gap|opening|inside|around)\b)|\bcuff(?=.*\blong\b.*\bwide\b)/gi, 'sheet '],
  [/\b(wrap(?:ped)?\b.*?)\b(?:around|round|on) (?:an? )?(?=\d)(?!.*\bcore\b)/gi, '$1core '],
  [
    /\bbezel (?:strips?|wires?) (?=(?:for|round|around|lengths?|needed|to cut|[\d.]+ ?[x×] ?[\d.]+ (?:mm )?(?:oval|round|pear|cushion))\b)/gi,
    'bezel ',
  ],
];
