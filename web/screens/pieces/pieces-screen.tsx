// The book of pieces: every design with what it weighs, takes and is sold for; beside it, what a bench hour earns.
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { PieceDocument } from '../../../contract/pieces.ts';
import { emptyPiece } from '../../../core/piece/piece.ts';
import { priceStanding } from '../../../core/price/standing.ts';
import { useAddPieceFileMutation, useAddPieceMutation, useGetPiecesQuery } from '../../app/api.ts';
import { shortDay } from '../../app/dates.ts';
import { pieceCount, useBasis } from '../../app/reckoning.ts';
import { problemOf } from '../../app/saving.ts';
import { Spread } from '../../parts/spread.tsx';
import { EmptyBook, FirstSteps } from './empty-book.tsx';
import { HourlyPay } from './hourly-pay.tsx';
import { PieceLine } from './piece-line.tsx';
import { PricesToRenew } from './prices-to-renew.tsx';
import type { BookLine } from './book-line.ts';

export function PiecesScreen() {
  const { data: pieces } = useGetPiecesQuery();
  const basis = useBasis();
  const lines = (pieces ?? []).map((piece): BookLine => {
    const count = pieceCount(piece.body, basis);
    const accepted = piece.accepted ? pieceCount(piece.accepted, basis) : count;
    return { piece, count, standing: priceStanding(piece.priced, accepted), accepted };
  });
  const { add, open, refusal } = useAddPiece();
  const failing = lines.filter(({ standing }) => standing && !standing.holds);

  return (
    <Spread
      title="Pieces"
      left={
        <>
          <div className="flex items-start justify-between gap-4">
            <h1>Pieces</h1>
            <span className="chrome flex items-center gap-4">
              <FilePicker onFile={open} />
              <button type="button" className="button" onClick={add}>
                Describe a piece
              </button>
            </span>
          </div>
          {refusal && <p className="note note-stop mt-3">{refusal}</p>}
          {pieces && (lines.length > 0 ? <Book lines={lines} /> : <EmptyBook />)}
        </>
      }
      leftFoot={pieces && <span>{inAll(pieces)}</span>}
      right={
        <>
          {pieces?.length === 0 && <FirstSteps hasFix={basis.fix !== null} />}
          <PricesToRenew lines={failing} />
          <HourlyPay lines={lines} />
        </>
      }
      rightFoot={
        <>
          <span>{basis.fix ? `Reckoned at the noon fix of ${shortDay(basis.fix.on)}` : 'No noon fix yet'}</span>
          <span>{basis.rates.currency}</span>
        </>
      }
      bottomLine={
        <span className="font-semibold">
          {failing.length > 0 ? `${String(failing.length)} prices no longer hold` : 'What an hour earns'}
        </span>
      }
    />
  );
}

function Book({ lines }: { lines: readonly BookLine[] }) {
  return (
    <table className="rows plain-list mt-4">
      <thead>
        <tr>
          <th scope="col" className="first">
            <span className="sr-only">stock</span>
          </th>
          <th scope="col">piece</th>
          <th scope="col" className="end">
            weight, g
          </th>
          <th scope="col" className="end">
            hands, min
          </th>
          <th scope="col" className="end">
            cost
          </th>
          <th scope="col" className="end">
            wholesale
          </th>
          <th scope="col" className="end">
            retail
          </th>
        </tr>
      </thead>
      <tbody>
        {lines.map((line) => (
          <PieceLine key={line.piece.id} line={line} />
        ))}
      </tbody>
    </table>
  );
}

function inAll(pieces: readonly PieceDocument[]): string {
  const drafts = pieces.filter(({ isDraft }) => isDraft).length;
  return `${String(pieces.length)} ${pieces.length === 1 ? 'piece' : 'pieces'}${drafts ? `, ${String(drafts)} with a draft not yet accepted` : ''}`;
}

function useAddPiece() {
  const navigate = useNavigate();
  const [addPiece] = useAddPieceMutation();
  const [addFile, { error }] = useAddPieceFileMutation();
  const [unread, setUnread] = useState('');
  const goTo = (piece: PieceDocument) => navigate(`/pieces/${piece.id}`);
  return {
    refusal: unread || problemOf(error)?.detail || '',
    add: () => void addPiece(emptyPiece).unwrap().then(goTo),
    open: (file: File) => {
      setUnread('');
      file
        .text()
        .then((text) => addFile(text).unwrap())
        .then(goTo)
        .catch((reason: unknown) => {
          if (reason instanceof DOMException) setUnread(`${file.name} could not be read from the disk.`);
        });
    },
  };
}

function FilePicker({ onFile }: { onFile: (file: File) => void }) {
  return (
    <label className="link cursor-pointer text-[15px] focus-within:outline-2 focus-within:outline-act">
      Open a piece file
      <input
        type="file"
        accept="application/json,.json"
        className="sr-only"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (file) onFile(file);
        }}
      />
    </label>
  );
}
