// What an import changes, and the button that does it.
import { useMemo } from 'react';
import type { RowEffect } from '../../../core/import/row-reading.ts';
import type { TableFile } from '../../../core/import/table-file.ts';
import { alloyOptions } from '../../components/alloy-options.ts';
import { Choice } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { saveTable } from '../../hooks/save-table.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { words } from '../../words/import.ts';
import { SalesChoices } from './sales-choices.tsx';
import type { useImport } from './use-import.ts';

interface ImportCountProps {
  readonly table: TableFile;
  readonly state: ReturnType<typeof useImport>;
  readonly refusal: string;
  readonly onImport: () => void;
}

const effects: readonly RowEffect[] = ['new', 'changed', 'same', 'bad'];

export function ImportCount({ table, state, refusal, onImport }: ImportCountProps) {
  const { choices, readings, missing, setChoices, repaired } = state;
  const { alloys } = useBasis().rates;
  const metals = useMemo(() => alloyOptions(alloys, choices.usualAlloy), [alloys, choices.usualAlloy]);
  const read = readings ?? [];
  const ready = read.filter(({ effect, value }) => value !== null && effect !== 'bad').length;
  const badRows = table.rows.flatMap((row, index) =>
    read[index]?.effect === 'bad' ? [repaired.get(index) ?? row] : [],
  );
  return (
    <section aria-labelledby="import-result">
      <h2 id="import-result">{words.result}</h2>
      <table className="rows mt-2">
        <tbody>
          {effects.map((effect) => (
            <tr key={effect}>
              <th scope="row" className={effect === 'bad' && badRows.length > 0 ? 'text-stop!' : ''}>
                {words[effect]}
              </th>
              <td className="end num">{read.filter((one) => one.effect === effect).length}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {choices.kind === 'pieces' && (
        <>
          <p className="aside mt-3">{words.simplePieces}</p>
          <p className="mt-3">
            <span className="aside block">{words.usualMetal}</span>
            <Choice
              value={choices.usualAlloy}
              options={metals}
              label={words.usualMetal}
              onChange={(usualAlloy) => setChoices({ usualAlloy })}
            />
          </p>
        </>
      )}
      {choices.kind === 'priceList' && (
        <p className="mt-3">
          <span className="aside block">{words.supplierOfRows}</span>
          <Field
            open
            wide
            value={choices.supplier}
            label={words.supplierOfRows}
            onChange={(supplier) => setChoices({ supplier })}
          />
        </p>
      )}
      {choices.kind === 'sales' && <SalesChoices table={table} choices={choices} onChange={setChoices} />}
      {refusal && <p className="note note-stop mt-3">{refusal}</p>}
      <button
        type="button"
        className="button mt-5"
        disabled={ready === 0 || missing.length > 0 || readings === null}
        onClick={onImport}
      >
        {words.importRows} {ready > 0 && `${String(ready)} ${ready === 1 ? words.row : words.rows}`}
      </button>
      {ready === 0 && readings !== null && <p className="aside mt-2">{words.noRows}</p>}
      {badRows.length > 0 && (
        <>
          <p className="aside mt-4">{words.repairThem}</p>
          <button
            type="button"
            className="link mt-1"
            onClick={() => void saveTable([table.heads, ...badRows], 'rows-to-repair.csv')}
          >
            {words.saveBadRows}
          </button>
        </>
      )}
      <p className="aside mt-4">{words.remembered}</p>
    </section>
  );
}
