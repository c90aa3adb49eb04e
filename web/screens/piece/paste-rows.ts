// Rows pasted from a spreadsheet are added at the foot of their table.
import Papa from 'papaparse';
import { type ClipboardEvent, useCallback } from 'react';
import { type Cells, findingOfCells, partOfCells, stepOfCells, withoutHeads } from '../../../core/piece/paste.ts';
import type { EditPiece } from '../../components/remark-lines.tsx';
import { useBasis } from '../../hooks/use-basis.ts';

/** More rows than this are no recipe of a piece. */
const MOST_ROWS = 200;

export function usePasteRows(table: 'parts' | 'findings' | 'steps', edit: EditPiece) {
  const { rates, fix } = useBasis();
  return useCallback(
    (event: ClipboardEvent) => {
      const text = event.clipboardData.getData('text/plain');
      // One cell is text for the focused field; a table has a tab or several lines.
      if (!/[\t\n]\s*\S/.test(text)) return;
      // In a row that is there already the cells go to its fields.
      if ((event.target as Element).closest('tbody[data-row]:not(.blank-row)')) return;
      event.preventDefault();
      const { data } = Papa.parse<string[]>(text.trim(), {
        delimiter: text.includes('\t') ? '\t' : '',
        skipEmptyLines: 'greedy',
      });
      const lines: readonly Cells[] = withoutHeads(data).slice(0, MOST_ROWS);
      // The ask line reads the words; it loads only when something is pasted.
      void import('../../../core/ask/ask.ts').then(({ ask }) => {
        const read = (words: string) => {
          const answer = words ? ask(words, { alloys: rates.alloys, fix }) : null;
          return answer?.ok ? answer.part : null;
        };
        const newId = () => crypto.randomUUID();
        edit('', (piece) => {
          for (const cells of lines) {
            if (table === 'parts') piece.parts.push(partOfCells(cells, newId(), read));
            else if (table === 'findings') piece.findings.push(findingOfCells(cells, newId()));
            else piece.steps.push(stepOfCells(cells, newId()));
          }
        });
      });
    },
    [table, edit, rates.alloys, fix],
  );
}
