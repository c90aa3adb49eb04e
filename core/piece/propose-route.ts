// Proposes the bench route of a recipe. The joins run in the maker's order; before a join comes the work on its parts,
// after a hot one the pickle, the trim and the filing; finishing comes last. docs/decisions/014-work-and-route.md.
import { blankRuleOf } from '../blank/blank.ts';
import { workKindOf } from '../work/work-kinds.ts';
import type { Recipe } from './compute-recipe.ts';
import { forgingOf } from './forging.ts';
import { hollowsOf, isVented } from './hollow.ts';
import { isAlongSeam, isHot, type Join } from './join.ts';
import { seamShows } from './join-seam.ts';
import { formingKind, formingTimes, isThick, isTube, type MadePart, sawMinutes, stocks } from './making.ts';
import type { Part } from './part.ts';
import { formingWords, isWork, listOf, named, workOn } from './route-words.ts';
import { membersOf } from './scope.ts';
import { type StandardTimes, withStandardTimes } from './standard-times.ts';
import { isHeat, standardStep, type Step, type StepKind, targetsOf } from './step.ts';
import type { WorkRow } from './work-row.ts';
import {
  FLAT,
  hasMember,
  isGranulation,
  joining,
  type JoinOrder,
  kindOfRow,
  LAST,
  type Stage,
  stageOf,
} from './work-stage.ts';
import { isWound } from './wound.ts';

/** A proposed step. */
export type Proposal = Omit<Step, 'id'>;

/** Melting grain and pouring it into a mould (common practice). */
const POURING = { per: 'part', setUp: '10', each: '6' } as const;
/** Minutes to saw off one length of tube (common practice). */
const TUBE_CUT_MIN = '1';

/**
 * Proposes the route of a recipe. Each step names its origin, so that the same recipe proposes the same steps.
 * @param times  of the studio; the starting values when left out
 * @returns steps in order; none for an empty recipe
 */
export function proposeRoute(recipe: Recipe, times?: StandardTimes): Proposal[] {
  const { piece } = recipe;
  const parts = piece.parts.flatMap((part, index): MadePart[] => {
    const computation = recipe.parts[index];
    return computation && computation.pieces > 0 ? [{ part, computation }] : [];
  });
  const joins = piece.joins.filter((_, index) => (recipe.joins[index]?.joints ?? 0) > 0);
  const rows = piece.work.filter(({ count, name, kind }) => count.trim() !== '0' && (name.trim() || kind));
  if (parts.length === 0 && joins.length === 0 && rows.length === 0) return [];
  const route = new Route(recipe, parts, joins, rows);
  const steps = [...route.cutting(), ...route.partWork(), ...route.assembly(), ...route.finishing()];
  return times ? steps.map((step) => withStandardTimes(step, times)) : steps;
}

class Route {
  readonly recipe: Recipe;
  readonly parts: readonly MadePart[];
  readonly joins: readonly Join[];
  readonly rows: readonly WorkRow[];
  /** Joins up to the last hot one, and the cold ones after it. */
  readonly early: readonly Join[];
  readonly late: readonly Join[];

