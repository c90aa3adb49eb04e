import { describe, expect, test } from 'vitest';
import { alloysWith } from '../metal/alloy.ts';
import { benchCheckAll, standing } from './checks/bench-check.ts';
import { computeRecipe } from './compute-recipe.ts';
import { discBlank, pieceOf, ring, sheet, type Sketch, straightBlank, wire } from './fixtures/check.ts';
import { recipes } from './fixtures/recipes.ts';
import type { Piece } from './piece.ts';
import { proposeRoute } from './propose-route.ts';
import { changeInWords, routeChanges, routeOffers, withChanges } from './route.ts';
import { routeTable } from './route-table.ts';

const alloys = alloysWith([]);
let next = 0;
const newId = () => `new-${String((next += 1))}`;
const namesFor = (sketch: Sketch | Piece) =>
  proposeRoute(computeRecipe(pieceOf(sketch), alloys)).map(({ name }) => name);
/** The piece with all that is offered taken. */
const routed = (piece: Piece): Piece => ({
  ...piece,
  steps: withChanges(piece.steps, routeChanges(computeRecipe(piece, alloys)), newId),
});
const offered = (piece: Piece) => routeChanges(computeRecipe(piece, alloys)).map(changeInWords);

const brooch = pieceOf({
  parts: [
    { id: 'dial', section: sheet(), blank: discBlank, hole: '1.2 mm' },
    { id: 'rim', section: wire('2 mm'), blank: { rule: 'ring-band', system: 'mm', size: '20 mm' } },
  ],
  findings: [{ id: 'stone', name: 'stone', kind: 'stone' }],
  joins: [
    { id: 'shut', name: 'the rim', parts: ['rim'] },
    { id: 'on', name: 'rim to dial', parts: ['rim', 'dial'], solder: 'silver-medium', form: 'seam', amount: '60 mm' },
    { id: 'set', name: 'the stone', kind: 'set', parts: ['stone', 'dial'] },
  ],
});

describe('a suggested route', () => {
  test('goes cut, form, drill, then each join with its pickle and filing, then finish and inspect', () => {
    expect(namesFor(brooch)).toEqual([
      'Cut the lengths',
      'Saw the blanks',
      'Anneal rim',
      'Pickle after annealing',
      'Bend rim',
      'Drill dial',
      'Close the seams of rim',
      'Solder the rim',
      'Pickle the rim',
      'File the rim',
      'Solder rim to dial',
      'Pickle rim to dial',
      'File rim to dial',
      'Sand',
      'Set the stone',
      'Polish',
      'Inspect and weigh',
    ]);
  });

  test('is empty for an empty recipe', () => {
    expect(proposeRoute(computeRecipe(pieceOf({}), alloys))).toEqual([]);
  });

  test('brushes steel, flushes a hinge, and makes no bought part', () => {
    const steel = { id: 'p', alloy: 'steel-low-carbon', section: sheet(), blank: discBlank };
    expect(namesFor({ parts: [steel], joins: [{ id: 'j', name: 'on', parts: ['p'] }] })).toContain('Brush on clean');
    const knuckles = {
      id: 'k',
      section: { form: 'tube', outside: '2 mm', wall: '0.4 mm' },
      blank: { rule: 'knuckles', width: '9 mm', knuckles: '3' },
    } as const;
    expect(namesFor({ parts: [knuckles], joins: [{ id: 'j', name: 'on', parts: ['k'] }] })).toContain(
      'Flush k, boil out in bicarbonate',
    );
    expect(namesFor({ parts: [{ id: 'r', section: wire(), blank: ring('4 mm'), bought: true }] })).toEqual([
      'Tumble',
      'Inspect and weigh',
    ]);
  });

  test('anneals between the passes of a section that shrinks to a fifth', () => {
    const bar = {
      id: 'bar',
      section: wire('4 mm'),
      blank: { rule: 'worked', length: '80 mm', width: '5 mm', thickness: '0.5 mm' },
    } as const;
    expect(namesFor({ parts: [bar] }).filter((name) => /Anneal|Forge/.test(name))).toEqual([
      'Anneal bar',
      'Forge bar, pass 1',
      'Anneal bar',
      'Forge bar, pass 2',
      'Anneal bar again',
      'Forge bar',
    ]);
  });

  test.each(recipes.map(({ kind, piece }) => [kind, piece] as const))(
    'of %s suggests nothing more once applied, and raises no stop',
    (_kind, piece) => {
      const made = routed(piece);
      expect(made.steps.length).toBeGreaterThan(0);
      expect(offered(made)).toEqual([]);
      expect(standing(benchCheckAll(made, alloys, 'GB'))).toEqual([]);
      expect(made.steps.map(({ name }) => name)).toEqual(namesFor(piece));
    },
  );
});

