// Reads metal prices from a table: one day a row, one metal a column. The format: docs/formats/fixes.md.
import { isoDateSchema } from '../measure/typed.ts';
import { type FixMetal, fixMetalNames, fixMetals } from './fine-price.ts';
import { fixProblems, type NewFix } from './fix.ts';

/** The metal prices of a file and its problems. */
export interface FixTable {
  readonly fixes: readonly NewFix[];
  /** Problems by row of the file; nothing is kept while there are any. */
  readonly problems: readonly { readonly line: number; readonly sentence: string }[];
}

/**
 * Reads the rows of a table, the first being its heads: `day`, then metals by name (`silver`) or symbol (`Ag`); also
 * `per` (the weight of a bare price, `ozt` when left out), `currency`, `source`.
 * @param rows      cells as a CSV reader gives them, blank rows too
 * @param currency  of prices whose row names none
 */
export function readFixTable(rows: readonly (readonly string[])[], currency: string, source: string): FixTable {
  const [heads = [], ...lines] = rows;
  const at = new Map(heads.map((head, index) => [head.trim().toLowerCase(), index]));
  const column = (...names: string[]) => names.map((name) => at.get(name)).find((index) => index !== undefined);
  const dayAt = column('day', 'date', 'on');
  const metals = fixMetals.flatMap((metal): { metal: FixMetal; index: number }[] => {
    const index = column(fixMetalNames[metal], metal.toLowerCase());
    return index === undefined ? [] : [{ metal, index }];
  });
  if (dayAt === undefined || metals.length === 0)
    return {
      fixes: [],
      problems: [{ line: 1, sentence: 'The first line should name the columns: day, then silver, gold and so on.' }],
    };
  const [perAt, currencyAt, sourceAt] = [column('per'), column('currency'), column('source')];
  const problems: { line: number; sentence: string }[] = [];
  const fixes = lines.flatMap((row, index): NewFix[] => {
    if (row.every((cell) => !cell.trim())) return [];
    const line = index + 2;
    const cell = (where: number | undefined) => (where === undefined ? '' : (row[where] ?? '').trim());
    const on = isoDateSchema.safeParse(cell(dayAt));
    if (!on.success) {
      problems.push({ line, sentence: `“${cell(dayAt)}” is not a day. Give it as year-month-day.` });
      return [];
    }
    const per = cell(perAt) || 'ozt';
    const prices = Object.fromEntries(
      metals.flatMap(({ metal, index: where }) => {
        const typed = cell(where);
        return typed ? [[metal, /[/a-z]/i.test(typed) ? typed : `${typed} / ${per}`]] : [];
      }),
    ) as NewFix['prices'];
    const fix = { on: on.data, currency: cell(currencyAt) || currency, prices, source: cell(sourceAt) || source };
    const wrong = fixProblems(fix);
    for (const { sentence } of wrong) problems.push({ line, sentence });
    return wrong.length > 0 ? [] : [fix];
  });
  if (fixes.length === 0 && problems.length === 0)
    problems.push({ line: 2, sentence: 'This file has column heads but no prices.' });
  return { fixes, problems };
}
