// Proposes the bench route of a recipe. The joins run in the maker's order; before a join comes the work on its parts,
// after a hot one the pickle, the trim and the filing; finishing comes last. docs/decisions/014-work-and-route.md.
import { blankRuleOf } from '../blank/blank.ts';
import { aroundCutMm } from '../blank/cut.ts';
import { bendMm } from '../stock/section.ts';
import { type WorkPlace } from '../work/work-kind.ts';
import { workKindOf, workNamed } from '../work/work-kinds.ts';
import type { PartComputation } from './compute-part.ts';
import type { Recipe } from './compute-recipe.ts';
import { forgingOf } from './forging.ts';
import { hollowsOf, isVented } from './hollow.ts';
import { isHot, type Join, type JoinKind } from './join.ts';
import { seamShows } from './join-seam.ts';
import type { Part } from './part.ts';
import { groupOfJoin, membersOf } from './scope.ts';
import { isHeat, standardStep, type Step, type StepKind, targetsOf } from './step.ts';
import type { WorkRow } from './work-row.ts';
import { isWound } from './wound.ts';

/** A proposed step. */
export type Proposal = Omit<Step, 'id'>;

/** Thicker stock is annealed before it is bent, mm (common practice). */
const THICK_MM = 1.5;
/** Minutes to saw 1 cm of sheet 1 mm thick: 1 minute for 3 cm (common practice). */
const SAW_MIN_PER_CM = 1 / 3;
/** Melting grain and pouring it into a mould (common practice). */
const POURING = { per: 'part', setUp: '10', each: '6' } as const;
/** Minutes to saw off one length of tube (common practice). */
const TUBE_CUT_MIN = '1';

const joining = {
  solder: { kind: 'solder', verb: 'Solder' },
  fuse: { kind: 'fuse', verb: 'Fuse' },
  rivet: { kind: 'rivet', verb: 'Rivet' },
  screw: { kind: 'assemble', verb: 'Screw together' },
  wrap: { kind: 'wrap', verb: 'Wrap' },
  link: { kind: 'link', verb: 'Link' },
  set: { kind: 'set', verb: 'Set' },
} as const satisfies Record<JoinKind, { kind: StepKind; verb: string }>;

interface MadePart {
  readonly part: Part;
  readonly computation: PartComputation;
}

/**
 * Proposes the route of a recipe. Each step names its origin, so that the same recipe proposes the same steps.
 * @returns steps in order; none for an empty recipe
 */
export function proposeRoute(recipe: Recipe): Proposal[] {
  const { piece } = recipe;
  const parts = piece.parts.flatMap((part, index): MadePart[] => {
    const computation = recipe.parts[index];
    return computation && computation.pieces > 0 ? [{ part, computation }] : [];
  });
  const joins = piece.joins.filter((_, index) => (recipe.joins[index]?.joints ?? 0) > 0);
  const rows = piece.work.filter(({ count, name, kind }) => count.trim() !== '0' && (name.trim() || kind));
  if (parts.length === 0 && joins.length === 0 && rows.length === 0) return [];
  const route = new Route(recipe, parts, joins, rows);
  const made = [...route.cutting(), ...route.partWork(), ...route.assembly()];
  const finished = route.finishing();
  const placed = new Set([...made, ...finished].map(({ from }) => from));
  // Work that has no other place comes before the finishing.
  return [...made, ...route.rest(placed), ...finished];
}

class Route {
  readonly recipe: Recipe;
  readonly parts: readonly MadePart[];
  readonly joins: readonly Join[];
  readonly rows: readonly WorkRow[];
  /** Joins up to the last hot one, and the cold ones after it. */
  readonly early: readonly Join[];
  readonly late: readonly Join[];

  constructor(recipe: Recipe, parts: readonly MadePart[], joins: readonly Join[], rows: readonly WorkRow[]) {
    this.recipe = recipe;
    this.parts = parts;
    this.joins = joins;
    this.rows = rows;
    const lastHot = joins.findLastIndex(isHot);
    // A chain is wrapped or linked as it is made; what is set, riveted or screwed on last is finished first.
    const isLate = (join: Join, index: number) => index > lastHot && join.kind !== 'wrap';
    const firstLate = joins.findIndex(isLate);
    this.early = firstLate < 0 ? joins : joins.slice(0, firstLate);
    this.late = firstLate < 0 ? [] : joins.slice(firstLate);
  }

