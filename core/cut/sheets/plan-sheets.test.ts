// Plans for sheets against closed forms, the limits of disc packing, and a strict check of every plan.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { sheetFaultsOf } from './fixtures/check-sheets.ts';
import { mostDiscs } from './lower-bound.ts';
import { planSheets } from './plan-sheets.ts';
import { type SheetPlan, type SheetProblem, sheetProblemSchema } from './sheet-problem.ts';

type Typed = Omit<SheetProblem, 'pieces' | 'cutting' | 'keepFrom'> & { readonly pieces: readonly object[] };

/** @param rounds  orders of laying tried */
function planOf(typed: Typed, rounds = 40): SheetPlan {
  const problem = sheetProblemSchema.parse(typed);
  let tried = 0;
  const steps = planSheets(problem, { seconds: rounds - 1, elapsed: () => tried++ });
  let step = steps.next();
  while (!step.done) step = steps.next();
  if ('sentence' in step.value) throw new Error(step.value.sentence);
  expect(sheetFaultsOf(problem, step.value)).toEqual([]);
  return step.value;
}

const square = (side: number) => [{ id: 'sheet', width: side, height: side, count: null, cost: 10 }];
const placed = ({ sheets }: SheetPlan) => sheets.map(({ placements }) => placements.length);

describe('outlines', () => {
  const bar = (rotatable: boolean) => ({ id: 'bar', shape: 'outline', points: [[0, 0], [90, 0], [90, 6], [0, 6]], rotatable, count: 2 }); // prettier-ignore

  test('lie at any angle where the grain allows it: a bar of 90 by 6 fits a sheet of 70 only across', () => {
    // Turned by 45° it takes (90 + 6) ÷ √2 = 67.9 each way.
    const plan = planOf({ sheets: square(70), gap: 0.5, margin: 0.5, pieces: [bar(true)] }, 12);
    const [turn = 0] = plan.sheets[0]?.placements.map((placement) => placement.turn ?? 0) ?? [];
    expect(Math.abs((turn % 90) - 45)).toBeLessThan(3);
  });

  test('do not, where it does not', () => {
    const problem = sheetProblemSchema.parse({ sheets: square(70), gap: 0.5, margin: 0.5, pieces: [bar(false)] });
    expect(planSheets(problem, { seconds: 1, elapsed: () => 0 }).next().value).toHaveProperty('sentence');
  });
});

describe('rectangles', () => {
  test('25 by 20 mm fits exactly twenty times in 100 by 100', () => {
    const pieces = [{ id: 'r', shape: 'rect', width: 20, height: 25, rotatable: false, count: 40 }];
    expect(placed(planOf({ sheets: square(100), gap: 0, margin: 0, pieces }))).toEqual([20, 20]);
  });

  test('gap and margin are kept exactly', () => {
    // 2 × 1 + 9 × 10 + 8 × 0.75 = 98: nine by nine.
    const pieces = [{ id: 'r', shape: 'rect', width: 10, height: 10, count: 81 }];
    expect(planOf({ sheets: square(98), gap: 0.75, margin: 1, pieces })).toMatchObject({ cost: 10, proved: true });
  });

  test('a blank is turned where it may be, and not against the grain', () => {
    const sheets = [{ id: 'strip', width: 60, height: 12, count: null, cost: 4 }];
    const piece = { id: 'r', shape: 'rect', width: 10, height: 55, count: 1 };
    expect(planOf({ sheets, gap: 0, margin: 1, pieces: [piece] }).sheets[0]?.placements[0]).toMatchObject({
      rotated: true,
    });
    const problem = sheetProblemSchema.parse({ sheets, gap: 0, margin: 1, pieces: [{ ...piece, rotatable: false }] });
    expect(planSheets(problem, { seconds: 1, elapsed: () => 0 }).next().value).toEqual({
      sentence: '“r” is larger than any sheet.',
    });
  });

  test('a free offcut is used before a sheet that costs money', () => {
    const sheets = [...square(100), { id: 'off', width: 50, height: 30, count: 1, cost: 0 }];
    const pieces = [{ id: 'r', shape: 'rect', width: 22, height: 26, count: 2 }];
    const plan = planOf({ sheets, gap: 0.5, margin: 1, pieces });
    expect(plan).toMatchObject({ cost: 0, proved: true });
    expect(plan.sheets.map(({ sheet }) => sheet)).toEqual(['off']);
  });

  test('the named offcut is free and as long as the sheet', () => {
    const pieces = [{ id: 'r', shape: 'rect', width: 30, height: 20, count: 4 }];
    const [sheet] = planOf({ sheets: square(100), gap: 0.5, margin: 1, pieces }, 200).sheets;
    // Three beside each other leave 100 − 1 − 2 × 20 − 2 × 0.5 = 58 above; turned, four beside each other leave 100 − 31.5.
    const { width = 0, height = 0 } = sheet?.offcut ?? {};
    expect([width, height].sort((a, b) => a - b)).toEqual([68.5, 100]);
  });
});