  readonly order: JoinOrder;

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
    this.order = { piece: recipe.piece, early: this.early, late: this.late };
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
    const ownAnneals = this.rowsIn('anneal');
    const flat = this.rowsIn('flat');
    const balled = this.made().filter(({ part }) => part.blank.rule === 'balled');
    const grains = this.made().filter(({ part }) => part.blank.rule === 'granule');
    const shaped = this.made().flatMap((made) => this.shaping(made));
    const after = this.rowsIn('part');
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
        heated.map(({ id }) => id),
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
        ...this.afterJoin(join),
      ];
    });
  }

  finishing(): Proposal[] {
    const has = (kind: StepKind) => this.rows.some((row) => row.on === '' && kindOfRow(row) === kind);
    const implied = (kind: StepKind, name: string, ids: readonly string[] = []) =>
      has(kind) ? [] : [standardStep(kind, name, ids, kind)];
    // Wound, wrapped and woven wire is tumbled; hands cannot reach it.
    const sanded = this.parts.filter(({ part }) => !isWound(part));
    const faces = sanded.length === this.parts.length ? [] : sanded.map(({ part }) => part.id);
    const byHand = (kind: StepKind, name: string) => (sanded.length > 0 ? implied(kind, name, faces) : []);
    const worn = this.parts.filter(({ part }) => part.endsTouchSkin);
    const ofLate = this.rowsIn('late-part');
    const last = LAST.flatMap((kind) => this.rowsIn('last').filter((own) => own.kind === kind));
    const isEnd = ({ kind }: Proposal) => kind === 'inspect' || kind === 'pack';
    const polished = [...byHand('polish', 'Polish'), ...this.rowsIn('polish')];
    // Colour and wax on a part would be polished off again.
    const polishFirst = ofLate.some(({ kind }) => LAST.some((one) => one === kind));
    return [
      ...step('round-ends', `Round the ends of ${listOf(worn.map(({ part }) => named(part)))}`, worn, 'round-ends'),
      ...this.cleaned(this.rowsIn('rest'), 'clean:finish'),
      ...byHand('sand', 'Sand'),
      ...this.rowsIn('finish'),
      ...(polishFirst ? polished : []),
      ...ofLate,
      ...this.late.flatMap((join) => [...this.closing(join), ...this.join(join), ...this.afterJoin(join)]),
      ...(polishFirst ? [] : polished),
      ...(sanded.length === 0 && this.parts.length > 0 ? implied('tumble', 'Tumble') : []),
      ...last.filter((own) => !isEnd(own)),
      ...(this.recipe.piece.soldBy === 'pair' ? implied('pair', 'Match the pairs') : []),
      ...implied('inspect', 'Inspect and weigh'),
      ...last.filter(isEnd),
    ];
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

  /** Steps of the rows of a stage. */
  private rowsIn(stage: Stage): Proposal[] {
    return this.rows.filter((row) => stageOf(row, this.order) === stage).map((row) => this.row(row));
  }

  private row(row: WorkRow): Proposal {
    const kind = kindOfRow(row);
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
    const patterned = this.rows.some((row) => row.on === part.id && FLAT.has(kindOfRow(row)));
    if (this.rows.some((row) => row.on === part.id && kindOfRow(row) === 'anneal')) return false;
    if (part.temper === 'hard') return bends || patterned;
    return bends && isThick(section);
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
      formingWords(forming, named(part)),
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
    // Bar is bent to the outline of the die first.
    const bent =
      part.blank.rule === 'pressed-bar'
        ? [standardStep('form', `Bend ${named(part)} to the outline`, [part.id], `outline:${part.id}`)]
        : [];
    return [...bent, ...between.flat(), shaped, ...trimmed];
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
    if (this.isLinked(made.part, join)) return [];
    return [
      ...this.bending(made, join),
      standardStep('true', `Close the seams of ${named(made.part)}`, [join.id], `close:${join.id}`, {
        per: 'joint',
        each: isThick(made.computation.section) ? '2' : '0.4',
      }),
    ];
  }

  // Rings that were all threaded before were closed then.
  private isLinked({ id }: Part, join: Join): boolean {
    const jointsOf = (each: Join) => this.recipe.joins[this.recipe.piece.joins.indexOf(each)]?.joints ?? 0;
    const before = this.joins.slice(0, this.joins.indexOf(join));
    return before.some((each) => each.kind === 'link' && each.parts.includes(id) && jointsOf(each) >= jointsOf(join));
  }

  // Straight, twisted and forged lengths are bent round before they are closed on themselves.
  private bending({ part }: MadePart, join: Join): Proposal[] {
    if (!STRAIGHT.has(part.blank.rule) || part.bought) return [];
    if (this.rows.some((row) => row.on === part.id && BENDING.test(row.name) && kindOfRow(row) === 'form')) return [];
    return [standardStep('form', `Bend ${named(part)}`, [part.id], `bend:${join.id}`)];
  }

  private join(join: Join): Proposal[] {
    const own = this.rows.find((row) => row.on === join.id && stageOf(row, this.order) === 'folded');
    const { kind, verb } = isGranulation(join, this.recipe.piece)
      ? { kind: 'granulate' as const, verb: 'Bond' }
      : joining[join.kind];
    const seam = join.kind === 'solder' && isAlongSeam(join) ? { per: 'cm' as const, each: '0.8' } : {};
    const made = standardStep(kind, workOn(verb, join), [join.id], `join:${join.id}`, seam);
    return [own ? { ...this.row(own), from: made.from, name: made.name, per: made.per } : made];
  }

  /** The joins of one heat that ends with the join at an index. */
  private heatOf(index: number): readonly Join[] {
    let first = index;
    while (this.early[first]?.sameHeat && isHot(this.early[first - 1] ?? { kind: 'link' })) first -= 1;
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
    return this.early.find((join) => join.kind === 'solder' && hasMember(join, part.id, this.recipe.piece)) ?? null;
  }

  // The last hot join that takes a hollow into the pickle.
  private lastHeatOf(id: string): Join | undefined {
    const members = membersOf(id, this.recipe.piece);
    return this.early.findLast(
      (join) =>
        isHot(join) && (join.parts.includes(id) || members.some((own) => hasMember(join, own, this.recipe.piece))),
    );
  }

  /** Rows whose place is after a join. */
  private afterJoin(join: Join): Proposal[] {
    const steps = this.rows.filter((row) => stageOf(row, this.order) === join).map((row) => this.row(row));
    return this.cleaned(steps, `clean:work:${join.id}`);
  }
}

/** A pressed part is not annealed first. */
const PRESSED = new Set(['pressed', 'pressed-bar']);
/** Drivers that have a meaning for the whole piece. */
const WHOLE = new Set(['piece', 'cm2', 'load', 'batch', 'seam', 'joint']);
/** Forming by the maker that closes a length; flaring and the like do not. */
const BENDING = /bend|form|roll|curl|shape|round|fold/i;
/** Blanks that are flat or straight until they are closed on themselves. */
const STRAIGHT = new Set(['straight', 'worked', 'twist', 'rectangle']);
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
  'rectangle',
]);

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