const THE_RIM = ['Close the seams of', 'Solder the', 'Pickle the', 'File the'].map((what) => `Delete “${what} rim”`);

describe('a changed recipe', () => {
  const made = routed(brooch);

  test('with one more part adds its steps where they belong', () => {
    const more = {
      ...made,
      parts: [...made.parts, ...pieceOf({ parts: [{ id: 'bail', section: wire(), blank: ring('5 mm') }] }).parts],
    };
    expect(offered(more)).toEqual([
      'Add “Wind and cut bail”',
      'Change “Sand” to the recipe',
      'Change “Polish” to the recipe',
    ]);
    const names = routed(more).steps.map(({ name }) => name);
    expect(names.indexOf('Wind and cut bail')).toBe(names.indexOf('Bend rim') + 1);
  });

  test('with one join less removes its steps', () => {
    const less = { ...made, joins: made.joins.filter(({ id }) => id !== 'shut') };
    expect(offered(less)).toEqual(THE_RIM);
  });

  test('with a renamed part renames its steps', () => {
    const renamed = {
      ...made,
      parts: made.parts.map((part) => (part.id === 'rim' ? { ...part, name: 'hoop' } : part)),
    };
    expect(offered(renamed)).toEqual([
      'Call “Anneal rim” “Anneal hoop”',
      'Call “Bend rim” “Bend hoop”',
      'Call “Close the seams of rim” “Close the seams of hoop”',
    ]);
  });

  test('never changes a step edited by hand, and does not repeat a declined one', () => {
    const steps = made.steps.map((step) => (step.name === 'Bend rim' ? { ...step, each: '9', byHand: true } : step));
    const gone = { ...made, steps, parts: made.parts.filter(({ id }) => id !== 'rim'), joins: [] };
    expect(offered(gone).some((words) => words.includes('Bend rim'))).toBe(false);
    const unwanted = { ...made, steps: made.steps.filter(({ from }) => from !== 'polish'), declined: ['polish'] };
    expect(offered(unwanted)).toEqual([]);
  });

  test('in another size keeps its steps as typed', () => {
    const sized = {
      ...made,
      parts: made.parts.map((part) =>
        part.id === 'dial' ? { ...part, blank: { rule: 'disc', diameter: 'across' } as const } : part,
      ),
      steps: made.steps.map((step) => (step.from === 'cut' ? { ...step, each: 'across / 20 mm', byHand: true } : step)),
      sizes: {
        parameters: [{ id: 'a', name: 'across' }],
        rows: [{ id: 's', name: 'small', values: { a: '20 mm' } }],
        price: 'each' as const,
        patterns: [],
      },
      joins: made.joins.filter(({ id }) => id !== 'shut'),
    };
    const offers = routeOffers(sized, alloys);
    expect(offers.map(changeInWords)).toEqual(THE_RIM);
    expect(withChanges(sized.steps, offers, newId)[0]?.each).toBe('across / 20 mm');
  });

  test('does not repeat steps that the maker wrote', () => {
    const own = pieceOf({
      parts: [{ id: 'p', section: wire(), blank: straightBlank }],
      steps: ['Saw to length', 'Sand', 'Polish', 'Inspect'],
    });
    expect(offered(own)).toEqual([]);
  });
});

test('a join whose name says the work is not given a verb twice', () => {
  const sketch: Sketch = {
    parts: [
      { id: 'cup', name: 'Cup', section: sheet('0.5 mm'), blank: discBlank },
      { id: 'links', name: 'Links', section: wire(), blank: straightBlank },
    ],
    findings: [{ id: 'stone', name: 'Stone', kind: 'stone' }],
    joins: [
      { id: 'set', name: 'set the stone', kind: 'set', parts: ['cup', 'stone'] },
      { id: 'fuse', name: 'Fuse the links', kind: 'fuse', parts: ['links'] },
    ],
  };
  const names = proposeRoute(computeRecipe(pieceOf(sketch), alloysWith([]))).map(({ name }) => name);
  expect(names).toContain('Set the stone');
  expect(names).toContain('Fuse the links');
  expect(names.join()).not.toMatch(/set set|fuse fuse|pickle fuse/i);
});

test('a part that is blackened before it is riveted on is polished before, not after', () => {
  const sketch: Sketch = {
    parts: [
      { id: 'disc', name: 'Disc', alloy: 'steel-low-carbon', section: sheet(), blank: discBlank, hole: '1.6 mm' },
      { id: 'pin', name: 'Pin', section: wire('1.6 mm'), blank: straightBlank },
    ],
    joins: [{ id: 'r', name: 'layers', kind: 'rivet', parts: ['pin', 'disc'] }],
    work: [{ id: 'k', name: 'Blacken', on: 'disc' }],
  };
  const names = namesFor(sketch);
  expect(names.indexOf('Polish')).toBeLessThan(names.indexOf('Blacken: disc'));
  expect(names.indexOf('Blacken: disc')).toBeLessThan(names.indexOf('Rivet layers'));
});