describe('discs', () => {
  // Rows of a hexagonal lattice: every other one holds as many or one less, √3/2 of the pitch apart.
  const hexagonal = (width: number, height: number, pitch: number) => {
    const rows = Math.floor(height / ((Math.sqrt(3) / 2) * pitch) + 1e-9) + 1;
    const full = Math.floor(width / pitch + 1e-9) + 1;
    const short = Math.floor((width - pitch / 2) / pitch + 1e-9) + 1;
    return Math.ceil(rows / 2) * full + Math.floor(rows / 2) * short;
  };

  test.each([
    [100, 9, 0.5, 1],
    [150, 12, 1, 2],
    [80, 20, 0.4, 0],
  ])('on %d mm discs of %d mm are at least rows and at most the disc packing limit', (side, diameter, gap, margin) => {
    const problem = { sheets: square(side), gap, margin, pieces: [{ id: 'd', shape: 'disc', diameter, count: 400 }] };
    const [most = 0] = placed(planOf(problem));
    const [room, pitch] = [side - 2 * margin - diameter, diameter + gap];
    const inSquares = (Math.floor(room / pitch) + 1) ** 2;
    expect(most).toBeGreaterThanOrEqual(Math.max(inSquares, hexagonal(room, room, pitch)));
    expect(most).toBeLessThanOrEqual(
      mostDiscs({ width: side, height: side }, sheetProblemSchema.parse(problem), diameter),
    );
  });

  test('on a large sheet come near π/√12 of the area, the limit of the plane (Thue 1910), and never above', () => {
    const problem = {
      sheets: square(300),
      gap: 0,
      margin: 0,
      pieces: [{ id: 'd', shape: 'disc', diameter: 12, count: 900 }],
    };
    const [most = 0] = placed(planOf(problem, 2));
    const share = (most * Math.PI * 6 ** 2) / 300 ** 2;
    expect(share).toBeLessThan(Math.PI / Math.sqrt(12));
    expect(share).toBeGreaterThan(0.84);
  });

  test('one as large as its sheet fits', () => {
    const pieces = [{ id: 'd', shape: 'disc', diameter: 18, count: 1 }];
    expect(planOf({ sheets: square(20), gap: 0.5, margin: 1, pieces }).cost).toBe(10);
  });

  test('fit in the hole of a washer with their gap', () => {
    const pieces = [
      { id: 'w', shape: 'washer', outside: 30, inside: 16, count: 2 },
      { id: 'd', shape: 'disc', diameter: 15, count: 3 },
    ];
    const plan = planOf({ sheets: square(70), gap: 0.5, margin: 1, pieces });
    const [sheet] = plan.sheets;
    const at = (id: string) => sheet?.placements.filter(({ piece }) => piece === id) ?? [];
    const middles = at('w').map(({ x, y }) => [x + 7.5, y + 7.5]);
    expect(at('d').filter(({ x, y }) => middles.some(([mx, my]) => mx === x && my === y))).toHaveLength(2);
    // A disc a hair too large stays outside.
    const large = [pieces[0] ?? {}, { id: 'd', shape: 'disc', diameter: 15.01, count: 2 }];
    expect(placed(planOf({ sheets: square(70), gap: 0.5, margin: 1, pieces: large }))).toEqual([4]);
  });
});

