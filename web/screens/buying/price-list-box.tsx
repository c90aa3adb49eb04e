// Imports a supplier's price list, from a table or from the sample list that ships with the app.
import { useNavigate } from 'react-router';
import { priceListRoutes } from '../../../contract/price-lists.ts';
import type { SupplierItem } from '../../../core/batch/buying/price-list.ts';
import { FileLink } from '../../components/file-link.tsx';
import { openTable, TABLE_FILES } from '../../state/import-file.ts';
import { words } from '../../words/buying.ts';

export function PriceListBox({ items }: { items: readonly SupplierItem[] }) {
  const navigate = useNavigate();
  const look = async (table: Blob, name: string) => {
    await openTable(table, name);
    await navigate('/import');
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
        <FileLink
          label={words.importPriceListCsv}
          accept={TABLE_FILES}
          onFiles={([file]) => file && void look(file, file.name)}
        />
        <button
          type="button"
          className="link"
          onClick={() =>
            void fetch(priceListRoutes.sample.path)
              .then(async (answer) => await answer.blob())
              .then((table) => look(table, words.samplePriceList))
          }
        >
          {words.loadSamplePriceList}
        </button>
        <a className="link" href={priceListRoutes.sample.path} download="price list.csv">
          {words.downloadCsvTemplate}
        </a>
      </p>
    </section>
  );
}
