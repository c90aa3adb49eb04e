// Entries of the metal account, latest first. A wrong one is corrected by its counter-entry, with one press.
import { Link } from 'react-router';
import type { MetalEntry, MetalLine } from '../../core/account/entry.ts';
import { batchAt, heldKind, jarAt } from '../../core/account/place.ts';
import { dayInWords } from '../../core/format/days.ts';
import { showNumber } from '../../core/format/numbers.ts';
import type { Alloy } from '../../core/metal/alloys.ts';
import { useBasis } from '../hooks/use-basis.ts';
import { useBatchNames } from '../hooks/use-batch-names.ts';
import { useCorrectEntryMutation } from '../state/endpoints/account.ts';
import { showToast } from '../state/toasts.ts';
import { heldWords, jarWords, kindWords, outsideWords, words } from '../words/account.ts';
import { Failure, isTaken } from './failure.tsx';

interface MetalEntriesProps {
  readonly entries: readonly MetalEntry[];
  readonly label: string;
}

export function MetalEntries({ entries, label }: MetalEntriesProps) {
  const { rates } = useBasis();
  const batches = useBatchNames();
  const [correct, { error }] = useCorrectEntryMutation();
  if (entries.length === 0) return <p className="aside mt-1">{words.noEntriesYet}</p>;
  const onCorrect = async (id: number) => {
    const answer = await correct({ id, why: '' });
    if (isTaken(answer)) showToast(words.corrected);
  };
  return (
    <>
      <table className="rows" aria-label={label}>
        <tbody>
          {entries.map((entry) => (
            <tr key={entry.id} className={`border-b border-hair ${entry.correctedBy === null ? '' : 'text-soft'}`}>
              <td className="first num whitespace-nowrap text-[14px]">{dayInWords(entry.on)}</td>
              <td className="text-[14px]">
                <details>
                  <summary>
                    {kindWords[entry.kind]}
                    <span className="num">, {gramsOfMg(movedMg(entry))} g </span>
                    {metalsOf(entry, rates.alloys)}
                    {entry.correctedBy !== null && <span className="aside">, {words.correctedLater}</span>}
                  </summary>
                  {entry.lines.map((line) => (
                    <span key={`${line.place} ${line.lot ?? ''} ${line.alloy}`} className="aside block">
                      <LineInWords line={line} alloys={rates.alloys} batchName={batches.get(entry.batchId ?? '')} />
                    </span>
                  ))}
                </details>
                {entry.batchId !== null && (
                  <Link className="link aside mr-2" to={`/batches/${entry.batchId}`}>
                    {batches.get(entry.batchId) ?? words.batch}
                  </Link>
                )}
                {entry.why && <span className="aside">{entry.why}</span>}
              </td>
              <td className="end">
                {entry.correctedBy === null && entry.kind !== 'reversed' && (
                  <button
                    type="button"
                    className="link chrome text-[14px]"
                    aria-label={`${words.correct}: ${kindWords[entry.kind]}, ${dayInWords(entry.on)}`}
                    onClick={() => void onCorrect(entry.id)}
                  >
                    {words.correct}
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <Failure of={[error]} />
    </>
  );
}

/** mg that changed place: what came, gross. */
function movedMg({ lines }: MetalEntry): number {
  return lines.reduce((sum, { mg }) => sum + Math.max(0, mg), 0);
}

function metalsOf({ lines }: MetalEntry, alloys: ReadonlyMap<string, Alloy>): string {
  return [...new Set(lines.map(({ alloy }) => alloys.get(alloy)?.name ?? alloy))].join(', ');
}

interface LineInWordsProps {
  readonly line: MetalLine;
  readonly alloys: ReadonlyMap<string, Alloy>;
  readonly batchName: string | undefined;
}

function LineInWords({ line, alloys, batchName }: LineInWordsProps) {
  const batch = batchAt(line.place);
  const name = alloys.get(line.alloy)?.name ?? line.alloy;
  return (
    <>
      <span className="num">
        {line.mg > 0 ? '+' : '−'}
        {gramsOfMg(Math.abs(line.mg))} g
      </span>{' '}
      {name},{' '}
      {batch === null ? (
        <span className="lowercase">{placeInWords(line)}</span>
      ) : (
        <span>{batchName ?? words.batch}</span>
      )}
      {line.lot !== null && (
        <>
          ,{' '}
          <Link className="link" to={`/lots/${line.lot}`}>
            {words.lot} {line.lotNumber}
          </Link>
        </>
      )}
    </>
  );
}

/** A place in words: `stock`, `clean scrap`, `bought`. */
function placeInWords({ place }: Pick<MetalLine, 'place'>): string {
  const jar = jarAt(place);
  if (jar) return jarWords[jar.kind];
  const held = heldKind(place);
  return held ? heldWords[held] : outsideWords[place as keyof typeof outsideWords];
}

/** mg as grams, to the hundredth. */
export function gramsOfMg(mg: number): string {
  return showNumber(mg / 1000, 2);
}
