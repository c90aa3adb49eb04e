// Imports a supplier's price list, from a table or from the sample list that ships with the app.
import { useState } from 'react';
import { priceListRoutes } from '../../../contract/price-lists.ts';
import type { SupplierItem } from '../../../core/batch/buying/price-list.ts';
import { readPriceList } from '../../../core/batch/buying/price-list-file.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useAddPriceListMutation } from '../../state/endpoints/stock.ts';
import { problemOf } from '../../state/saving.ts';
import { words } from '../../words/buying.ts';

export function PriceListBox({ items }: { items: readonly SupplierItem[] }) {
  const { rates } = useBasis();
  const [add] = useAddPriceListMutation();
  const [says, setSays] = useState('');
  const keep = async (text: string) => {
    const { readCsv } = await import('../../../core/format/csv.ts');
    const data = readCsv(text);
    const { items: read, problems } = readPriceList(data, rates.alloys, rates.currency);
    const [first] = problems;
    if (first) {
      setSays(`Import failed, nothing was changed. Line ${String(first.line)}: ${first.sentence}`);
      return;
    }
    const answer = await add(read);
    setSays(
      'error' in answer
        ? (problemOf(answer.error)?.detail ?? words.cantConnectToNoonLedger)
        : `${String(read.length)} ${read.length === 1 ? 'item' : 'items'} imported.`,
    );
  };
  const suppliers = [...new Set(items.map(({ supplier }) => supplier))];
  return (
    <section className="chrome mt-6" aria-labelledby="price-lists">
      <h2 id="price-lists">{words.priceLists}</h2>
      {suppliers.length === 0 && <p className="aside mt-1">{words.noneYetAPriceList}</p>}
      <ul className="text-[15px]">
        {suppliers.map((supplier) => (
          <li key={supplier}>
            {supplier} <span className="aside">{items.filter((one) => one.supplier === supplier).length} items</span>
          </li>
        ))}
      </ul>
      <p className="mt-1 flex flex-wrap items-baseline gap-x-5 text-[15px]">
        <label className="link cursor-pointer">
          {words.importPriceListCsv}
          <input
            type="file"
            accept=".csv,text/csv"
            className="sr-only"
            onChange={(event) => {
              const [file] = event.target.files ?? [];
              if (file) void file.text().then(keep);
              event.target.value = '';
            }}
          />
        </label>
        <button
          type="button"
          className="link"
          onClick={() =>
            void fetch(priceListRoutes.sample.path)
              .then(async (answer) => await answer.text())
              .then(keep)
          }
        >
          {words.loadSamplePriceList}
        </button>
        <a className="link" href={priceListRoutes.sample.path} download="price list.csv">
          {words.downloadCsvTemplate}
        </a>
      </p>
      <p role="status" className="aside">
        {says}
      </p>
    </section>
  );
}
