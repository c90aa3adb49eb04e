// The metal of a batch: what it holds, what came back, and the loss, which is what is missing.
import { useState } from 'react';
import { Link } from 'react-router';
import { balances } from '../../../core/account/balance.ts';
import type { MetalEntry } from '../../../core/account/entry.ts';
import { batchAt } from '../../../core/account/place.ts';
import { type Batch, isDone } from '../../../core/batch/batch.ts';
import type { BatchCount } from '../../../core/batch/count-batch.ts';
import { gramsOfMg, MetalEntries } from '../../components/metal-entries.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useGetBatchMetalQuery } from '../../state/endpoints/stock.ts';
import { words as accountWords } from '../../words/account.ts';
import { words } from '../../words/batch-metal.ts';
import { IssueByHand } from './issue-by-hand.tsx';
import { MetalBalance } from './metal-balance.tsx';
import { ReturnForm } from './return-form.tsx';

interface BatchMetalProps {
  readonly id: string;
  readonly body: Batch;
  readonly count: BatchCount;
}

const NO_ENTRIES: readonly MetalEntry[] = [];

export function BatchMetal({ id, body, count }: BatchMetalProps) {
  const { data: entries = NO_ENTRIES } = useGetBatchMetalQuery(id);
  const held = heldBy(entries, id);
  const returned = entries.filter(({ kind, correctedBy }) => kind === 'returned' && correctedBy === null);
  const [isReturning, setReturning] = useState(false);
  if (entries.length === 0 && isDone(body)) return null;
  return (
    <section className="mt-7" aria-labelledby="metal-of-batch">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 id="metal-of-batch">{words.metal}</h2>
        {held.length > 0 && !isReturning && (
          <button type="button" className="link chrome text-[15px]" onClick={() => setReturning(true)}>
            {words.bookReturn}
          </button>
        )}
      </div>
      {held.length > 0 && <Held held={held} />}
      {!isDone(body) && <IssueByHand id={id} />}
      {isReturning && held.length > 0 && (
        <ReturnForm id={id} count={count} held={held} onDone={() => setReturning(false)} />
      )}
      {returned.map((entry) => (
        <MetalBalance key={entry.id} entry={entry} count={count} />
      ))}
      {isHere(entries) && (
        <p className="aside mt-1">
          {words.piecesAreHere}{' '}
          <Link className="link" to="/made">
            {words.finishedPieces}
          </Link>
        </p>
      )}
      {entries.length > 0 && (
        <details className="mt-2">
          <summary className="chrome text-[14px] text-act">{accountWords.entries}</summary>
          <MetalEntries entries={entries} label={words.entriesOfBatch} />
        </details>
      )}
    </section>
  );
}

/** Whether finished metal of the batch is here. */
function isHere(entries: readonly MetalEntry[]): boolean {
  return (
    entries.flatMap(({ lines }) => lines).reduce((sum, { place, mg }) => sum + (place === 'finished' ? mg : 0), 0) > 0
  );
}

/** mg by alloy. */
type Held = readonly { readonly alloy: string; readonly mg: number }[];

function heldBy(entries: readonly MetalEntry[], id: string): Held {
  return balances(entries).filter(({ place }) => batchAt(place) === id);
}

function Held({ held }: { held: Held }) {
  const { alloys } = useBasis().rates;
  return (
    <p className="text-[15px]">
      {words.holds}{' '}
      {held.map(({ alloy, mg }, at) => (
        <span key={alloy}>
          {at > 0 && ', '}
          <b className="num">{gramsOfMg(mg)} g</b> {alloys.get(alloy)?.name ?? alloy}
        </span>
      ))}
    </p>
  );
}