  cutting(): Proposal[] {
    const made = this.parts.filter(({ part }) => !part.bought && !blankRuleOf(part.blank.rule).cutFromCoil);
    const of = (wanted: (made: MadePart) => boolean) => made.filter(wanted);
    const lengths = of(({ part, computation }) => computation.cut?.kind === 'length' && !isTube(part));
    const tubes = of(({ part, computation }) => computation.cut?.kind === 'length' && isTube(part));
    const sheets = of(
      ({ computation }) =>
        computation.cut !== null && computation.cut.kind !== 'length' && computation.cut.kind !== 'weight',
    );
    const weighed = of(({ computation }) => computation.cut?.kind === 'weight');
    return [
      ...step('cut', 'Cut the lengths', lengths, 'cut', { setUp: String(stocks(lengths)) }),
      ...step('cut', 'Saw the tube', tubes, 'cut:tube', { setUp: String(stocks(tubes)), each: TUBE_CUT_MIN }),
      ...step('saw', 'Saw the blanks', sheets, 'saw', { setUp: String(stocks(sheets)), each: sawMinutes(sheets) }),
      ...step('melt', `Melt and pour ${listOf(weighed.map(({ part }) => named(part)))}`, weighed, 'pour', POURING),
      ...this.clean(
        weighed.map(({ part }) => part.id),
        'clean:pour',
        'after pouring',
      ),
    ];
  }

  /** Work on the parts before they are joined. */
  partWork(): Proposal[] {
    const annealed = this.parts.filter((made) => this.firstAnneal(made));
    const ownAnneals = this.rowsOnParts((kind) => kind === 'anneal');
    const flat = this.rowsOnParts((kind) => FLAT.has(kind));
    const balled = this.made().filter(({ part }) => part.blank.rule === 'balled');
    const grains = this.made().filter(({ part }) => part.blank.rule === 'granule');
    const shaped = this.made().flatMap((made) => this.shaping(made));
    const after = this.rowsOnParts((kind) => kind !== 'anneal' && !FLAT.has(kind) && placeOf(kind) === 'before-join');
    const drilled = this.parts.filter(
      ({ part }) => part.hole.trim() && !after.some((own) => own.kind === 'drill' && targetsOf(own).includes(part.id)),
    );
    const heated = [...balled, ...grains].map(({ part }) => part);
    const reheated = this.made().filter(({ part }) =>
      shaped.some(({ kind, of }) => kind === 'anneal' && of === part.id),
    );
    return [
      ...this.heat('anneal', 'Anneal', annealed, 'anneal'),
      ...ownAnneals,
      ...this.clean(
        [...annealed.map(({ part }) => part.id), ...ownAnneals.flatMap(targetsOf)],
        'clean:anneal',
        'after annealing',
      ),
      ...flat,
      ...this.heat('melt', 'Melt', grains, 'melt'),
      ...this.heat('ball', 'Ball the ends of', balled, 'ball'),
      ...this.clean(
        [...heated.map(({ id }) => id)],
        'clean:ball',
        heated.length === grains.length ? 'after melting' : 'after balling',
      ),
      ...shaped,
      ...this.clean(
        reheated.map(({ part }) => part.id),
        'clean:forge',
        'after forging',
      ),
      ...drilled.map(({ part }) => standardStep('drill', `Drill ${named(part)}`, [part.id], `drill:${part.id}`)),
      ...after,
      ...this.vents(),
    ];
  }

  /** The joins up to the last hot one, each with what follows it. */
  assembly(): Proposal[] {
    return this.early.flatMap((join, index) => {
      const next = this.early[index + 1];
      const last = !next?.sameHeat || !isHot(join) || !isHot(next);
      return [
        ...this.closing(join),
        ...this.join(join),
        // Joins of one heat share what follows it.
        ...(isHot(join) && last ? this.afterHeat(this.heatOf(index)) : []),
        ...this.afterJoin(join, index),
      ];
    });
  }