test('two triangles share the room of one rectangle and a strip', () => {
  const triangle = { id: 't', shape: 'outline', points: [[0, 0], [20, 0], [0, 20]], count: 2 }; // prettier-ignore
  const sheets = [{ id: 'sheet', width: 21, height: 21, count: null, cost: 5 }];
  expect(planOf({ sheets, gap: 0, margin: 0.25, pieces: [triangle] }).cost).toBe(5);
});

test('six chevrons nest in each other where their hulls are larger than the sheet', () => {
  // Four high, six deep: each further one takes 4 mm more. 10 + 5 × 4 = 30; their hulls have 6 × 140 of 600 mm².
  const points = [[0, 0], [10, 6], [20, 0], [20, 4], [10, 10], [0, 4]]; // prettier-ignore
  const stack = (gap: number, height: number) =>
    planOf({
      sheets: [{ id: 'sheet', width: 20, height, count: null, cost: 5 }],
      gap,
      margin: 0,
      pieces: [{ id: 'c', shape: 'outline', points, count: 6 }],
    });
  expect(stack(0, 30)).toMatchObject({ cost: 5, proved: true });
  expect(stack(0, 29.9).cost).toBe(10);
  // A gap across the slant: 10 along by 6 up, so √136 ÷ 10 of it upright.
  const upright = 0.5 * (Math.sqrt(136) / 10);
  expect(stack(0.5, 30 + 5 * upright + 1e-6).cost).toBe(5);
  expect(stack(0.5, 30 + 5 * upright - 0.01).cost).toBe(10);
});

test('an L nests in the corner of another', () => {
  const points = [[0, 0], [20, 0], [20, 4], [4, 4], [4, 20], [0, 20]]; // prettier-ignore
  // Two turned against each other take 24 by 24, a third lies in the hollow of the first: 4 further each way.
  const pieces = [{ id: 'l', shape: 'outline', points, count: 2 }];
  expect(planOf({ sheets: square(24), gap: 0, margin: 0, pieces }).cost).toBe(10);
});

const mixed = fc.record({
  sheets: fc
    .array(
      fc.record({
        width: fc.integer({ min: 40, max: 90 }),
        height: fc.integer({ min: 40, max: 90 }),
        count: fc.constantFrom(null, null, 1),
        cost: fc.constantFrom(0, 5, 12),
      }),
      { minLength: 1, maxLength: 3 },
    )
    .map((sheets) => [...sheets, { width: 90, height: 90, count: null, cost: 12 }])
    .map((sheets) => sheets.map((sheet, index) => ({ ...sheet, id: `sheet ${String(index)}` }))),
  gap: fc.constantFrom(0, 0.3, 2),
  margin: fc.constantFrom(0, 1.5),
  pieces: fc
    .array(
      fc.oneof(
        fc.record({
          shape: fc.constant('rect' as const),
          width: fc.integer({ min: 4, max: 40 }),
          height: fc.integer({ min: 4, max: 40 }),
          rotatable: fc.boolean(),
          count: fc.integer({ min: 1, max: 6 }),
        }),
        fc.record({
          shape: fc.constant('disc' as const),
          diameter: fc.integer({ min: 4, max: 35 }),
          count: fc.integer({ min: 1, max: 8 }),
        }),
        fc.record({
          shape: fc.constant('outline' as const),
          points: fc.constantFrom([[0, 0], [18, 0], [6, 14]], [[0, 0], [12, 2], [20, 9], [9, 15], [1, 8]], [[0, 0], [9, 0], [9, 9], [4, 4], [0, 9]], [[0, 0], [16, 0], [16, 3], [3, 3], [3, 10], [14, 10], [14, 13], [0, 13]]), // prettier-ignore
          rotatable: fc.boolean(),
          count: fc.integer({ min: 1, max: 5 }),
        }),
      ),
      { minLength: 1, maxLength: 4 },
    )
    .map((pieces) => pieces.map((piece, index) => ({ ...piece, id: `piece ${String(index)}` }))),
});

