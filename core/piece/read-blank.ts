// How a blank is cut, read into millimetres: what is parted from the stock, and what of it stays in the piece.
import { bezelLengthMm, ringsAround } from '../blank/bezel.ts';
import {
  chainLinks,
  hingePinMm,
  KNUCKLE_SPARE_MM,
  knuckleLengthsMm,
  linksOfPitch,
  wrapLengthMm,
} from '../blank/chain-and-hinge.ts';
import {
  balledEndMm,
  domeDiscMm,
  pitchDiameterMm,
  snippetMm,
  twistTakeUp,
  workedLengthMm,
} from '../blank/constant-volume.ts';
import { bandLengthMm, cuffLengthMm, wideBandSizes } from '../blank/developed-length.ts';
import { ringOfCoilMm } from '../blank/jump-ring.ts';
import { outlineAreaMm2, perimeterMm, type Outline } from '../geometry/outline.ts';
import { given, inSum, computed, type Figure } from '../figure/figure.ts';
import { readLength } from '../measure/read/read-length.ts';
import { readCount, readGrams, readPlain } from '../measure/read/read-number.ts';
import { readRingSize, ringInsideMm, sizeOnScale } from '../measure/ring-size.ts';
import { sectionArea, bendMm, type LongSection } from '../stock/section.ts';
import type { Cut } from './cut.ts';
import { blankRulesByForm, type Blank, type SectionForm } from './part.ts';
import { readOutline } from './read-outline.ts';
import { reported, worked, type Report, type SectionReading } from './read-section.ts';

export interface BlankReading {
  /** What is parted from the stock, trim not counted. */
  readonly cut: Cut;
  /** What of it stays in the piece; mostly all of it. */
  readonly net: Cut;
  /** Blanks in one part: the links of a chain, the strands of a twist. */
  readonly times: Figure | null;
  /** Cuts that part one blank: one, or one a knuckle. */
  readonly cuts: number;
}

/** The stone a bezel goes round, as its finding gives it; null when there is none. */
export type StoneOutline = { readonly outline: Outline; readonly sizes: readonly Figure[] } | null;

const WHOLE = { times: null, cuts: 1 } as const;
const all = (cut: Cut, more: Partial<BlankReading> = {}): BlankReading => ({ ...WHOLE, cut, net: cut, ...more });
const ofLength = (length: Figure, more: Partial<BlankReading> = {}) => all({ kind: 'length', length }, more);

/**
 * Reads how a blank is cut from a section.
 * @param stock  the section it is cut from, or null when that cannot be read (then only its own fields are checked)
 */
