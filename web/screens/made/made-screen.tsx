// Finished pieces: what is where. Pieces are chosen by number or by scanning their tags, then moved, sold, or written off.
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { MadeBalance } from '../../../core/made/made-balance.ts';
import { type Grade, grades, type MadeEntry } from '../../../core/made/made-entry.ts';
import { itemName, type MadeItem, tagCode } from '../../../core/made/made-item.ts';
import type { MadePlace } from '../../../core/made/made-place.ts';
import { Choice } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { MadeThumb } from '../../components/made-thumb.tsx';
import { FinishedNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { saveTable } from '../../hooks/save-table.ts';
import { useListState } from '../../hooks/use-list-state.ts';
import { type Made, useMade } from '../../hooks/use-made.ts';
import { gradeWords, words } from '../../words/made.ts';
import { CountPlace } from './count-place.tsx';
import { FromQuote } from './from-quote.tsx';
import { LiesLong } from './lies-long.tsx';
import { MadeEntries } from './made-entries.tsx';
import { OpeningForm } from './opening-form.tsx';
import { PickActions } from './pick-actions.tsx';
import { ScanTag } from './scan-tag.tsx';
import { SingleDetail } from './single-detail.tsx';
import { WaitingBatches } from './waiting-batches.tsx';

/** Pieces of one item and grade with where they are. */
interface Row {
  readonly item: MadeItem;
  readonly grade: Grade;
  readonly at: ReadonlyMap<MadePlace, number>;
  readonly total: number;
}

const FIRST = { place: 'studio' };
const keyOf = ({ item, grade }: { item: string; grade: Grade }) => `${item} ${grade}`;

export function MadeScreen() {
  const made = useMade();
  const [list, setList] = useListState('made', FIRST, []);
  const place = list.place as MadePlace;
  const [taken, setTaken] = useState<Readonly<Record<string, string>>>({});
  const [customer, setCustomer] = useState('');
  const [isCounting, setCounting] = useState(false);
  const rows = useMemo(() => rowsOf(made), [made]);
  const here = rows.filter(({ at }) => (at.get(place) ?? 0) > 0);
  const picks = here.flatMap(({ item, grade, at }) => {
    const count = Math.min(Number(taken[keyOf({ item: item.id, grade })] ?? 0) || 0, at.get(place) ?? 0);
    return count > 0 ? [{ item: item.id, place, grade, count: Math.floor(count) }] : [];
  });
  const chosen = picks.reduce((sum, { count }) => sum + count, 0);
  const add = (item: MadeItem) => {
    const row = here.find((one) => one.item.id === item.id);
    if (!row) return false;
    const key = keyOf({ item: item.id, grade: row.grade });
    const next = Math.min((Number(taken[key]) || 0) + 1, row.at.get(place) ?? 0);
    setTaken({ ...taken, [key]: String(next) });
    return true;
  };
  const choose = ({ lines }: MadeEntry, who: string) => {
    setList({ place: 'studio' });
    setCustomer(who);
    const came = lines.filter((line) => line.place === 'studio' && line.grade === 'good');
    setTaken(Object.fromEntries(came.map((line) => [keyOf(line), String(line.count)])));
  };
  const total = rows.reduce((sum, row) => sum + row.total, 0);
  return (
    <Spread
      title={words.finishedPieces}
      left={
        <>
          <FinishedNav />
          <div className="flex flex-wrap items-baseline justify-between gap-x-4">
            <h1>{words.finishedPieces}</h1>
            {rows.length > 0 && (
              <span className="chrome flex gap-4 text-[15px]">
                <button type="button" className="link" onClick={() => setCounting(!isCounting)}>
                  {words.countPlace}
                </button>
                <button
                  type="button"
                  className="link"
                  onClick={() => void saveTable(tableOf(rows, made), 'finished pieces.csv')}
                >
                  {words.exportCsv}
                </button>
              </span>
            )}
          </div>
          {made.isThere && rows.length === 0 && <p className="mt-3 max-w-[60ch]">{words.noPiecesYet}</p>}
          {rows.length > 0 && (
            <p className="chrome mt-2 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[15px]">
              <span>
                {words.from}{' '}
                <Choice
                  open
                  value={place}
                  options={made.places.map(({ value, label }) => ({ value, label }))}
                  label={words.from}
                  onChange={(next) => {
                    setList({ place: next });
                    setTaken({});
                  }}
                />
              </span>
              <ScanTag items={made.items} onItem={add} />
              <FromQuote
                made={made}
                place={place}
                onPick={(wanted, who) => {
                  setCustomer(who);
                  setTaken(Object.fromEntries(wanted.map((one) => [keyOf(one), String(one.count)])));
                }}
              />
            </p>
          )}
          {isCounting ? (
            <CountPlace key={place} made={made} place={place} onDone={() => setCounting(false)} />
          ) : (
            rows.length > 0 && <PiecesTable rows={rows} made={made} place={place} taken={taken} onTake={setTaken} />
          )}
          <OpeningForm made={made} />
        </>
      }
      leftFoot={
        <span>
          {total} {words.finishedPieces.toLowerCase()}
        </span>
      }
      right={
        <>
          <PickActions
            key={customer}
            made={made}
            picks={picks}
            place={place}
            customer={customer}
            onDone={() => {
              setTaken({});
              setCustomer('');
            }}
          />
          <WaitingBatches made={made} />
          <LiesLong made={made} />
          <MadeEntries made={made} most={8} onChoose={choose} />
        </>
      }
      bottomLine={
        <span className="font-semibold">
          {chosen > 0 ? `${String(chosen)} ${words.chosen}` : `${String(total)} ${words.finishedPieces.toLowerCase()}`}
        </span>
      }
    />
  );
}

function rowsOf({ held, itemOf }: Made): Row[] {
  const rows = new Map<string, { item: MadeItem; grade: Grade; at: Map<MadePlace, number>; total: number }>();
  for (const { item: id, grade, place, count } of held) {
    const item = itemOf.get(id);
    if (!item) continue;
    const row = rows.get(keyOf({ item: id, grade })) ?? { item, grade, at: new Map(), total: 0 };
    row.at.set(place, count);
    row.total += count;
    rows.set(keyOf({ item: id, grade }), row);
  }
  return [...rows.values()].sort(
    (a, b) =>
      itemName(a.item).localeCompare(itemName(b.item)) ||
      grades.indexOf(a.grade) - grades.indexOf(b.grade) ||
      a.item.number - b.item.number,
  );
}

/** Places with pieces, the studio first. */
function placesOf(held: readonly MadeBalance[]): MadePlace[] {
  const places = [...new Set(held.map(({ place }) => place))];
  return places.sort((a, b) => Number(b === 'studio') - Number(a === 'studio') || a.localeCompare(b));
}

function tableOf(rows: readonly Row[], { held, placeName }: Made): string[][] {
  const places = placesOf(held);
  const heads = ['tag', 'piece', 'size', 'version', 'grade', ...places.map(placeName), 'total'];
  const cells = rows.map(({ item, grade, at, total }) => [
    tagCode(item), item.name, item.sizeName, String(item.revision), grade, ...places.map((place) => String(at.get(place) ?? 0)), String(total),
  ]); // prettier-ignore
  return [heads, ...cells];
}

interface PiecesTableProps {
  readonly rows: readonly Row[];
  readonly made: Made;
  readonly place: MadePlace;
  readonly taken: Readonly<Record<string, string>>;
  readonly onTake: (taken: Readonly<Record<string, string>>) => void;
}

function PiecesTable({ rows, made, place, taken, onTake }: PiecesTableProps) {
  const places = placesOf(made.held);
  return (
    <table className="rows mt-2" aria-label={words.finishedPieces}>
      <TableHeader
        of={[
          { hidden: words.piece, width: 'w-[56px]' },
          words.piece,
          ...places.map((one) => ({ end: made.placeName(one) })),
          { end: words.total },
          { end: words.take },
        ]}
      />
      {rows.map((row) => (
        <PieceRow key={keyOf({ item: row.item.id, grade: row.grade })} {...{ row, places, place, taken, onTake }} />
      ))}
    </table>
  );
}

interface PieceRowProps extends Pick<PiecesTableProps, 'place' | 'taken' | 'onTake'> {
  readonly row: Row;
  readonly places: readonly MadePlace[];
}

function PieceRow({ row: { item, grade, at, total }, places, place, taken, onTake }: PieceRowProps) {
  const key = keyOf({ item: item.id, grade });
  const here = at.get(place) ?? 0;
  const typed = taken[key] ?? '';
  const isTooMany = typed.trim() !== '' && !(Number(typed) >= 0 && Number(typed) <= here);
  const [isOpen, setOpen] = useState(false);
  return (
    <tbody>
      <tr className="border-b border-hair">
        <td className="first">
          <MadeThumb item={item} />
        </td>
        <td>
          {item.pieceId ? (
            <Link className="link" to={`/pieces/${item.pieceId}`}>
              {item.name}
            </Link>
          ) : (
            item.name
          )}
          <span className="aside block">
            {[tagCode(item), item.sizeName, grade === 'good' ? '' : gradeWords[grade], item.weight]
              .filter(Boolean)
              .join(', ')}
            {item.isSingle && (
              <>
                {', '}
                <button type="button" className="link" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
                  {words.photoAndWeight}
                </button>
              </>
            )}
          </span>
        </td>
        {places.map((one) => (
          <td key={one} className={`end num ${one === place ? 'font-semibold' : ''}`}>
            {at.get(one) ?? ''}
          </td>
        ))}
        <td className="end num">{total}</td>
        <td className="end num">
          {here > 0 && (
            <Field
              end
              open
              className="num"
              column="take"
              value={typed}
              label={`${itemName(item)}, ${gradeWords[grade]}, ${words.take}`}
              placeholder="0"
              problem={isTooMany ? `0 – ${String(here)}` : undefined}
              onChange={(next) => onTake({ ...taken, [key]: next })}
            />
          )}
        </td>
      </tr>
      {isOpen && (
        <tr className="border-b border-hair">
          <td />
          <td colSpan={places.length + 3}>
            <SingleDetail key={item.photo} item={item} />
          </td>
        </tr>
      )}
    </tbody>
  );
}
