// Rules that every proposed route keeps, on all recipes and starters (common practice).
import { expect, test } from 'vitest';
import { alloysWith } from '../metal/alloy.ts';
import { workKinds } from '../work/work-kinds.ts';
import { computeRecipe } from './compute-recipe.ts';
import { recipes } from './fixtures/recipes.ts';
import { isHot } from './join.ts';
import { findingSchema, type Piece } from './piece.ts';
import { pieceInSize } from './piece-in-size.ts';
import { type Proposal, proposeRoute } from './propose-route.ts';
import { routeTable } from './route-table.ts';
import { membersOf } from './scope.ts';
import { pieceFromStarter, starters } from './starters.ts';
import { isHeat, type StepKind, stepKindOf, targetsOf } from './step.ts';
import { workRowSchema } from './work-row.ts';

const alloys = alloysWith([]);
const pieces = [
  ...recipes.map(({ kind, piece }) => [kind, piece] as const),
  ...starters.map((starter) => {
    const piece = pieceFromStarter(starter, {}, alloys, () => 'x');
    return [starter.name, pieceInSize(piece, piece.sizes.rows[0]!)] as const;
  }),
];
const routeOf = (piece: Piece) => proposeRoute(computeRecipe(piece, alloys));
const kindsOf = (steps: readonly Proposal[]) => steps.map(stepKindOf);
const CUTTING: readonly StepKind[] = ['cut', 'saw', 'wind'];
const CLEANING: readonly StepKind[] = ['pickle', 'brush'];

test.each(pieces)('%s: each made part is cut exactly once', (_name, piece) => {
  const steps = routeOf(piece);
  for (const { id, bought, section } of piece.parts) {
    if (bought || section.form === 'grain') continue;
    const cuts = steps.filter((step) => CUTTING.includes(stepKindOf(step)) && targetsOf(step).includes(id));
    expect(cuts.map(({ name }) => name)).toHaveLength(1);
  }
});

test.each(pieces)('%s: each join is made once, in the maker’s order, and filed at most once', (_name, piece) => {
  const steps = routeOf(piece);
  const made = steps.flatMap(({ from }) => (from.startsWith('join:') ? from.slice(5) : []));
  expect(made).toEqual(piece.joins.map(({ id }) => id));
  for (const join of piece.joins) {
    const filed = steps.filter((step) => stepKindOf(step) === 'file' && targetsOf(step).includes(join.id));
    expect(filed.length).toBeLessThanOrEqual(join.kind === 'solder' ? 1 : 0);
  }
});

test.each(pieces)('%s: every heat is followed by a pickle or its substitute before the next join', (_name, piece) => {
  const steps = routeOf(piece);
  steps.forEach((step, index) => {
    if (!isHeat(stepKindOf(step))) return;
    const after = steps.slice(index + 1);
    const clean = after.findIndex((each) => CLEANING.includes(stepKindOf(each)));
    const sameHeat = (each: Proposal) =>
      piece.joins.some((join) => each.from === `join:${join.id}` && join.sameHeat && isHot(join));
    const join = after.findIndex((each) => each.from.startsWith('join:') && !sameHeat(each));
    expect(clean, step.name).toBeGreaterThanOrEqual(0);
    if (join >= 0) expect(clean, step.name).toBeLessThan(join);
  });
});

test.each(pieces)('%s: no heat after stones, patina, plating or polishing', (_name, piece) => {
  const kinds = kindsOf(routeOf(piece));
  const spoilt = kinds.findIndex((kind) => ['set', 'patina', 'plate', 'wax', 'polish'].includes(kind));
  if (spoilt >= 0) expect(kinds.slice(spoilt).filter(isHeat)).toEqual([]);
});

test.each(pieces)('%s: each hollow is flushed once, after its last pickle', (_name, piece) => {
  const steps = routeOf(piece);
  const flushes = steps.flatMap((step, index) =>
    stepKindOf(step) === 'neutralise' ? targetsOf(step).map((id) => ({ id, index })) : [],
  );
  expect(new Set(flushes.map(({ id }) => id)).size).toBe(flushes.length);
  for (const { id, index } of flushes) {
    const members = membersOf(id, piece);
    const joins = piece.joins.filter((join) =>
      join.parts.some((part) => membersOf(part, piece).some((own) => members.includes(own))),
    );
    const later = steps
      .slice(index + 1)
      .filter((step) => stepKindOf(step) === 'pickle' && joins.some((join) => targetsOf(step).includes(join.id)));
    expect(later).toEqual([]);
  }
});

test.each(pieces)(
  '%s: every step leads back to a row of the recipe, and every row of work is there',
  (_name, piece) => {
    const lines = routeTable(piece, alloys);
    for (const line of lines) expect(line.from, line.name).not.toEqual([]);
    const from = new Set(lines.flatMap((line) => line.from));
    piece.work.forEach((_, index) => expect(from).toContain(`work.${String(index)}`));
    piece.parts.forEach((_, index) => expect(from).toContain(`parts.${String(index)}`));
  },
);

