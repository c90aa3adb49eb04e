// The import of a table: left the file with its columns and rows, right what the import changes.
import { useMemo, useState } from 'react';
import { readTableFile, type TableFile } from '../../../core/import/table-file.ts';
import { FileLink } from '../../components/file-link.tsx';
import { Spread } from '../../components/spread.tsx';
import { openTable, setFileToImport, TABLE_FILES, useFileToImport } from '../../state/import-file.ts';
import { words } from '../../words/import.ts';
import { ImportCount } from './import-count.tsx';
import { ImportRows } from './import-rows.tsx';
import { useImport } from './use-import.ts';

export function ImportScreen() {
  const file = useFileToImport();
  const table = useMemo(() => file && readTableFile(file.bytes), [file]);
  if (!file || !table) return <NoFile hasFile={file !== null} />;
  // Another file starts anew.
  return <OneFile key={`${file.name} ${String(file.bytes.length)}`} name={file.name} table={table} />;
}

function NoFile({ hasFile }: { hasFile: boolean }) {
  return (
    <Spread
      title={words.importTable}
      left={
        <>
          <h1>{words.importTable}</h1>
          {hasFile && <p className="note note-stop mt-3">{words.noTable}</p>}
          <p className="mt-4 max-w-[60ch]">{words.nothingYet}</p>
          <FileOrPaste />
        </>
      }
      right={<></>}
      bottomLine={<span>{words.importTable}</span>}
    />
  );
}

function FileOrPaste() {
  return (
    <p className="mt-4 flex flex-wrap items-baseline gap-6">
      <FileLink
        isButton
        label={words.chooseAFile}
        accept={TABLE_FILES}
        onFiles={([file]) => file && void openTable(file, file.name)}
      />
      <textarea
        className="h-[2.6em] w-[18em] border border-rule bg-transparent p-2"
        aria-label={words.pasteHere}
        placeholder={words.pasteHere}
        value=""
        onChange={(event) => void openTable(new Blob([event.target.value]), words.pasted)}
      />
    </p>
  );
}

function OneFile({ name, table }: { name: string; table: TableFile }) {
  const state = useImport(table, name);
  const [refusal, setRefusal] = useState('');
  const { readings } = state;
  const ready = readings?.filter(({ value }) => value !== null).length ?? 0;
  const keep = async () => {
    const refused = await state.importRows();
    setRefusal(refused);
    if (!refused) setFileToImport(null);
  };
  return (
    <Spread
      title={words.importTable}
      left={
        <>
          <h1>{words.importTable}</h1>
          <p className="aside mt-1">
            {name}: {table.rows.length} {words.rows}, {words.inUtf8} {table.encoding},{' '}
            {table.decimal === ',' ? words.decimalComma : words.decimalPoint}
          </p>
          <ImportRows table={table} state={state} />
        </>
      }
      right={<ImportCount table={table} state={state} refusal={refusal} onImport={() => void keep()} />}
      bottomLine={
        <span className="font-semibold">
          {ready} {ready === 1 ? words.row : words.rows}
        </span>
      }
    />
  );
}