  finishing(): Proposal[] {
    const rows = (wanted: (row: WorkRow, kind: StepKind) => boolean) =>
      this.rows.filter((row) => wanted(row, kindOf(row))).map((row) => this.row(row));
    const onPiece = (row: WorkRow) => row.on === '';
    const isFinish = (kind: StepKind) => ['finish', 'end'].includes(placeOf(kind));
    const inLate = (row: WorkRow) =>
      this.late.some((join) => join.parts.some((id) => membersOf(id, this.recipe.piece).includes(row.on)));
    const isLast = (kind: StepKind) => LAST.includes(kind);
    const has = (kind: StepKind) => this.rows.some((row) => onPiece(row) && kindOf(row) === kind);
    // Wound, wrapped and woven wire is tumbled; hands cannot reach it.
    const sanded = this.parts.filter(({ part }) => !isWound(part));
    const surface = sanded.length > 0;
    const tumbled = !surface && this.parts.length > 0 && !has('tumble');
    const of = sanded.length === this.parts.length ? [] : sanded.map(({ part }) => part.id);
    const before = rows((row, kind) => row.on !== '' && isFinish(kind) && inLate(row) && this.isPartRow(row));
    const own = rows(
      (row, kind) =>
        (onPiece(row) || !inLate(row)) &&
        isFinish(kind) &&
        !isLast(kind) &&
        kind !== 'polish' &&
        (onPiece(row) || this.isPartRow(row)),
    );
    const early = rows((row, kind) => onPiece(row) && !isFinish(kind) && !isLast(kind));
    const polish = rows((row, kind) => kind === 'polish' && (onPiece(row) || (this.isPartRow(row) && !inLate(row))));
    const last = LAST.flatMap((kind) =>
      rows((row, own) => own === kind && (onPiece(row) || (this.isPartRow(row) && !inLate(row)))),
    );
    const worn = this.parts.filter(({ part }) => part.endsTouchSkin);
    const { piece } = this.recipe;
    const polished = [
      ...(surface && !has('polish') ? [standardStep('polish', 'Polish', of, 'polish')] : []),
      ...polish,
    ];
    const isColoured = before.some(({ kind }) => kind !== '' && isLast(kind));
    return [
      ...step('round-ends', `Round the ends of ${listOf(worn.map(({ part }) => named(part)))}`, worn, 'round-ends'),
      ...this.cleaned(early, 'clean:finish'),
      ...(surface && !has('sand') ? [standardStep('sand', 'Sand', of, 'sand')] : []),
      ...own,
      // Colour and wax on a part would be polished off again.
      ...(isColoured ? polished : []),
      ...before,
      ...this.late.flatMap((join) => [...this.closing(join), ...this.join(join), ...this.afterJoin(join, Infinity)]),
      ...(isColoured ? [] : polished),
      ...(tumbled ? [standardStep('tumble', 'Tumble', [], 'tumble')] : []),
      ...last.filter(({ kind }) => kind !== 'pack' && kind !== 'inspect'),
      ...(piece.soldBy === 'pair' && !has('pair') ? [standardStep('pair', 'Match the pairs', [], 'pair')] : []),
      ...(has('inspect') ? [] : [standardStep('inspect', 'Inspect and weigh', [], 'inspect')]),
      ...last.filter(({ kind }) => kind === 'pack' || kind === 'inspect'),
    ];
  }

  /** Rows of work that are not placed yet; a row that is folded into its join is. */
  rest(placed: ReadonlySet<string>): Proposal[] {
    const isFolded = (row: WorkRow) =>
      this.joins.some((join) => row.on === join.id && kindOf(row) === joining[join.kind].kind);
    const left = this.rows.filter((row) => !placed.has(`work:${row.id}`) && !isFolded(row)).map((row) => this.row(row));
    return this.cleaned(left, 'clean:rest');
  }

