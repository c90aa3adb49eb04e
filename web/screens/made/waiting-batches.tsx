// Finished batches whose pieces have not come in.
import { useState } from 'react';
import { Link } from 'react-router';
import type { WaitingBatch } from '../../../contract/made.ts';
import { Failure } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useMadeBooked } from '../../components/use-made-booked.ts';
import type { Made } from '../../hooks/use-made.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useTakeInMutation } from '../../state/endpoints/made.ts';
import { words } from '../../words/made.ts';

export function WaitingBatches({ made: { waiting } }: { made: Made }) {
  const [open, setOpen] = useState<string | null>(null);
  if (waiting.length === 0) return null;
  return (
    <section className="chrome mt-6" aria-labelledby="waiting">
      <h2 id="waiting">{words.waiting}</h2>
      <ul className="mt-1">
        {waiting.map((batch) => (
          <li key={batch.batchId} className="border-b border-hair py-1">
            <span className="flex items-baseline justify-between gap-3 text-[15px]">
              <Link className="link" to={`/batches/${batch.batchId}`}>
                {batch.title}
              </Link>
              <button
                type="button"
                className="link"
                aria-expanded={open === batch.batchId}
                onClick={() => setOpen(open === batch.batchId ? null : batch.batchId)}
              >
                {words.bringIn}
              </button>
            </span>
            {open === batch.batchId && <TakeInForm batch={batch} onDone={() => setOpen(null)} />}
          </li>
        ))}
      </ul>
    </section>
  );
}

type Typed = Readonly<Record<'good' | 'second' | 'sample', string>>;

function TakeInForm({ batch, onDone }: { batch: WaitingBatch; onDone: () => void }) {
  const { day } = useNow();
  const [take, { error, isLoading }] = useTakeInMutation();
  const booked = useMadeBooked();
  const [rows, setRows] = useState<Readonly<Record<string, Typed>>>(() =>
    Object.fromEntries(batch.rows.map(({ key, good }) => [key, { good: String(good), second: '', sample: '' }])),
  );
  const save = async () => {
    const typed = Object.entries(rows).map(([key, row]) => ({ key, ...row }));
    if (booked(await take({ id: batch.batchId, on: day, rows: typed }), words.broughtIn)) onDone();
  };
  return (
    <>
      <table className="rows" aria-label={`${words.bringIn}: ${batch.title}`}>
        <TableHeader of={[words.piece, { end: words.good }, { end: words.second }, { end: words.sample }]} />
        <tbody>
          {batch.rows.map(({ key, name }) => (
            <tr key={key} className="border-b border-hair">
              <td className="first">{name}</td>
              {(['good', 'second', 'sample'] as const).map((grade) => (
                <td key={grade} className="end num">
                  <Field
                    end
                    open
                    className="num"
                    value={rows[key]?.[grade] ?? ''}
                    label={`${name}, ${words[grade]}`}
                    placeholder="0"
                    onChange={(text) =>
                      setRows({ ...rows, [key]: { good: '', second: '', sample: '', ...rows[key], [grade]: text } })
                    }
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <button type="button" className="button my-2" disabled={isLoading} onClick={() => void save()}>
        {words.bringIn}
      </button>
      <Failure of={[error]} />
    </>
  );
}