describe('work stands where it can be done', () => {
  const kindsFor = (sketch: Sketch) => proposeRoute(computeRecipe(pieceOf(sketch), alloys)).map(({ kind }) => kind);

  test('a forged bar is bent round before its ends are closed', () => {
    const names = namesFor({
      parts: [
        {
          id: 'bar',
          section: { form: 'square', side: '3 mm' },
          blank: { rule: 'worked', length: '205 mm', width: '4 mm', thickness: '2 mm' },
        },
      ],
      joins: [{ id: 'seam', name: 'seam', parts: ['bar'] }],
    });
    const wanted = ['Forge bar', 'Bend bar', 'Close the seams of bar', 'Solder seam'];
    expect(names.filter((name) => wanted.includes(name))).toEqual(wanted);
  });

  test('a part is domed after its flat overlay is soldered on, and sanded before it is joined', () => {
    const kinds = kindsFor({
      parts: [
        { id: 'base', section: sheet(), blank: discBlank },
        { id: 'wave', section: sheet(), blank: discBlank },
      ],
      joins: [{ id: 'on', name: 'wave on', parts: ['base', 'wave'], form: 'sweat', amount: '90' }],
      work: [
        { id: 'd', name: 'Dome', on: 'base' },
        { id: 's', name: 'Sand both sides', on: 'base' },
      ],
    });
    expect(kinds.indexOf('sand')).toBeLessThan(kinds.indexOf('solder'));
    expect(kinds.indexOf('dome')).toBeGreaterThan(kinds.indexOf('solder'));
  });

  test('links are not named twice', () => {
    const chain = {
      id: 'links',
      section: wire('1 mm'),
      blank: { rule: 'chain', length: '90 mm', inside: '5 mm' },
    } as const;
    expect(namesFor({ parts: [chain] })[0]).toBe('Wind and cut links');
    expect(namesFor({ parts: [{ ...chain, id: 'anchor' }] })[0]).toBe('Wind and cut links for anchor');
  });
});

test('rings that were all linked are not closed a second time before they are soldered', () => {
  const chain = {
    id: 'rings',
    section: wire('1 mm'),
    blank: { rule: 'chain', length: '90 mm', inside: '5 mm' },
  } as const;
  const solder = { id: 's', name: 'Solder rings', parts: ['rings'], count: 'rings' };
  const link = { id: 'l', name: 'Link rings', kind: 'link' as const, parts: ['rings'], count: 'rings' };
  const names = (joins: Sketch['joins']) => namesFor({ parts: [chain], ...(joins && { joins }) });
  expect(names([link, solder])).not.toContain('Close the seams of rings');
  expect(names([solder])).toContain('Close the seams of rings');
});

test('a forged fork is planished after the forging, and its ends are rounded before it is sanded', () => {
  const names = namesFor({
    parts: [
      {
        id: 'fork',
        section: wire('4 mm'),
        blank: { rule: 'worked', length: '230 mm', width: '5 mm', thickness: '2 mm' },
      },
    ],
    work: [
      { id: 'p', name: 'Planish', on: 'fork' },
      { id: 'r', name: 'Round the ends', on: 'fork' },
    ],
  });
  const wanted = ['Forge fork', 'Planish: fork', 'Round the ends: fork', 'Sand'];
  expect(names.filter((name) => wanted.includes(name))).toEqual(wanted);
});

test('what is done to an old piece comes before the join that repairs it', () => {
  const sketch: Sketch = {
    parts: [{ id: 'pin', section: wire('1 mm'), blank: straightBlank }],
    findings: [{ id: 'old', name: 'Brooch', kind: 'customer' }],
    joins: [{ id: 'h', name: 'hinge', parts: ['old', 'pin'] }],
    work: [
      { id: 'a', name: 'Remove the old pin', on: 'old' },
      { id: 't', name: 'Test for solder', on: 'old' },
    ],
  };
  const names = namesFor(sketch);
  expect(names.indexOf('Remove the old pin: brooch')).toBeLessThan(names.indexOf('Solder hinge'));
  expect(names.filter((name) => name.startsWith('Pickle'))).toHaveLength(1);
});

test('filing of a part is counted by parts, filing of a join by its seams', () => {
  const table = routeTable(
    pieceOf({
      parts: [{ id: 'bar', section: wire('3 mm'), blank: straightBlank, count: '4' }],
      work: [{ id: 'f', name: 'File the edges', on: 'bar' }],
    }),
    alloys,
  );
  expect(table.find(({ kind }) => kind === 'file')?.count).toBe(4);
});
