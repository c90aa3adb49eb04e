// Reads a supplier's price list from a table, one price a row. The format: docs/formats/price-list.md.
import { roundHalfAwayFromZero } from '../../figure/round-money.ts';
import { readLength } from '../../measure/read/read-length.ts';
import { readMoney } from '../../measure/read/read-money.ts';
import type { Alloy } from '../../metal/alloys.ts';
import { gaugeSystemOf } from '../../stock/gauged.ts';
import { readSection } from '../../stock/read-section.ts';
import type { SectionForm } from '../../stock/section.ts';
import type { PartSection } from '../../stock/typed-section.ts';
import { formNames } from '../../stock/words.ts';
import type { SupplierItem } from './price-list.ts';

/** The items of a price list file and its problems. */
export interface PriceListReading {
  readonly items: readonly SupplierItem[];
  /** Problems by row of the file; nothing is kept while there are any. */
  readonly problems: readonly { readonly line: number; readonly sentence: string }[];
}

const needed = ['supplier', 'item', 'name', 'price'] as const;

/** The sizes of a section that a list gives, in this order, separated by ×. */
const sizeFields = {
  round: ['diameter'],
  square: ['side'],
  strip: ['width', 'thickness'],
  'half-round': ['width', 'height'],
  d: ['width', 'height'],
  triangle: ['width', 'height'],
  oval: ['width', 'height'],
  patterned: ['width', 'thickness', 'weight'],
  tube: ['outside', 'wall'],
  'square-tube': ['outside', 'wall'],
  sheet: ['thickness'],
  grain: [],
} as const satisfies Record<SectionForm, readonly string[]>;

/**
 * Reads the rows of a table, the first being its heads. Rows of one item are its price breaks.
 * @param rows      cells as a CSV reader gives them
 * @param currency  of prices whose row names none
 */
export function readPriceList(
  rows: readonly (readonly string[])[],
  alloys: ReadonlyMap<string, Alloy>,
  currency: string,
): PriceListReading {
  const [heads = [], ...lines] = rows;
  const at = new Map(heads.map((head, index) => [head.trim().toLowerCase(), index]));
  const missing = needed.filter((name) => !at.has(name));
  if (missing.length > 0)
    return {
      items: [],
      problems: [{ line: 1, sentence: `The first line should name the columns; ${missing.join(', ')} is missing.` }],
    };
  const items: SupplierItem[] = [];
  const problems: { line: number; sentence: string }[] = [];
  lines.forEach((row, index) => {
    if (row.every((cell) => !cell.trim())) return;
    const read = readLine((name) => (row[at.get(name) ?? -1] ?? '').trim(), alloys, currency);
    if ('sentence' in read) {
      problems.push({ line: index + 2, sentence: read.sentence });
      return;
    }
    items.push(read);
  });
  if (items.length === 0 && problems.length === 0)
    problems.push({ line: 2, sentence: 'This price list has column heads but no items.' });
  return { items: withBreaks(items), problems };
}

/** Rows of one item are its price breaks. */
export function withBreaks(rows: readonly SupplierItem[]): SupplierItem[] {
  const items = new Map<string, SupplierItem>();
  for (const row of rows) {
    const key = JSON.stringify([row.supplier, row.item]);
    const before = items.get(key);
    const breaks = [...(before?.breaks ?? []), ...row.breaks].sort((a, b) => a.from - b.from);
    items.set(key, { ...(before ?? row), breaks });
  }
  return [...items.values()];
}

type Cell = (name: string) => string;
interface Refusal {
  readonly sentence: string;
}

function readLine(cell: Cell, alloys: ReadonlyMap<string, Alloy>, usual: string): SupplierItem | Refusal {
  for (const name of needed) if (!cell(name)) return { sentence: `The ${name} is missing.` };
  const currency = cell('currency') || usual;
  const price = readMoney(cell('price'), currency, 'price');
  if (!price.ok) return price;
  const from = whole(cell('from') || '1');
  const leadDays = whole(cell('days') || '0');
  if (from === null || from < 1) return { sentence: `“${cell('from')}” is not a number of packs.` };
  if (leadDays === null) return { sentence: `“${cell('days')}” is not a number of days.` };
  const pack = readPack(cell('pack'));
  if ('sentence' in pack) return pack;
  const stock = cell('form') ? readStock(cell, alloys) : null;
  if (stock && 'sentence' in stock) return stock;
  return {
    supplier: cell('supplier'),
    item: cell('item'),
    name: cell('name'),
    stock,
    ...pack,
    breaks: [{ from, priceMinor: roundHalfAwayFromZero(price.value) }],
    currency,
    leadDays,
  };
}

function whole(text: string): number | null {
  return /^\d{1,6}$/.test(text) ? Number(text) : null;
}

/** A pack: `10`, or `25 g`. */
function readPack(text: string): Pick<SupplierItem, 'pack' | 'per'> | Refusal {
  const found = /^(\d+(?:\.\d+)?)\s*(g?)$/.exec(text || '1');
  if (!found || !(Number(found[1]) > 0)) return { sentence: `“${text}” is not a pack: give 10, or 25 g.` };
  return { pack: Number(found[1]), per: found[2] ? 'g' : 'each' };
}

function readStock(cell: Cell, alloys: ReadonlyMap<string, Alloy>): NonNullable<SupplierItem['stock']> | Refusal {
  const metal = cell('metal').toLowerCase();
  const alloy = [...alloys.values()].find(({ id, name }) => id === metal || name.toLowerCase() === metal);
  if (!alloy) return { sentence: `“${cell('metal')}” is not a metal of the book.` };
  const word = cell('form').toLowerCase();
  const form = (Object.keys(sizeFields) as SectionForm[]).find((one) => one === word || formNames[one] === word);
  if (!form || form === 'grain') return { sentence: `“${cell('form')}” is not a bar or a sheet.` };
  const sizes = partsOf(cell('size'));
  const fields = sizeFields[form];
  if (sizes.length !== fields.length)
    return { sentence: `A ${formNames[form]} has ${fields.join(' × ')}; “${cell('size')}” does not say that.` };
  const problems: string[] = [];
  const typed = { form, ...Object.fromEntries(fields.map((field, index) => [field, sizes[index]])) } as PartSection;
  const reading = readSection(typed, gaugeSystemOf(alloy.family, form), ({ sentence }) => problems.push(sentence));
  const sides = partsOf(cell('length')).map((text) => readLength(text, { what: 'length', gauge: 'none' }));
  const wrong = sides.find((side) => !side.ok);
  if (!reading) return { sentence: problems[0] ?? 'The size cannot be read.' };
  if (wrong?.ok === false) return wrong;
  const [first, second] = sides.map((side) => (side.ok ? Math.round(side.value * 1000) / 1000 : 0));
  const section = { ...reading.section };
  if (form === 'sheet')
    return first && second
      ? { alloy: alloy.id, section, size: { widthMm: first, heightMm: second } }
      : { sentence: 'A sheet has a width and a length: 100 x 60 mm.' };
  return first && sides.length === 1
    ? { alloy: alloy.id, section, size: { lengthMm: first } }
    : { sentence: `A ${formNames[form]} has a length: 1000 mm.` };
}

/** `100 x 60 mm`: a unit at the end applies to all numbers before it. */
function partsOf(text: string): string[] {
  const parts = text
    .split(/\s*[x×]\s*/i)
    .map((part) => part.trim())
    .filter(Boolean);
  const unit = /[a-z"″]+$/i.exec(parts.at(-1) ?? '')?.[0] ?? '';
  return parts.map((part) => (/[a-z"″]$/i.test(part) || !unit ? part : `${part} ${unit}`));
}
