// Blocks of cells between a table and a spreadsheet.
import { flushSync } from 'react-dom';
import { asOneStep } from '../state/one-step.ts';
import { cellsOf, columnOf, columnsFrom, rowOf, rowsAround, shownText, textsOf } from './cells.ts';

/** Lines of cells. */
export type Block = readonly (readonly string[])[];

/** More lines than this are no block of a studio. */
const MOST_LINES = 500;

/** Several cells as a spreadsheet copies them; null where the text is one cell. */
export async function blockOf(text: string): Promise<Block | null> {
  if (!isBlock(text)) return null;
  const { default: Papa } = await import('papaparse');
  return Papa.parse<string[]>(text.replace(/\r?\n$/, ''), { delimiter: '\t' }).data.slice(0, MOST_LINES);
}

/** Whether a text has several cells. */
export function isBlock(text: string): boolean {
  return /[\t\n]/.test(text.replace(/\r?\n$/, ''));
}

/** Cells as a spreadsheet pastes them. */
export function tsvOf(block: Block): string {
  return block.map((line) => line.map((cell) => cell.replace(/[\t\r\n]+/g, ' ')).join('\t')).join('\n');
}

/** A table as it is shown, its heads first. @param rows  the rows; left out: all */
export function blockOfTable(table: HTMLTableElement, rows: readonly Element[] = allRows(table)): Block {
  const lines = [headsOf(table), ...rows.map(textsOf)].filter((line) => line.some(Boolean));
  const width = Math.max(0, ...lines.map(({ length }) => length));
  // A column of drawings or tools has no text.
  const full = Array.from({ length: width }, (_, at) => at).filter((at) => lines.some((line) => line[at]));
  return lines.map((line) => full.map((at) => line[at] ?? ''));
}

function allRows(table: HTMLTableElement): readonly Element[] {
  return [...table.querySelectorAll('tbody[data-row]:not(.blank-row), tbody:not([data-row], [aria-hidden]) > tr')];
}

/** The words of the column heads; '' for a head that is not shown. */
export function headsOf(table: HTMLTableElement): readonly string[] {
  return [...(table.tHead?.rows[0]?.cells ?? [])].map(headText);
}

function headText(head: Element): string {
  return head.firstElementChild?.classList.contains('sr-only') ? '' : shownText(head);
}

/**
 * Writes a block to the fields from one field to the right and down. Lines below the last row add rows where the table
 * takes new ones. All of it is one step of Undo.
 * @param field  an element of a field
 * @param isWhole  whether the lines are whole rows with every field, as they are copied here
 * @returns number of lines for which there was no row
 */
export function writeBlock(field: Element, block: Block, isWhole = false): number {
  const row = rowOf(field);
  const table = row?.closest<HTMLElement>('table, [data-grid]');
  if (!row || !table) return block.length;
  const at = rowsAround(row).indexOf(row);
  const from = Math.max(0, columnOf(row, field));
  // Rows are found anew after each step: a new row is another element, and a new kind has other fields.
  const write = (line: number, column: number): boolean => {
    const target = rowsAround(table.firstElementChild ?? table)[at + line];
    const to = isWhole || !target ? column : (columnsFrom(target, from)[column] ?? -1);
    const cell = target && cellsOf(target)[to];
    if (!cell) return false;
    const text = (block[line]?.[column] ?? '').trim();
    if (text !== cell.text) cell.write(text);
    return true;
  };
  let left = 0;
  asOneStep(() => {
    const width = Math.max(...block.map(({ length }) => length));
    block.forEach((_, line) => {
      // The first column adds the rows: one after the other, each below the one before.
      flushSync(() => {
        if (!write(line, 0)) left += 1;
      });
    });
    for (let column = 1; column < width; column += 1)
      flushSync(() => {
        block.forEach((_, line) => write(line, column));
      });
  });
  return left;
}

/** Writes the text of a column of the first row to the rows below it, as one step of Undo. */
export function fillDown(rows: readonly Element[], column: number): void {
  const [first, ...below] = rows;
  const text = first && cellsOf(first)[column]?.text;
  if (text === undefined) return;
  asOneStep(() => flushSync(() => below.forEach((row) => cellsOf(row)[column]?.write(text))));
}