  // Heat is pickled, here too; work on the finished piece heats all of it.
  private cleaned(steps: readonly Proposal[], from: string): Proposal[] {
    const heated = steps.filter(({ kind }) => kind && isHeat(kind));
    const ids = heated.flatMap((each) => (each.of ? targetsOf(each) : this.parts.map(({ part }) => part.id)));
    return [...steps, ...this.clean(ids, from, 'after heating')];
  }

  private made(): readonly MadePart[] {
    return this.parts.filter(({ part }) => !part.bought);
  }

  private isPartRow({ on }: WorkRow): boolean {
    const { parts, findings } = this.recipe.piece;
    return [...parts, ...findings].some(({ id }) => id === on);
  }

  private rowsOnParts(wanted: (kind: StepKind) => boolean): Proposal[] {
    return this.rows.filter((row) => wanted(kindOf(row)) && this.isPartRow(row)).map((row) => this.row(row));
  }

  private row(row: WorkRow): Proposal {
    const kind = kindOf(row);
    const { driver, verb } = workKindOf(kind);
    const name = row.name.trim() || verb;
    const target = row.on ? this.nameOf(row.on) : '';
    const isWhole = row.on === '' && !WHOLE.has(driver) && !row.count.trim();
    return standardStep(
      kind,
      target && !name.toLowerCase().includes(target) ? `${name}: ${target}` : name,
      row.on ? [row.on] : [],
      `work:${row.id}`,
      {
        ...(isWhole && { per: 'piece' }),
        drivers: row.count.trim(),
        ...(row.setUp.trim() && { setUp: row.setUp }),
        ...(row.each.trim() && { each: row.each }),
        ...(row.unattended.trim() && { unattended: row.unattended }),
        ...(row.station.trim() && { station: row.station }),
      },
    );
  }

  private nameOf(id: string): string {
    const { parts, findings, groups, joins } = this.recipe.piece;
    const found = [...parts, ...findings, ...groups, ...joins].find((one) => one.id === id);
    return found ? named(found) : '';
  }

  /** Hard or thick stock is annealed before it is bent; a pressed part does not need it. */
  private firstAnneal({ part, computation: { section } }: MadePart): boolean {
    if (!section || section.form === 'grain' || part.temper === 'soft') return false;
    const bends = !part.bought && blankRuleOf(part.blank.rule).forming !== undefined && !PRESSED.has(part.blank.rule);
    const patterned = this.rows.some((row) => row.on === part.id && FLAT.has(kindOf(row)));
    if (this.rows.some((row) => row.on === part.id && kindOf(row) === 'anneal')) return false;
    if (part.temper === 'hard') return bends || patterned;
    return bends && bendMm(section) > THICK_MM;
  }

  private shaping({ part, computation }: MadePart): Proposal[] {
    const { forming } = blankRuleOf(part.blank.rule);
    // A wrap is wound where it is wrapped on.
    const wrapsOn =
      part.blank.rule === 'wrap' && this.joins.some((join) => join.kind === 'wrap' && join.parts.includes(part.id));
    if (!forming || wrapsOn) return [];
    const kind = formingKind(part);
    const shaped = standardStep(
      kind,
      `${forming} ${named(part)}`,
      [part.id],
      `form:${part.id}`,
      formingTimes(part, computation),
    );
    const passes = forgingOf(part, computation.section)?.anneals ?? 0;
    const between = Array.from({ length: passes }, (_, index): Proposal[] => [
      { ...shaped, name: `${shaped.name}, pass ${String(index + 1)}`, from: `${shaped.from}:${String(index + 1)}` },
      standardStep(
        'anneal',
        `Anneal ${named(part)}${index > 0 ? ' again' : ''}`,
        [part.id],
        `anneal:${part.id}:${String(index + 1)}`,
      ),
    ]);
    const trimmed =
      (part.blank.rule === 'pressed' || part.blank.rule === 'pressed-bar') && !/^\s*0?\s*%?\s*$/.test(part.blank.excess)
        ? [standardStep('trim', `Trim ${named(part)} between pressings`, [part.id], `trim:${part.id}`)]
        : [];
    return [...between.flat(), shaped, ...trimmed];
  }

