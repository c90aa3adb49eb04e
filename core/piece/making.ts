// How a part is made: the kind of work that forms it, and what its minutes grow with (common practice).
import { blankRuleOf } from '../blank/blank.ts';
import { aroundCutMm } from '../blank/cut.ts';
import { readCount } from '../measure/read/read-number.ts';
import { bendMm, type Section } from '../stock/section.ts';
import type { PartComputation } from './compute-part.ts';
import type { Part } from './part.ts';
import type { Step, StepKind } from './step.ts';

/** Thicker stock is annealed before it is bent, mm (common practice). */
const THICK_MM = 1.5;
/** Minutes to saw 1 cm of sheet 1 mm thick: 1 minute for 3 cm (common practice). */
const SAW_MIN_PER_CM = 1 / 3;

/** Minutes of one pressing (common practice). */
const PRESSING_MIN = 1.5;

/** A part with its computation. */
export interface MadePart {
  readonly part: Part;
  readonly computation: PartComputation;
}

/** Whether stock is thick: annealed before it is bent, and closed with a hammer. */
export function isThick(section: Section | null): boolean {
  return section !== null && bendMm(section) > THICK_MM;
}

/** Minutes of forming grow with what is formed: links, bends, turns, centimetres of bar. */
export function formingTimes(part: Part, { section }: PartComputation): Partial<Step> {
  switch (part.blank.rule) {
    case 'woven':
      return { per: 'bend', each: '0.3' };
    case 'wrap':
      return { per: 'turn', each: '0.1' };
    case 'pressed-bar':
      return { per: 'part', each: String(PRESSING_MIN * pressingsOf(part)) };
    case 'bangle':
      return { per: 'bend', each: '4' };
    case 'bezel':
      return { per: 'bend', each: '1.5' };
    case 'ring-band':
      return { per: 'bend', each: isThick(section) ? '2' : '1' };
    default:
      return {};
  }
}

/** Pressings of a part in a die: two where none are typed. */
export function pressingsOf({ blank }: Part): number {
  const typed = blank.rule === 'pressed-bar' && blank.pressings.trim() ? readCount(blank.pressings) : null;
  return typed?.ok ? typed.value : 2;
}

const formingKinds: Readonly<Partial<Record<Part['blank']['rule'], StepKind>>> = {
  wrap: 'wrap',
  worked: 'forge',
  pressed: 'press',
  'pressed-bar': 'press',
  dome: 'dome',
  twist: 'twist',
};

/** The kind of work that forms a part. */
export function formingKind({ blank }: Part): StepKind {
  return blankRuleOf(blank.rule).cutFromCoil ? 'wind' : (formingKinds[blank.rule] ?? 'form');
}

/** Whether a part is cut of tube. */
export function isTube({ section }: Part): boolean {
  return section.form === 'tube' || section.form === 'square-tube';
}

/** Number of stock items that parts are cut from: a set-up each. */
export function stocks(made: readonly MadePart[]): number {
  return new Set(made.map(({ part }) => JSON.stringify([part.alloy, part.section]))).size;
}

/** Minutes to saw a centimetre, as typed: by the thickness of the sheet, the mean over what is cut. */
export function sawMinutes(made: readonly MadePart[]): string {
  const cut = made.map(({ computation: { cut: blank, count, section } }) => ({
    cm: blank ? aroundCutMm(blank) * count : 0,
    mm: section?.form === 'sheet' ? section.thicknessMm : 1,
  }));
  const all = cut.reduce((sum, { cm }) => sum + cm, 0);
  const mean = all > 0 ? cut.reduce((sum, { cm, mm }) => sum + cm * Math.min(3, Math.max(0.4, mm)), 0) / all : 1;
  return String(Math.max(0.1, Math.round(mean * SAW_MIN_PER_CM * 20) / 20));
}