test('every plan of random blanks passes the strict checker', () => {
  fc.assert(
    fc.property(mixed, (problem) => {
      const plan = planOf(problem, 3);
      expect(plan.bound).toBeLessThanOrEqual(plan.cost);
    }),
    { numRuns: 50, seed: 4 },
  );
});

test('small rectangles have the optimum of exhaustive search on a grid', () => {
  const small = fc.record({
    width: fc.integer({ min: 3, max: 5 }),
    height: fc.integer({ min: 3, max: 5 }),
    pieces: fc.array(fc.tuple(fc.integer({ min: 1, max: 3 }), fc.integer({ min: 1, max: 3 })), {
      minLength: 2,
      maxLength: 5,
    }),
  });
  let best = 0;
  let all = 0;
  fc.assert(
    fc.property(small, ({ width, height, pieces }) => {
      const plan = planOf(
        {
          sheets: [{ id: 'sheet', width, height, count: null, cost: 1 }],
          gap: 0,
          margin: 0,
          pieces: pieces.map(([w, h], index) => ({ id: String(index), shape: 'rect', width: w, height: h, count: 1 })),
        },
        40,
      );
      const fewest = fewestOnGrid(width, height, pieces);
      expect(plan.cost).toBeGreaterThanOrEqual(fewest);
      expect(plan.bound).toBeLessThanOrEqual(fewest);
      all += 1;
      best += plan.cost === fewest ? 1 : 0;
    }),
    { numRuns: 80, seed: 11 },
  );
  // A way of laying is no proof: nearly all of them are the best there is.
  expect(best / all).toBeGreaterThan(0.95);
});

/** Fewest sheets, every whole place of every piece tried; rectangles of whole sides need no others. */
function fewestOnGrid(width: number, height: number, pieces: readonly (readonly [number, number])[]): number {
  const fits = (set: readonly (readonly [number, number])[]): boolean => {
    const taken = Array.from({ length: height }, () => Array<boolean>(width).fill(false));
    const go = (index: number): boolean => {
      const piece = set[index];
      if (!piece) return true;
      const [a, b] = piece;
      return [
        [a, b],
        [b, a],
      ].some(([w = 0, h = 0]) => {
        for (let y = 0; y + h <= height; y += 1)
          for (let x = 0; x + w <= width; x += 1) {
            const cells = Array.from(
              { length: w * h },
              (_, cell) => [x + (cell % w), y + Math.floor(cell / w)] as const,
            );
            if (cells.some(([cx, cy]) => taken[cy]?.[cx])) continue;
            const set_ = (to: boolean) => cells.forEach(([cx, cy]) => ((taken[cy] ?? [])[cx] = to));
            set_(true);
            if (go(index + 1)) return true;
            set_(false);
          }
        return false;
      });
    };
    return go(0);
  };
  const total = 1 << pieces.length;
  const single = Array.from({ length: total }, (_, mask) =>
    fits(pieces.filter((_piece, index) => mask & (1 << index))),
  );
  const need = Array<number>(total).fill(Infinity);
  need[0] = 0;
  for (let mask = 1; mask < total; mask += 1)
    for (let part = mask; part > 0; part = (part - 1) & mask)
      if (single[part]) need[mask] = Math.min(need[mask] ?? Infinity, 1 + (need[mask ^ part] ?? Infinity));
  return need[total - 1] ?? Infinity;
}