  private heat(kind: StepKind, verb: string, made: readonly MadePart[], from: string): Proposal[] {
    return step(kind, `${verb} ${listOf(made.map(({ part }) => named(part)))}`, made, from);
  }

  /** What follows heat: the pickle; for steel and platinum its substitute. */
  private clean(ids: readonly string[], from: string, after: string): Proposal[] {
    if (ids.length === 0) return [];
    const members = [...new Set(ids)];
    const apart = members.filter((id) => this.isApart(id));
    const pickled = members.filter((id) => !this.isApart(id));
    return [
      ...(pickled.length > 0 ? [standardStep('pickle', `Pickle ${after}`, pickled, from)] : []),
      ...(apart.length > 0 ? [standardStep('brush', `Brush clean ${after}`, apart, `${from}:apart`)] : []),
    ];
  }

  // Steel and platinum do not go into the common pickle.
  private isApart(id: string): boolean {
    const { parts, findings, joins } = this.recipe.piece;
    const join = joins.find((each) => each.id === id);
    const members = join
      ? join.parts.flatMap((member) => membersOf(member, this.recipe.piece))
      : membersOf(id, this.recipe.piece);
    return [...parts, ...findings].some(
      ({ id: own, alloy }) => members.includes(own) && /^(?:steel|stainless|platinum)/.test(alloy),
    );
  }

  private vents(): Proposal[] {
    return this.recipe.piece.groups.flatMap((group) =>
      isVented(group) && !this.parts.some(({ part, computation }) => part.group === group.id && computation.holes > 0)
        ? [standardStep('drill', `Drill the vent of ${named(group)}`, [group.id], `vent:${group.id}`)]
        : [],
    );
  }

  // A part closed on itself: its seam is closed first.
  private closing(join: Join): Proposal[] {
    const [only, ...more] = join.parts;
    const made = this.parts.find(({ part }) => part.id === only);
    if (!made || more.length > 0 || !isHot(join) || !BENT.has(made.part.blank.rule)) return [];
    const { section } = made.computation;
    const thick = section && section.form !== 'grain' && bendMm(section) > THICK_MM;
    return [
      standardStep('true', `Close the seams of ${named(made.part)}`, [join.id], `close:${join.id}`, {
        per: 'joint',
        each: thick ? '2' : '0.4',
      }),
    ];
  }

  private join(join: Join): Proposal[] {
    const own = this.rows.find((row) => row.on === join.id && kindOf(row) === joining[join.kind].kind);
    const { kind, verb } = this.isGranulation(join) ? { kind: 'granulate' as const, verb: 'Bond' } : joining[join.kind];
    const seam = join.kind === 'solder' && join.form === 'seam' ? { per: 'cm' as const, each: '0.8' } : {};
    const made = standardStep(kind, workOn(verb, join), [join.id], `join:${join.id}`, seam);
    return [own ? { ...this.row(own), from: made.from, name: made.name, per: made.per } : made];
  }

  private isGranulation(join: Join): boolean {
    return (
      join.kind === 'fuse' &&
      this.parts.some(({ part }) => part.blank.rule === 'granule' && join.parts.includes(part.id))
    );
  }

  /** The joins of one heat that ends with the join at an index. */
  private heatOf(index: number): readonly Join[] {
    let first = index;
    while (first > 0 && this.early[first]?.sameHeat && this.early[first - 1] && isHot(this.early[first - 1] as Join))
      first -= 1;
    return this.early.slice(first, index + 1);
  }

