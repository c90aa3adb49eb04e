// Metal prices from a table, or from the price stand-in that ships with the app.
import { useState } from 'react';
import { countedNoun } from '../../../core/format/variants.ts';
import type { NewFix } from '../../../core/metal/fix.ts';
import { readFixTable } from '../../../core/metal/fix-file.ts';
import { FileLink } from '../../components/file-link.tsx';
import { useNow } from '../../hooks/use-now.ts';
import { useAddFixesMutation, useLazyGetOfferedQuery } from '../../state/endpoints/metal.ts';
import { problemOf } from '../../state/saving.ts';
import { words } from '../../words/studio.ts';

interface FixSourcesProps {
  readonly currency: string;
  /** Puts prices into the fields above, to be checked before they are saved. */
  readonly onOffer: (offer: Pick<NewFix, 'prices' | 'source'>) => void;
}

export function FixSources({ currency, onOffer }: FixSourcesProps) {
  const { day } = useNow();
  const [ask, { isFetching }] = useLazyGetOfferedQuery();
  const [addFixes] = useAddFixesMutation();
  const [says, setSays] = useState('');
  const offer = async () => {
    const answer = await ask({ until: day, days: 7, currency });
    const latest = answer.data?.[0];
    setSays(latest ? `Of ${latest.on}. These are sample prices.` : words.thePriceSourceHasNo);
    if (latest) onOffer(latest);
  };
  const open = async (file: File) => {
    const { readCsv } = await import('../../../core/format/csv.ts');
    const data = readCsv(await file.text());
    const { fixes, problems } = readFixTable(data, currency, `from ${file.name}`.slice(0, 200));
    const [first] = problems;
    if (first) {
      setSays(`Import failed, nothing was changed. Line ${String(first.line)}: ${first.sentence}`);
      return;
    }
    const answer = await addFixes([...fixes]);
    setSays(
      'error' in answer
        ? (problemOf(answer.error)?.detail ?? words.cantConnectToNoonLedger)
        : `${countedNoun(fixes.length, 'day')} of metal prices imported.`,
    );
  };
  return (
    <p className="chrome mt-2 flex flex-wrap items-baseline gap-x-5 text-[15px]">
      <button type="button" className="link" disabled={isFetching} onClick={() => void offer()}>
        {words.loadSamplePrices}
      </button>
      <FileLink label={words.importCsv} accept=".csv,text/csv" onFiles={([file]) => file && void open(file)} />
      <span role="status" className="aside basis-full">
        {says}
      </span>
    </p>
  );
}
