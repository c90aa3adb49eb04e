// The words of tables that are handled like a spreadsheet.
import { localWords } from './local-words.ts';

export const words = localWords({
  clear: 'Clear selection',
  columns: 'Columns',
  copied: 'Copied.',
  copyRows: 'Copy',
  copyTable: 'Copy the table',
  deleteRows: 'Delete',
  resetWidths: 'Usual column widths',
  rowDidNotFit: 'line did not fit: the table has no row for it.',
  rowsDidNotFit: 'lines did not fit: the table has no rows for them.',
  rowsSelected: 'rows selected',
  oneRowSelected: '1 row selected',
  saveAsCsv: 'Save as CSV',
  selectRow: 'Select',
  showAllColumns: 'Show all columns',
  tableMenu: 'Table',
});