  /** After a heat: pickle, the trim of what its joins let hang over, the filing of its seams, the flush of a hollow. */
  private afterHeat(heat: readonly Join[]): Proposal[] {
    const last = heat.at(-1);
    if (!last) return [];
    const { piece } = this.recipe;
    const apart = heat.some(({ id }) => this.isApart(id));
    const names = listOf(heat.map((join) => named(join)));
    const onlyWork = heat.every(isWork);
    const ids = heat.map(({ id }) => id);
    const cleaned = apart
      ? standardStep(
          'brush',
          onlyWork ? `Brush clean after: ${names}` : `Brush ${names} clean`,
          ids,
          `clean:${last.id}`,
        )
      : standardStep('pickle', onlyWork ? `Pickle after: ${names}` : `Pickle ${names}`, ids, `clean:${last.id}`);
    const trimmed = this.parts.filter(({ part }) => heat.some((join) => this.trimmedAfter(part) === join));
    const filed = heat.filter((join) => seamShows(join, piece));
    const hollows = apart ? [] : hollowsOf(piece).filter((id) => heat.some((join) => this.lastHeatOf(id) === join));
    return [
      cleaned,
      ...step('trim', `Trim ${listOf(trimmed.map(({ part }) => named(part)))}`, trimmed, `trim:${last.id}`),
      ...(filed.length > 0
        ? [
            standardStep(
              'file',
              filed.every(isWork) ? `File after: ${listOf(filed.map(named))}` : `File ${listOf(filed.map(named))}`,
              filed.map(({ id }) => id),
              `file:${last.id}`,
            ),
          ]
        : []),
      ...(hollows.length > 0
        ? [
            standardStep(
              'neutralise',
              `Flush ${listOf(hollows.map((id) => this.nameOf(id)))}, boil out in bicarbonate`,
              hollows,
              `flush:${last.id}`,
            ),
          ]
        : []),
    ];
  }

  // A border is trimmed after the first soldering that holds it.
  private trimmedAfter(part: Part): Join | null {
    const bordered = part.scrap === 'soldered' && part.trim.trim() !== '' && part.trim.trim() !== '0';
    if (!bordered && part.blank.rule !== 'trimmed') return null;
    return this.early.find((join) => join.kind === 'solder' && this.hasMember(join, part.id)) ?? null;
  }

  private hasMember(join: Join, id: string): boolean {
    return join.parts.some((member) => membersOf(member, this.recipe.piece).includes(id));
  }

  // The last hot join that takes a hollow into the pickle.
  private lastHeatOf(id: string): Join | undefined {
    const members = membersOf(id, this.recipe.piece);
    return this.early.findLast(
      (join) => isHot(join) && (join.parts.includes(id) || members.some((own) => this.hasMember(join, own))),
    );
  }

  /** Rows on a join, and on a sub-assembly once the join that completes it is made. */
  private afterJoin(join: Join, index: number): Proposal[] {
    const { piece } = this.recipe;
    const onJoin = this.rows.filter((row) => row.on === join.id && kindOf(row) !== joining[join.kind].kind);
    const complete = piece.groups.filter(
      (group) =>
        this.joins.findLast(
          (each) => groupOfJoin(each, piece) === group.id || (each.parts.length === 1 && each.parts[0] === group.id),
        ) === join,
    );
    const first =
      index === 0 || index === Infinity
        ? piece.groups.filter(
            (group) => !this.joins.some((each) => groupOfJoin(each, piece) === group.id) && this.joins[0] === join,
          )
        : [];
    const onParts = this.rows.filter(
      (row) =>
        this.isPartRow(row) &&
        ['at-join', 'after-join'].includes(placeOf(kindOf(row))) &&
        this.joins.findLast((each) => this.hasMember(each, row.on)) === join,
    );
    const onGroups = this.rows.filter((row) => [...complete, ...first].some(({ id }) => id === row.on));
    const steps = [...onJoin, ...onParts, ...onGroups].map((row) => this.row(row));
    return this.cleaned(steps, `clean:work:${join.id}`);
  }
}

/** A pressed part is not annealed first. */
const PRESSED = new Set(['pressed', 'pressed-bar']);
/** Work on a part while it is flat and before it is bent. */
const FLAT = new Set<StepKind>(['roll', 'stamp', 'texture', 'straighten', 'saw-pattern', 'flux']);
/** Work that ends the route, in its order. */
const LAST: readonly StepKind[] = [
  'plate',
  'blacken',
  'patina',
  'tumble',
  'wax',
  'send-out',
  'pair',
  'inspect',
  'pack',
];
/** Drivers that have a meaning for the whole piece. */
const WHOLE = new Set(['piece', 'cm2', 'load', 'batch', 'seam', 'joint']);
/** Blanks that are bent to a seam. */
const BENT = new Set([
  'jump-ring',
  'chain',
  'woven',
  'ring-band',
  'bangle',
  'bezel',
  'ring-bezel',
  'straight',
  'worked',
  'twist',
]);

