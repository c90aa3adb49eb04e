// The list of pieces: weight, bench time and price of every design; beside it the earnings per bench hour.
import { lazy, Suspense, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { piecePaths } from '../../../contract/piece-paths.ts';
import type { PieceDocument } from '../../../contract/pieces.ts';
import { shortDay } from '../../../core/format/days.ts';
import { type BookWanted, isWanted, shelvesOf } from '../../../core/piece/book-order.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { ArchivedSwitch } from '../../components/archived-switch.tsx';
import { failureIn } from '../../components/failure.tsx';
import { FileLink } from '../../components/file-link.tsx';
import { Spread } from '../../components/spread.tsx';
import { documentArchivedAt, useArchived } from '../../hooks/use-archived.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useListState } from '../../hooks/use-list-state.ts';
import { useAddPieceFileMutation, useAddPieceMutation, useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { isTableFile, openTable, TABLE_FILES } from '../../state/import-file.ts';
import { words } from '../../words/pieces.ts';
import type { Sorting, SortKey } from './book-rows.ts';
import { BookTable } from './book-table.tsx';

// The right page counts every piece; it loads after the list.
const Earnings = lazy(async () => ({ default: (await import('./earnings.tsx')).Earnings }));
const EarningsLine = lazy(async () => ({ default: (await import('./earnings.tsx')).EarningsLine }));
const EmptyBook = lazy(async () => ({ default: (await import('./empty-book.tsx')).EmptyBook }));
const FirstSteps = lazy(async () => ({ default: (await import('./first-steps.tsx')).FirstSteps }));

const StarterDialog = lazy(async () => ({ default: (await import('./starter-dialog.tsx')).StarterDialog }));

/** A ledger with as few pieces is new. */
const FEW_PIECES = 5;

const NO_PIECES: readonly PieceDocument[] = [];
const ALL: BookWanted = { words: '', tag: '', collection: '' };
/** `sort` is `cost`, or `-cost` for the largest first; '' for the order of the ledger. */
const USUAL = { ...ALL, sort: '' };
const REMEMBERED = ['sort'] as const;
const SORT_KEYS: readonly string[] = ['name', 'weight', 'minutes', 'cost', 'wholesale', 'retail'] satisfies SortKey[];

function sortingOf(text: string): Sorting | null {
  const key = text.replace(/^-/, '');
  return SORT_KEYS.includes(key) ? { key: key as SortKey, descending: text.startsWith('-') } : null;
}

const textOf = (sorting: Sorting | null) => (sorting ? `${sorting.descending ? '-' : ''}${sorting.key}` : '');

function sortedNext(before: Sorting | null, key: SortKey): Sorting | null {
  if (before?.key !== key) return { key, descending: key !== 'name' };
  return before.descending === (key !== 'name') ? { key, descending: !before.descending } : null;
}

export function PiecesScreen() {
  const { data: all } = useGetPiecesQuery();
  const basis = useBasis();
  const [list, setList] = useListState('pieces', USUAL, REMEMBERED);
  const wanted: BookWanted = list;
  const sorting = useMemo(() => sortingOf(list.sort), [list.sort]);
  const setWanted = (next: BookWanted) => setList({ ...list, ...next });
  const { shown: pieces, ...archived } = useArchived(all ?? NO_PIECES, documentArchivedAt);
  const shown = useMemo(() => pieces.filter(({ body }) => isWanted(body, list)), [pieces, list]);
  const { add, take, open, refusal } = useAddPiece();
  const [starting, setStarting] = useState(false);
  // A press sorts up, then down, then as before.
  const onSort = (key: SortKey) => setList({ ...list, sort: textOf(sortedNext(sorting, key)) });

  return (
    <Spread
      title={words.pieces}
      left={
        <>
          <div className="flex items-start justify-between gap-4">
            <h1>{archived.isAway ? words.archivedPieces : words.pieces}</h1>
            <span className="chrome flex items-center gap-4">
              <FileLink
                label={words.importPieces}
                accept={`application/json,.json,${TABLE_FILES}`}
                onFiles={([file]) => file && open(file)}
              />
              <button type="button" className="link" onClick={() => setStarting(true)}>
                {words.startFromAPiece}
              </button>
              <button type="button" className="button" onClick={add}>
                {words.newPiece}
              </button>
            </span>
          </div>
          <Suspense>{starting && <StarterDialog onClose={() => setStarting(false)} onTake={take} />}</Suspense>
          {refusal && <p className="note note-stop mt-3">{refusal}</p>}
          {all && pieces.length > 0 && (
            <>
              <Shelves pieces={pieces} wanted={wanted} onWant={setWanted} />
              {shown.length > 0 ? (
                <BookTable pieces={shown} all={pieces} sorting={sorting} onSort={onSort} />
              ) : (
                <p className="mt-4 text-soft">
                  {words.noMatchingPieces}{' '}
                  <button type="button" className="link" onClick={() => setWanted(ALL)}>
                    {words.showAll}
                  </button>
                </p>
              )}
            </>
          )}
          <Suspense>{all?.length === 0 && <EmptyBook onStarter={() => setStarting(true)} onNew={add} />}</Suspense>
          {all && all.length > 0 && pieces.length === 0 && <p className="mt-4 text-soft">{words.noArchivedPieces}</p>}
        </>
      }
      leftFoot={
        all && (
          <>
            <span>{inAll(shown, pieces)}</span>
            <span className="chrome flex gap-4">
              {pieces.length > 0 && (
                <a className="link" href={piecePaths.exportFile.path} download>
                  {words.exportAllPieces}
                </a>
              )}
              <ArchivedSwitch {...archived} />
            </span>
          </>
        )
      }
      right={
        <Suspense>
          {all && all.length <= FEW_PIECES && <FirstSteps hasPiece={all.length > 0} hasVersion={basis.revision > 1} />}
          <Earnings pieces={pieces} />
        </Suspense>
      }
      rightFoot={
        <>
          <span>{basis.fix ? `Metal prices of ${shortDay(basis.fix.on)}` : words.noMetalPricesYet}</span>
          <span>{basis.rates.currency}</span>
        </>
      }
      bottomLine={
        <Suspense fallback={words.earningsPerBenchHour}>
          <EarningsLine pieces={pieces} />
        </Suspense>
      }
    />
  );
}

interface ShelvesProps {
  readonly pieces: readonly PieceDocument[];
  readonly wanted: BookWanted;
  readonly onWant: (wanted: BookWanted) => void;
}

function Shelves({ pieces, wanted, onWant }: ShelvesProps) {
  const { tags, collections } = useMemo(() => shelvesOf(pieces.map(({ body }) => body)), [pieces]);
  const choice = (key: 'tag' | 'collection', label: string, values: readonly string[]) =>
    values.length > 0 && (
      <select
        className="field field-choice text-[15px]"
        aria-label={label}
        value={wanted[key]}
        onChange={(event) => onWant({ ...wanted, [key]: event.target.value })}
      >
        <option value="">{label}</option>
        {values.map((value) => (
          <option key={value} value={value}>
            {value}
          </option>
        ))}
      </select>
    );
  return (
    <div className="chrome mt-3 flex flex-wrap items-baseline gap-x-5 gap-y-2">
      <input
        type="search"
        className="field field-open w-[16em]"
        aria-label={words.searchPieces}
        placeholder={words.searchNameMetalOrTag}
        value={wanted.words}
        onChange={(event) => onWant({ ...wanted, words: event.target.value })}
      />
      {choice('collection', 'any collection', collections)}
      {choice('tag', 'any tag', tags)}
    </div>
  );
}

function inAll(shown: readonly PieceDocument[], pieces: readonly PieceDocument[]): string {
  const drafts = pieces.filter(({ isDraft }) => isDraft).length;
  const count = `${String(pieces.length)} ${pieces.length === 1 ? 'piece' : 'pieces'}`;
  const found = shown.length === pieces.length ? count : `${String(shown.length)} of ${count}`;
  return `${found}${drafts ? `, ${String(drafts)} with a draft` : ''}`;
}

function useAddPiece() {
  const navigate = useNavigate();
  const [addPiece, { error: addError }] = useAddPieceMutation();
  const [addFile, { error }] = useAddPieceFileMutation();
  const [unread, setUnread] = useState('');
  const goTo = (piece: PieceDocument) => navigate(`/pieces/${piece.id}`);
  const take = (piece: Piece) => void addPiece(piece).then(({ data }) => data && goTo(data));
  // With several pieces the list shows them all.
  const goToAll = ([first, ...others]: readonly PieceDocument[]) =>
    first && others.length === 0 ? goTo(first) : undefined;
  return {
    refusal: unread || ((addError ?? error) ? failureIn(addError ?? error) : ''),
    add: () => void import('../../../core/piece/piece.ts').then(({ emptyPiece }) => take(emptyPiece)),
    take,
    open: (file: File) => {
      setUnread('');
      if (isTableFile(file)) {
        void openTable(file, file.name).then(() => navigate('/import'));
        return;
      }
      file
        .text()
        .then((text) => addFile(text).unwrap())
        .then(goToAll)
        .catch((reason: unknown) => {
          if (reason instanceof DOMException) setUnread(`${file.name} could not be read.`);
        });
    },
  };
}
