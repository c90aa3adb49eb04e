// What is cut, formed, heated, joined, filed and finished, and how often, counted by hand from each recipe: the cuts of
// its lengths, its seams, its ends, one pickle a heat. Common practice; docs/decisions/014-work-and-route.md.
import { expect, test } from 'vitest';
import { alloysWith } from '../metal/alloy.ts';
import { recipes } from './fixtures/recipes.ts';
import type { Piece } from './piece.ts';
import { routeTable } from './route-table.ts';
import { pieceFromStarter, starters } from './starters.ts';

const alloys = alloysWith([]);
type Counts = Readonly<Record<string, number>>;

/** Finishing of the whole piece, the same in most routes. */
const LEFT_OUT = new Set(['sand', 'polish', 'inspect']);

/** Counts by kind of work; what goes by the centimetre or the piece counts once a step. */
function countsOf(piece: Piece): Counts {
  const counts: Record<string, number> = {};
  for (const { kind, unit, count } of routeTable(piece, alloys)) {
    if (LEFT_OUT.has(kind)) continue;
    counts[kind] = (counts[kind] ?? 0) + (unit.startsWith('cm') ? 1 : count);
  }
  return counts;
}

const byHand: Readonly<Record<string, Counts>> = {
  // (410 − 2.2) ÷ 4.4: 93 links, wound, closed and fused; one pickle; a chain is tumbled.
  'fused chain': { wind: 93, true: 93, fuse: 93, pickle: 1, tumble: 1 },
  // Rings are cut once, where they are wound, and are too small to file.
  'soldered rings': { wind: 3, true: 3, solder: 3, pickle: 1, tumble: 1 },
  // Steel is brushed, never pickled; a wire on a face has no seam to file.
  'steel and silver, domed, with a soldered overlay': { cut: 1, saw: 1, dome: 1, solder: 1, brush: 1 },
  'bought blanks, textured and drilled': { wind: 2, link: 2, tumble: 1, pair: 1 },
  // 19.6 mm² to 14 mm² is less than half: one anneal, one pass.
  'forged bangle by volume': { cut: 1, anneal: 1, pickle: 1, forge: 1 },
  // Bezel seam and bezel on base are filed; the border of the base is trimmed once; two heats.
  'strip bezel with a stone': { cut: 1, saw: 1, form: 1, true: 1, solder: 2, pickle: 2, trim: 1, file: 2, set: 1 },
  'bezel made of rings': { wind: 15, tumble: 1 },
  // The holes of the halves are the vents; one flush after the only pickle.
  'hollow form with a vent': { saw: 1, dome: 2, drill: 2, solder: 1, pickle: 1, file: 1, neutralise: 1 },
  // Five cuts of tube and one pin; knuckles are never filed.
  'hinge of knuckles and a pin': { cut: 6, saw: 1, solder: 5, pickle: 1, neutralise: 1, rivet: 1 },
  // 16 links and 16 wraps of 7 turns; nothing is heated.
  'wrapped links in two metals': { cut: 32, form: 16, wrap: 112, tumble: 1 },
  // Each wire has one ball and one free end.
  'balled pins for ears': { cut: 2, ball: 2, pickle: 1, 'round-ends': 2, pair: 1 },
  'granules on a plate': { cut: 19, saw: 1, melt: 19, granulate: 19, pickle: 2 },
  // A pressed part is not annealed; its excess is trimmed.
  'pressed in a die, with trim': { saw: 1, press: 1, trim: 1 },
  // A bar is cut once and pressed without an anneal; its flash is trimmed.
  'pressed from a bar': { cut: 1, form: 1, press: 1, trim: 1 },
  // The border of the back is trimmed once, after the soldering that holds it.
  'cut as a rectangle, trimmed to an oval': {
    cut: 1,
    saw: 1,
    form: 1,
    true: 1,
    solder: 2,
    pickle: 2,
    file: 2,
    trim: 1,
  },
  // 430 ÷ 3.3: 131 loops; fused links are not filed.
  'woven chain': { cut: 131, form: 131, true: 131, fuse: 131, pickle: 1, tumble: 1 },
  // The new tip on the customer's spoon shows.
  'repair on a customer’s own object': { saw: 1, solder: 1, pickle: 1, file: 1 },
  // Platinum is kept out of the common pickle.
  'platinum by its own rules': { cut: 1, form: 1, true: 1, solder: 1, brush: 1, file: 1 },
  'twisted strands': { cut: 2, anneal: 1, pickle: 1, twist: 1 },
  'patterned strip by its weight': { cut: 1, form: 1 },
  // One wall, bent and closed at its corner, two faces on it; two heats; the border of both faces in one trimming.
  'hollow form cut and trimmed': {
    cut: 1, saw: 1, drill: 2, form: 1, true: 1, solder: 2, pickle: 2, file: 3, trim: 1, neutralise: 1,
  },
  'cast of grain': { melt: 1, pickle: 1 },
  'riveted and screwed, in three metals': { cut: 2, saw: 1, assemble: 1 },
  'a pair, left and right, of a sub-assembly': { cut: 2, saw: 1, melt: 2, solder: 2, pickle: 2, pair: 1 },

  'Plain band': { cut: 1, form: 1, true: 1, solder: 1, pickle: 1, file: 1 },
  'Patterned band': { cut: 1, roll: 1, straighten: 1, form: 1, true: 1, solder: 1, pickle: 1, file: 1 },
  // 2.2 mm wire is annealed; bezel and shank are closed in one heat; cup on shank is hidden.
  'Bezel ring': {
    cut: 2, saw: 1, anneal: 1, form: 2, true: 2, solder: 4, pickle: 4, file: 3, trim: 1, set: 1,
  },
  'Hoop earrings': { cut: 2, form: 2, 'round-ends': 4, pair: 1 },
  // A soldered post has one free end.
  'Disc studs': { cut: 2, saw: 1, texture: 2, solder: 2, pickle: 1, 'round-ends': 2, pair: 1 },
  // (460 − 2.4) ÷ 6: 77 rings and the ring of the clasp, which is threaded before the rings are shut.
  'Chain of soldered rings': { wind: 78, link: 1, true: 77, solder: 77, pickle: 1, tumble: 1 },
  // (430 − 2.6) ÷ 7: 62 links.
  'Chain of fused links': { wind: 62, true: 62, fuse: 62, pickle: 1, link: 1, tumble: 1 },
  Bangle: { cut: 1, anneal: 1, form: 1, true: 1, solder: 1, pickle: 2, file: 1 },
  Cuff: { cut: 1, texture: 1, form: 1, 'round-ends': 2 },
  'Disc pendant': { saw: 1, stamp: 1, wind: 1, drill: 1, link: 1 },
  // One vent; two heats, the loop closed and soldered on in one; only the seam of the domes is filed; one flush.
  'Hollow drop': {
    saw: 1,
    dome: 2,
    wind: 1,
    drill: 1,
    true: 1,
    solder: 3,
    pickle: 2,
    file: 1,
    neutralise: 1,
  },
  // Walls, pin and five cuts of tube; corner, two plates and five knuckles.
  'Hinged box': {
    cut: 7, saw: 1, form: 1, true: 1, solder: 7, pickle: 3, file: 3, trim: 1, 'saw-pattern': 1, neutralise: 1, rivet: 1,
  },
  'Riveted layers': { cut: 1, saw: 1, 'saw-pattern': 3, drill: 2, rivet: 1 },
  'Granulated stud': { cut: 16, saw: 1, melt: 14, granulate: 14, solder: 2, pickle: 3, 'round-ends': 2, pair: 1 },
  'Pressed charm': { saw: 1, press: 1, trim: 1, wind: 1, true: 1, solder: 2, pickle: 1 },
  'Two-metal brooch': { saw: 1, solder: 3, pickle: 2, patina: 1, wax: 1 },
  'Tie bar': { cut: 1, texture: 1, form: 1 },
  Spoon: { cut: 1, saw: 1, anneal: 1, dome: 1, forge: 1, solder: 1, pickle: 2, file: 1 },
  'Repair of a brooch pin': { cut: 1, form: 1, 'round-ends': 2, rivet: 1 },
}; // prettier-ignore

const pieces: readonly (readonly [string, Piece])[] = [
  ...recipes.map(({ kind, piece }) => [kind, piece] as const),
  ...starters.map((starter) => [starter.name, pieceFromStarter(starter, {}, alloys, () => 'x')] as const),
];

test('every recipe has a count by hand', () => {
  expect(pieces.map(([name]) => name).sort()).toEqual(Object.keys(byHand).sort());
  expect(pieces.length).toBeGreaterThanOrEqual(24);
});

test.each(pieces)('%s: each kind of work as often as counted by hand', (name, piece) => {
  expect(countsOf(piece)).toEqual(byHand[name]);
});