function kindOf({ kind, name }: WorkRow): StepKind {
  return kind || workNamed(name);
}

function placeOf(kind: StepKind): WorkPlace {
  return workKindOf(kind).place;
}

function step(
  kind: StepKind,
  name: string,
  made: readonly MadePart[],
  from: string,
  more: Partial<Proposal> = {},
): Proposal[] {
  return made.length === 0
    ? []
    : [
        standardStep(
          kind,
          name,
          made.map(({ part }) => part.id),
          from,
          more,
        ),
      ];
}

/** Minutes of forming grow with what is formed: links, bends, turns, centimetres of bar. */
function formingTimes(part: Part, { section }: PartComputation): Partial<Proposal> {
  switch (part.blank.rule) {
    case 'woven':
      return { per: 'bend', each: '0.3' };
    case 'wrap':
      return { per: 'turn', each: '0.1' };
    case 'bangle':
      return { per: 'bend', each: '4' };
    case 'bezel':
      return { per: 'bend', each: '1.5' };
    case 'ring-band':
      return { per: 'bend', each: section && section.form !== 'grain' && bendMm(section) > THICK_MM ? '2' : '1' };
    default:
      return {};
  }
}

const formingKinds: Readonly<Partial<Record<Part['blank']['rule'], StepKind>>> = {
  wrap: 'wrap',
  worked: 'forge',
  pressed: 'press',
  'pressed-bar': 'press',
  dome: 'dome',
  twist: 'twist',
};

function formingKind({ blank }: Part): StepKind {
  return blankRuleOf(blank.rule).cutFromCoil ? 'wind' : (formingKinds[blank.rule] ?? 'form');
}

function isTube({ section }: Part): boolean {
  return section.form === 'tube' || section.form === 'square-tube';
}

// A set-up for each stock item.
function stocks(made: readonly MadePart[]): number {
  return new Set(made.map(({ part }) => JSON.stringify([part.alloy, part.section]))).size;
}

// Minutes a centimetre, by the thickness of the sheet: the mean over what is cut.
function sawMinutes(made: readonly MadePart[]): string {
  const cut = made.map(({ computation: { cut: blank, count, section } }) => ({
    cm: blank ? aroundCutMm(blank) * count : 0,
    mm: section?.form === 'sheet' ? section.thicknessMm : 1,
  }));
  const all = cut.reduce((sum, { cm }) => sum + cm, 0);
  const mean = all > 0 ? cut.reduce((sum, { cm, mm }) => sum + cm * Math.min(3, Math.max(0.4, mm)), 0) / all : 1;
  return String(Math.max(0.1, Math.round(mean * SAW_MIN_PER_CM * 20) / 20));
}

function named(row: { readonly name: string }): string {
  return row.name.trim().toLowerCase() || 'it';
}

/** `rim`, `rim and bar`, `rim, bar and 3 more`. */
function listOf(names: readonly string[]): string {
  const [first = '', second, ...more] = names;
  if (second === undefined) return first;
  if (more.length === 0) return `${first} and ${second}`;
  return more.length === 1
    ? `${first}, ${second} and ${more[0] ?? ''}`
    : `${first}, ${second} and ${String(more.length)} more`;
}

// Names of joins that say the work already: “set the stone”, “fuse the links”.
const WORK =
  /^(?:set|fuse|solder|rivet|link|glue|stitch|screw|bend|fold|tie|close|join|wrap|crimp|mount|attach|fix)\b/i;

function isWork({ name }: { readonly name: string }): boolean {
  return WORK.test(name.trim());
}

/** `Solder the rim`; a name that says the work stands alone: `Set the stone`. */
function workOn(verb: string, row: { readonly name: string }): string {
  const name = named(row);
  return isWork(row) ? name.charAt(0).toUpperCase() + name.slice(1) : `${verb} ${name}`;
}