export function readBlank(
  typed: Blank,
  form: SectionForm,
  stock: SectionReading | null,
  report: Report,
  stone: StoneOutline = null,
): BlankReading | null {
  if (!(blankRulesByForm[form] as readonly string[]).includes(typed.rule)) {
    report({ path: 'blank.rule', sentence: misfit(form, typed.rule) });
    return null;
  }
  const size = (field: string, text: string, what: string, mayBeZero = false) =>
    reported(readLength(text, { what, mayBeZero }), `blank.${field}`, what, 'mm', report);
  const number = (field: string, text: string, what: string, least = 1) =>
    reported(readCount(text, least), `blank.${field}`, what, '', report);
  const bend = () => given('thickness', stock ? bendMm(stock.section) : 0, 'mm', 'the stock');
  const thick = () => Object.values(stock?.sizes ?? {}).find(({ value }) => value === bend().value) ?? bend();

  switch (typed.rule) {
    case 'straight': {
      const length = size('length', typed.length, 'length');
      return length && ofLength(length);
    }
    case 'ring-band': {
      const size = reported(readRingSize(typed.size, typed.system), 'blank.size', 'inside diameter', 'mm', report);
      if (!size || !stock) return null;
      const isSize = typed.system !== 'mm' || sizeOnScale(typed.size) !== null;
      const inside = !isSize || typed.ease === 'exact' ? size : eased(size, stock);
      return ofLength(bandLength('ring band', inside, thick()));
    }
    case 'bangle': {
      const inside = size('inside', typed.inside, 'inside diameter');
      const opening = size('opening', typed.opening, 'opening', true);
      if (!inside || !opening || !stock) return null;
      const around = computed('round the inside', Math.PI * inside.value, 'mm', `π × ${inSum(inside.value)}`, [inside]);
      const by = thick();
      const how = `${inSum(around.value)} + π × ${inSum(by.value)}${opening.value ? ` − ${inSum(opening.value)}` : ''}`;
      const from = [around, by, ...(opening.value ? [opening] : [])];
      const length = cuffLengthMm(around.value, by.value, opening.value);
      if (length > 0) return ofLength(computed('length of the bangle', length, 'mm', how, from));
      report({ path: 'blank.opening', sentence: 'The opening is wider than the bangle is round. Make it smaller.' });
      return null;
    }
    case 'jump-ring': {
      const inside = size('inside', typed.inside, 'inside diameter');
      if (typed.passes.trim()) size('passes', typed.passes, 'thing it lets through');
      return inside && stock && ofLength(bandLength('jump ring', inside, thick()));
    }
    case 'chain': {
      const length = size('length', typed.length, 'length of chain');
      const inside = size('inside', typed.inside, 'inside of a link');
      if (!length || !inside || !stock) return null;
      const wire = thick();
      const how = `(${inSum(length.value)} − 2 × ${inSum(wire.value)}) ÷ ${inSum(inside.value)}, rounded up`;
      const links = chainLinks(length.value, inside.value, wire.value);
      return ofLength(turnOf('wire for a link', inside, wire), {
        times: computed('links', links, '', how, [length, wire, inside]),
      });
    }
    case 'woven': {
      const length = size('length', typed.length, 'length of chain');
      const pitch = size('pitch', typed.pitch, 'pitch of a link');
      const each = size('each', typed.each, 'wire for a link');
      if (!length || !pitch || !each) return null;
      const how = `${inSum(length.value)} ÷ ${inSum(pitch.value)}, rounded up`;
      return ofLength(each, {
        times: computed('links', linksOfPitch(length.value, pitch.value), '', how, [length, pitch]),
      });
    }
    case 'wrap': {
      const turns = reported(
        readPlain(typed.turns, 'count', '12', () => undefined),
        'blank.turns',
        'turns',
        '',
        report,
      );
      const core = size('core', typed.core, 'core');
      if (!turns || !core || !stock) return null;
      if (turns.value === 0) {
        report({ path: 'blank.turns', sentence: 'Give the turns of the wrap, for example 6.' });
        return null;
      }
      const wire = thick();
      const how = `${inSum(turns.value)} × π × (${inSum(core.value)} + ${inSum(wire.value)})`;
      const length = wrapLengthMm(turns.value, core.value, wire.value);
      return ofLength(computed('wire of the wrap', length, 'mm', how, [turns, core, wire]));
    }
    case 'twist': {
      const length = size('length', typed.length, 'length of the twist');
      const strands = number('strands', typed.strands, 'strands', 2);
      const turns = reported(
        readPlain(typed.turns, 'count', '24', () => undefined),
        'blank.turns',
        'turns',
        '',
        report,
      );
      if (!length || !strands || !turns || !stock) return null;
      const wire = thick();
      const across = pitchDiameterMm(strands.value, wire.value);
      const takeUp = twistTakeUp(across, turns.value / length.value);
      const how = `${inSum(length.value)} × √(1 + (π × ${inSum(across)} × ${inSum(turns.value)} ÷ ${inSum(length.value)})²)`;
      const strand = computed('a strand', length.value * takeUp, 'mm', how, [length, turns, wire]);
      return ofLength(strand, { times: strands });
    }
    case 'balled': {
      const length = size('length', typed.length, 'length');
      const ball = size('ball', typed.ball, 'ball');
      const ends = number('ends', typed.ends || '1', 'balled ends');
      if (!length || !ball || !ends || !stock) return null;
      const wire = thick();
      const eaten = ends.value * balledEndMm(ball.value, wire.value);
      const ate = `${inSum(ends.value)} × 2 × ${inSum(ball.value)}³ ÷ (3 × ${inSum(wire.value)}²)`;
      const from = [length, ball, ends, wire];
      return ofLength(computed('wire to cut', length.value + eaten, 'mm', `${inSum(length.value)} + ${ate}`, from));
    }
    case 'granule': {
      const grain = size('diameter', typed.diameter, 'granule');
      if (!grain || !stock) return null;
      const wire = thick();
      const how = `2 × ${inSum(grain.value)}³ ÷ (3 × ${inSum(wire.value)}²)`;
      return ofLength(computed('snippet', snippetMm(grain.value, wire.value), 'mm', how, [grain, wire]));
    }
    case 'bezel': {
      const clearance = size('clearance', typed.clearance, 'clearance', true);
      const around = typed.stone ? stoneGirth(stone, report) : size('around', typed.around, 'length round the stone');
      if (!clearance || !around || !stock) return null;
      const strip = thick();
      const how = `${inSum(around.value)} + 2π × (${inSum(strip.value)} ÷ 2 + ${inSum(clearance.value)})`;
      const length = bezelLengthMm(around.value, strip.value, clearance.value);
      return ofLength(computed('bezel', length, 'mm', how, [around, strip, clearance]));
    }
    case 'ring-bezel': {
      const girth = size('girth', typed.girth, 'girth');
      const inside = size('inside', typed.inside, 'inside of a ring');
      if (!girth || !inside || !stock) return null;
      const wire = thick();
      const how = `${inSum(girth.value)} ÷ (${inSum(inside.value)} + 2 × ${inSum(wire.value)}), whole rings`;
      const rings = ringsAround(girth.value, inside.value + 2 * wire.value);
      if (rings < 3) {
        report({ path: 'blank.girth', sentence: 'Fewer than three such rings go round. Make them smaller.' });
        return null;
      }
      const times = computed('rings round it', rings, '', how, [girth, inside, wire]);
      return ofLength(turnOf('wire for a ring', inside, wire), { times });
    }
    case 'knuckles': {
      const width = size('width', typed.width, 'width of the hinge');
      const knuckles = reported(readCount(typed.knuckles), 'blank.knuckles', 'knuckles', '', report);
      if (!width || !knuckles) return null;
      const lengths = worked(() => knuckleLengthsMm(width.value, knuckles.value), 'blank.knuckles', report);
      if (!lengths) return null;
      const spare = given('filed back at each end', KNUCKLE_SPARE_MM, 'mm', 'common practice');
      const how = `${inSum(width.value)} + 2 × ${inSum(spare.value)}`;
      const tube = computed('tube for the knuckles', width.value + 2 * spare.value, 'mm', how, [width, spare]);
      return {
        cut: { kind: 'length', length: tube },
        net: { kind: 'length', length: width },
        times: null,
        cuts: knuckles.value,
      };
    }
    case 'hinge-pin': {
      const width = size('width', typed.width, 'width of the hinge');
      if (!width || !stock) return null;
      const pin = thick();
      const how = `${inSum(width.value)} + ${inSum(pin.value)}`;
      return ofLength(computed('pin', hingePinMm(width.value, pin.value), 'mm', how, [width, pin]));
    }
    case 'worked': {
      const length = size('length', typed.length, 'length when worked');
      const width = size('width', typed.width, 'width when worked');
      const isRound = typed.thickness.trim() === '';
      const thickness = isRound ? null : size('thickness', typed.thickness, 'thickness when worked');
      if (!length || !width || (!isRound && !thickness) || !stock) return null;
      const section: LongSection = thickness
        ? { form: 'strip', widthMm: width.value, thicknessMm: thickness.value }
        : { form: 'round', diameterMm: width.value };
      const [after, before] = [sectionArea(section), sectionArea(stock.section as LongSection)];
      const start = workedLengthMm(length.value, after.mm2, before.mm2);
      const how = `${after.how} × ${inSum(length.value)} ÷ (${before.how})`;
      const from = [length, width, ...(thickness ? [thickness] : []), ...Object.values(stock.sizes)];
      return ofLength(computed('length before it is worked', start, 'mm', how, from));
    }
    case 'disc': {
      const diameter = size('diameter', typed.diameter, 'diameter');
      return diameter && all({ kind: 'disc', diameter });
    }
    case 'washer': {
      const outside = size('outside', typed.outside, 'outside diameter');
      const inside = size('inside', typed.inside, 'inside diameter');
      if (!outside || !inside) return null;
      if (inside.value >= outside.value) {
        report({ path: 'blank.inside', sentence: 'The hole is as large as the washer. Make it smaller.' });
        return null;
      }
      return all({ kind: 'disc', diameter: outside }, { net: { kind: 'disc', diameter: outside, hole: inside } });
    }
    case 'rectangle': {
      const width = size('width', typed.width, 'width');
      const length = size('length', typed.length, 'length');
      return width && length && all({ kind: 'rectangle', width, length });
    }
    case 'oval':
    case 'teardrop': {
      const width = size('width', typed.width, 'width');
      const length = size('length', typed.length, 'length');
      if (!width || !length) return null;
      const outline: Outline =
        typed.rule === 'oval'
          ? { shape: 'oval', lengthMm: length.value, widthMm: width.value }
          : { shape: 'teardrop', diameterMm: width.value, lengthMm: length.value };
      const fits = worked(() => outlineAreaMm2(outline), 'blank.length', report);
      return fits === null ? null : all({ kind: 'outline', outline, sizes: [width, length] });
    }
    case 'outline': {
      const points = readOutline(typed.points);
      if ('sentence' in points) {
        report({ path: 'blank.points', sentence: points.sentence });
        return null;
      }
      return all({ kind: 'outline', outline: { shape: 'polygon', points: points.points }, sizes: [] });
    }
    case 'dome': {
      const across = size('across', typed.across, 'width of the dome');
      const height = size('height', typed.height, 'height of the dome');
      if (!across || !height) return null;
      const flat = worked(() => domeDiscMm(across.value, height.value), 'blank.height', report);
      const how = `√(${inSum(across.value)}² + 4 × ${inSum(height.value)}²)`;
      return flat === null
        ? null
        : all({ kind: 'disc', diameter: computed('flat disc of the dome', flat, 'mm', how, [across, height]) });
    }
    case 'pressed': {
      const width = size('width', typed.width, 'width');
      const length = size('length', typed.length, 'length');
      size('depth', typed.depth, 'depth of the die');
      const excess = size('excess', typed.excess, 'excess', true);
      if (!width || !length || !excess) return null;
      const more = (side: Figure) =>
        computed(
          `${side.label} with excess`,
          side.value + 2 * excess.value,
          'mm',
          `${inSum(side.value)} + 2 × ${inSum(excess.value)}`,
          [side, excess],
        );
      return all(
        { kind: 'rectangle', width: more(width), length: more(length) },
        { net: { kind: 'rectangle', width, length } },
      );
    }
    case 'weight': {
      const grams = reported(readGrams(typed.grams), 'blank.grams', 'weight', 'g', report);
      if (!grams) return null;
      if (grams.value > 0) return all({ kind: 'weight', grams });
      report({ path: 'blank.grams', sentence: 'Give the weight, for example 12 g.' });
      return null;
    }
  }
}