test.each(pieces)('%s: the same recipe gives the same route, whatever its rows are called', (_name, piece) => {
  expect(routeOf(piece)).toEqual(routeOf(structuredClone(piece)));
  const renamed: Piece = {
    ...piece,
    parts: piece.parts.map((part, index) => ({ ...part, name: `Q${String(index)}` })),
    findings: piece.findings.map((finding, index) => ({ ...finding, name: `R${String(index)}` })),
    joins: piece.joins.map((join, index) => ({ ...join, name: `J${String(index)}` })),
  };
  const counts = (of: Piece) =>
    routeTable(of, alloys).map(({ kind, count, attendedMin, from }) => ({ kind, count, attendedMin, from }));
  expect(counts(renamed)).toEqual(counts(piece));
});

test.each(pieces)('%s: counts are the same with the parts in reverse', (_name, piece) => {
  const kinds = (of: Piece) => {
    const sums: Record<string, number> = {};
    for (const { kind, count } of routeTable(of, alloys))
      sums[kind] = Math.round(((sums[kind] ?? 0) + count) * 1e6) / 1e6;
    return sums;
  };
  expect(kinds({ ...piece, parts: [...piece.parts].reverse() })).toEqual(kinds(piece));
});

test.each(pieces)('%s: a removed row of work removes its steps and no other', (_name, piece) => {
  for (const row of piece.work) {
    const less = routeOf({ ...piece, work: piece.work.filter(({ id }) => id !== row.id) });
    const more = routeOf(piece);
    // Bending that the maker writes stands for the bending of a closed length: that one comes back.
    const kept = less.filter(({ from, of }) => row.kind !== 'form' || !(from.startsWith('bend:') && of === row.on));
    expect(more.filter(({ from }) => from !== `work:${row.id}`).map(({ from }) => from)).toEqual(
      kept.map(({ from }) => from),
    );
  }
});

test('a bought part keeps its work and loses its making', () => {
  const [first] = starters.filter(({ name }) => name === 'Disc pendant');
  const piece = pieceFromStarter(first!, {}, alloys, () => 'x');
  const bought = { ...piece, parts: piece.parts.map((part) => ({ ...part, bought: part.id === 'disc' })) };
  const [before, after] = [routeTable(piece, alloys), routeTable(bought, alloys)];
  const lost = before.filter(({ name }) => !after.some((line) => line.name === name));
  expect(lost.map(({ kind }) => kind)).toEqual(['saw']);
  expect(after.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['stamp', 'drill', 'sand', 'polish']));
});

test('a part left out by its size has no work', () => {
  const [first] = starters.filter(({ name }) => name === 'Disc pendant');
  const piece = pieceFromStarter(first!, {}, alloys, () => 'x');
  const without = {
    ...piece,
    parts: piece.parts.map((part) => (part.id === 'ring' ? { ...part, count: '0' } : part)),
    joins: piece.joins.map((join) => ({ ...join, count: '0' })),
  };
  expect(routeTable(without, alloys).map(({ kind }) => kind)).toEqual([
    'saw',
    'stamp',
    'drill',
    'sand',
    'polish',
    'inspect',
  ]);
});

// A piece with every target: made, bought and wound parts, a sub-assembly, a finding, hot and cold joins.
const everything = pieceFromStarter(
  starters.find(({ name }) => name === 'Hinged box')!,
  {},
  alloys,
  () => 'x',
);
const targets = {
  part: ['walls', 'pin', 'loose'],
  group: ['lid-group', 'box-group'],
  finding: ['stone'],
  join: ['corner', 'pin-join'],
  piece: [''],
} as const;
const whole: Piece = {
  ...pieceInSize(everything, everything.sizes.rows[0]!),
  work: [],
  groups: [
    { id: 'lid-group', name: 'Lid', count: '1', closed: false, vents: '' },
    { id: 'box-group', name: 'Box', count: '1', closed: false, vents: '' },
  ],
  findings: [findingSchema.parse({ id: 'stone', name: 'Stone', kind: 'stone', count: '1', price: '', grams: '' })],
  parts: [
    ...everything.parts.map((part) =>
      part.id === 'plates' || part.id === 'walls' ? { ...part, group: 'box-group' } : part,
    ),
    { ...everything.parts[1]!, id: 'loose', name: 'Loose', bought: true, group: 'lid-group' },
  ],
  joins: everything.joins.map((join) => (join.id === 'pin' ? { ...join, id: 'pin-join' } : join)),
};

test.each(
  workKinds.flatMap(({ kind, on }) => on.flatMap((target) => targets[target].map((id) => [kind, id] as const))),
)('a row of %s on “%s” is in the route exactly once', (kind, id) => {
  const row = workRowSchema.parse({ id: 'row', name: '', kind, on: id });
  const steps = routeOf({ ...whole, work: [row] });
  const own = steps.filter(({ from }) => from === 'work:row');
  const folded =
    whole.joins.some((join) => join.id === id) &&
    steps.some((step) => step.from === `join:${id}` && step.kind === kind);
  expect(own).toHaveLength(folded ? 0 : 1);
});

test.each(['part', 'group', 'piece'] as const)('an anneal on a %s is pickled', (target) => {
  const [id] = targets[target];
  const steps = routeOf({ ...whole, work: [workRowSchema.parse({ id: 'row', name: 'Anneal', on: id })] });
  const at = steps.findIndex(({ from }) => from === 'work:row');
  const next = steps.slice(at + 1).find((each) => CLEANING.includes(stepKindOf(each)) || each.from.startsWith('join:'));
  expect(stepKindOf(next!)).toBe('pickle');
});
