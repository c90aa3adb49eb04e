// Computes a join: its number of joints, the flow point and the mass of its solder.
import { computed, type Figure, given, inSum } from '../figure/figure.ts';
import type { Issue } from '../measure/issue.ts';
import { readArea } from '../measure/read/read-area.ts';
import { readLength } from '../measure/read/read-length.ts';
import { readCount, readPlain } from '../measure/read/read-number.ts';
import type { Reading } from '../measure/read/reading.ts';
import type { Report } from '../measure/read/reported.ts';
import { reported } from '../measure/read/reported.ts';
import {
  BEAD_MM,
  beadsMm3,
  PALLION_SPACING_MM,
  pallionsAlong,
  PASTE_METAL_SHARE,
  seamMm3,
  type SnippetMm,
  snippetsMm3,
  SWEAT_FILM_MM,
  sweatMm3,
  usualSnippetMm,
} from '../metal/solder-mass.ts';
import { type Solder, solderById } from '../metal/solders.ts';
import type { Join } from './join.ts';

/** A join, read into numbers. */
export interface JoinComputation {
  readonly solder: Solder | null;
  /** Flow point, °C; null for a join without solder. */
  readonly flow: Figure | null;
  /** Joints in one piece. */
  readonly joints: number;
  /** mm of seam in one piece; 0 where the solder is not laid along a seam. */
  readonly seamMm: number;
  /** g of solder in one piece; null without solder, or while it cannot be read. */
  readonly grams: Figure | null;
  /** Paths are within the join: `amount`. */
  readonly problems: readonly Issue[];
}

/** Reads `1.2 x 1 x 0.25 mm`; blank text is the usual pallion. @returns mm, or the problem in a sentence */
function readSnippet(text: string): SnippetMm | { readonly sentence: string } {
  if (text.trim() === '') return usualSnippetMm;
  const sentence = 'Give a pallion as length x width x thickness, for example 1.2 x 1 x 0.25 mm.';
  const parts = text.replace(/\s*mm\s*$/i, '').split(/[x×*]/i);
  const [length, width, thickness] = parts.map((part) => readLength(part, { what: 'snippet' }));
  if (parts.length !== 3 || !length?.ok || !width?.ok || !thickness?.ok) return { sentence };
  return [length.value, width.value, thickness.value];
}

/**
 * Computes one join from its arguments alone.
 * @param groups   number of its sub-assembly in a piece
 * @param snippet  size of a pallion as typed with the piece
 * @param members  number of the parts it closes or joins, for a blank count: one joint a link
 */
export function computeJoin(join: Join, snippet = '', groups = 1, members = 1): JoinComputation {
  const problems: Issue[] = [];
  const report = (problem: Issue) => problems.push(problem);
  const isCounted = join.count.trim() === '';
  const count = isCounted ? null : readCount(join.count, 0);
  if (count && !count.ok) report({ path: 'count', sentence: count.sentence });
  if (join.parts.length === 0)
    report({ path: 'parts', sentence: 'Say which parts it joins; one alone is closed on itself.' });
  const joints = count ? (count.ok ? count.value : 0) * groups : members;
  const none = { solder: null, flow: null, joints, seamMm: 0, grams: null, problems };
  if (join.kind !== 'solder') return none;

  const solder = solderById.get(join.solder) ?? null;
  if (!solder) report({ path: 'solder', sentence: 'Choose its solder.' });
  const typedFlow = join.flow.trim() ? readPlain(join.flow, 'flow point', '745', degrees) : null;
  const flow = typedFlow
    ? reported(typedFlow, 'flow', 'flows at', '°C', report)
    : solder && given('flows at', solder.flowC, '°C', solder.source);
  const laid = readAmount(join, snippet, report);
  if (!solder || !laid) return { ...none, solder, flow };
  const density = given(`density of ${solder.name}`, solder.densityGPerCm3, 'g/cm³', solder.source);
  const value = (laid.mm3 * joints * solder.densityGPerCm3) / 1000;
  const how = `${laid.how}${joints === 1 ? '' : ` × ${String(joints)}`} × ${inSum(density.value)} ÷ 1000`;
  const times = joints === 1 ? [] : [given('joints', joints, '', 'as typed')];
  const grams = computed(join.name || 'join', value, 'g', how, [...laid.from, ...times, density]);
  return { solder, flow, joints, seamMm: laid.seamMm * joints, grams, problems };
}