function misfit(form: SectionForm, rule: Blank['rule']): string {
  if (form === 'sheet') return 'Sheet is cut to an outline: a disc or a rectangle, or another. Choose one.';
  if (form === 'grain') return 'Grain is taken by weight. Choose that, or other stock.';
  const isOutline = (blankRulesByForm.sheet as readonly string[]).includes(rule);
  return isOutline
    ? 'That outline is cut from sheet. Choose a length, or sheet as the stock.'
    : 'That is not cut from such stock. Choose another way, or other stock.';
}

// A wide band feels tighter: it is made larger by habit.
function eased(size: Figure, { section }: SectionReading): Figure {
  const width = 'widthMm' in section ? section.widthMm : 0;
  const sizes = wideBandSizes(width);
  if (sizes === 0) return size;
  const more = ringInsideMm('us', sizes) - ringInsideMm('us', 0);
  const ease = given('ease of a wide band', more, 'mm', `${inSum(sizes)} US size (common practice)`);
  const how = `${inSum(size.value)} + ${inSum(more)}`;
  return computed('inside diameter with ease', size.value + more, 'mm', how, [size, ease]);
}

function stoneGirth(stone: StoneOutline, report: Report): Figure | null {
  if (!stone) {
    report({
      path: 'blank.stone',
      sentence: 'Its stone has no sizes yet, or is gone. Choose one of the stones below.',
    });
    return null;
  }
  const around = worked(() => perimeterMm(stone.outline), 'blank.stone', report);
  const words = stone.outline.shape === 'oval' ? 'ellipse (Ramanujan 1914)' : stone.outline.shape;
  const sizes = stone.sizes.map(({ value }) => inSum(value)).join(' × ');
  return around === null ? null : computed('round the stone', around, 'mm', `${words} of ${sizes}`, stone.sizes);
}

function bandLength(label: string, inside: Figure, thickness: Figure): Figure {
  const how = `π × (${inSum(inside.value)} + ${inSum(thickness.value)})`;
  const length = bandLengthMm(inside.value, thickness.value);
  return computed(`length of the ${label}`, length, 'mm', how, [inside, thickness]);
}

function turnOf(label: string, inside: Figure, wire: Figure): Figure {
  const how = `√((π × (${inSum(inside.value)} + ${inSum(wire.value)}))² + ${inSum(wire.value)}²)`;
  return computed(label, ringOfCoilMm(inside.value, wire.value), 'mm', how, [inside, wire]);
}