interface Laid {
  readonly mm3: number;
  readonly how: string;
  readonly from: readonly Figure[];
  readonly seamMm: number;
}

// The volume at one joint.
function readAmount({ form, amount }: Join, typedSnippet: string, report: Report): Laid | null {
  const read = (reading: Reading, label: string, unit: string) => reported(reading, 'amount', label, unit, report);
  const snippet = readSnippet(typedSnippet);
  if ('sentence' in snippet) {
    report({ path: 'amount', sentence: snippet.sentence });
    return null;
  }
  const source = typedSnippet.trim() ? 'as typed with the piece' : 'common practice';
  const [length, width, thickness] = snippet.map((mm, index) =>
    given(['pallion, length', 'pallion, width', 'pallion, thickness'][index] ?? '', mm, 'mm', source),
  ) as [Figure, Figure, Figure];
  switch (form) {
    case 'snippets': {
      const count = read(readCount(amount), 'snippets', '');
      return (
        count && {
          mm3: snippetsMm3(count.value, snippet),
          how: [count, length, width, thickness].map(({ value }) => inSum(value)).join(' × '),
          from: [count, length, width, thickness],
          seamMm: 0,
        }
      );
    }
    case 'seam': {
      const seam = read(readLength(amount, { what: 'length of the seam' }), 'seam', 'mm');
      return (
        seam && {
          mm3: seamMm3(seam.value, snippet),
          how: [seam, width, thickness].map(({ value }) => inSum(value)).join(' × '),
          from: [seam, width, thickness],
          seamMm: seam.value,
        }
      );
    }
    case 'seam-snippets':
      return pallionsOnSeam(read(readLength(amount, { what: 'length of the seam' }), 'seam', 'mm'), snippet, [
        length,
        width,
        thickness,
      ]);
    case 'beads':
      return pasteDots(amount, read);
    case 'sweat': {
      const area = read(readArea(amount), 'faces', 'mm²');
      const film = given('film of solder', SWEAT_FILM_MM, 'mm', 'common practice');
      return (
        area && {
          mm3: sweatMm3(area.value),
          how: `${inSum(area.value)} × ${inSum(SWEAT_FILM_MM)}`,
          from: [area, film],
          seamMm: 0,
        }
      );
    }
  }
}

function pallionsOnSeam(seam: Figure | null, snippet: SnippetMm, sides: readonly Figure[]): Laid | null {
  if (!seam) return null;
  const apart = given('from pallion to pallion', PALLION_SPACING_MM, 'mm', 'common practice');
  const count = pallionsAlong(seam.value);
  const how = `${inSum(seam.value)} ÷ ${inSum(apart.value)}, rounded up, + 1`;
  const from = [computed('pallions', count, '', how, [seam, apart]), ...sides];
  return {
    mm3: snippetsMm3(count, snippet),
    how: from.map(({ value }) => inSum(value)).join(' × '),
    from,
    seamMm: seam.value,
  };
}

// `3`, or with the diameter of a dot: `3 x 0.8 mm`.
function pasteDots(
  amount: string,
  read: (reading: Reading, label: string, unit: string) => Figure | null,
): Laid | null {
  const [many = '', across = ''] = amount.split(/[x×*](.*)/i).map((text) => text.trim());
  const count = read(readCount(many), 'paste dots', '');
  const dot = across
    ? read(readLength(across, { what: 'diameter of a dot' }), 'paste dot', 'mm')
    : given('paste dot', BEAD_MM, 'mm', 'common practice');
  const share = given(
    'metal in paste, by volume',
    PASTE_METAL_SHARE,
    '',
    'typical value, not checked against its source (from 83 % by weight): compare your supplier’s data sheet',
  );
  return (
    count &&
    dot && {
      mm3: beadsMm3(count.value, dot.value),
      how: `${inSum(count.value)} × π/6 × ${inSum(dot.value)}³ × ${inSum(PASTE_METAL_SHARE)}`,
      from: [count, dot, share],
      seamMm: 0,
    }
  );
}

function degrees(number: number, unit: string): number | undefined {
  if (/^c$/i.test(unit)) return number;
  return /^f$/i.test(unit) ? ((number - 32) * 5) / 9 : undefined;
}
