// Two pieces, or two revisions of one, side by side: what differs, and what that does to the count.
import { useSearchParams } from 'react-router';
import type { PieceDocument } from '../../../contract/pieces.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { compareCounts } from '../../../core/price/piece/compare.ts';
import { Num } from '../../components/num.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { differences } from '../../state/differences.ts';
import { useGetPieceRevisionQuery, useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { pieceCount } from '../../state/piece-count.ts';
import { words } from '../../words/compare.ts';

/** A side: a piece with its draft, or one of its revisions. */
interface Side {
  readonly id: string;
  /** 0: the current body, draft included. */
  readonly revision: number;
}

function sideOf(text: string | null): Side {
  const [id = '', revision = '0'] = (text ?? '').split('@');
  return { id, revision: Number(revision) || 0 };
}

export function CompareScreen() {
  const { data: pieces } = useGetPiecesQuery();
  const [params, setParams] = useSearchParams();
  const a = sideOf(params.get('a'));
  const first = pieces?.find(({ id }) => id === a.id);
  const b = params.has('b') ? sideOf(params.get('b')) : otherOf(first, pieces ?? []);
  const one = useBody(a, pieces);
  const other = useBody(b, pieces);
  const set = (key: 'a' | 'b', side: Side) => {
    const next = new URLSearchParams({ a: textOf(a), b: textOf(b), [key]: textOf(side) });
    setParams(next, { replace: true });
  };
  if (!pieces) return null;
  const [nameA, nameB] = [sideName(a, pieces), sideName(b, pieces)];
  const rows = one && other ? differences(one, other) : [];
  return (
    <Spread
      title={words.compare}
      left={
        <>
          <h1>{words.sideBySide}</h1>
          <div className="mt-3 grid grid-cols-2 gap-6">
            <SidePicker label={words.firstPiece} side={a} pieces={pieces} onPick={(side) => set('a', side)} />
            <SidePicker label={words.secondPiece} side={b} pieces={pieces} onPick={(side) => set('b', side)} />
          </div>
          {one && other && rows.length === 0 && <p className="mt-5 text-soft">{words.noDifferences}</p>}
          {rows.length > 0 && (
            <table className="rows mt-5">
              <TableHeader of={['difference', nameA, nameB]} />
              {rows.map(({ where, mine, theirs }) => (
                <tbody key={where}>
                  <tr>
                    <td className="first">{where}</td>
                    <td className="num font-semibold whitespace-normal!">{mine}</td>
                    <td className="num font-semibold whitespace-normal!">{theirs}</td>
                  </tr>
                </tbody>
              ))}
            </table>
          )}
        </>
      }
      leftFoot={<span>{rows.length === 1 ? words.oneDifference : `${String(rows.length)} differences`}</span>}
      right={one && other && <Counts one={one} other={other} names={[nameA, nameB]} />}
      bottomLine={<span className="font-semibold">{words.effectOnCostAndPrice}</span>}
    />
  );
}

// The draft against the accepted revision; or the last revision against the one before; or another piece.
function otherOf(piece: PieceDocument | undefined, pieces: readonly PieceDocument[]): Side {
  if (!piece) return { id: pieces[0]?.id ?? '', revision: 0 };
  if (piece.isDraft && piece.revision > 0) return { id: piece.id, revision: piece.revision };
  if (piece.revision > 1) return { id: piece.id, revision: piece.revision - 1 };
  return { id: pieces.find(({ id }) => id !== piece.id)?.id ?? piece.id, revision: 0 };
}

function textOf({ id, revision }: Side): string {
  return revision > 0 ? `${id}@${String(revision)}` : id;
}

function useBody({ id, revision }: Side, pieces: readonly PieceDocument[] | undefined): Piece | null {
  const { data } = useGetPieceRevisionQuery({ id, revision }, { skip: revision === 0 || !id });
  if (revision > 0) return data?.id === id && data.revision === revision ? data.body : null;
  return pieces?.find((piece) => piece.id === id)?.body ?? null;
}

function sideName(side: Side, pieces: readonly PieceDocument[]): string {
  const name = pieces.find(({ id }) => id === side.id)?.body.name.trim() || words.unnamedPiece;
  return side.revision > 0 ? `${name}, version ${String(side.revision)}` : `${name}, current draft`;
}

interface SidePickerProps {
  readonly label: string;
  readonly side: Side;
  readonly pieces: readonly PieceDocument[];
  readonly onPick: (side: Side) => void;
}

function SidePicker({ label, side, pieces, onPick }: SidePickerProps) {
  const chosen = pieces.find(({ id }) => id === side.id);
  return (
    <div className="flex flex-wrap gap-x-4 gap-y-1">
      <select
        className="field field-choice field-open"
        aria-label={`${label}, piece`}
        value={side.id}
        onChange={(event) => onPick({ id: event.target.value, revision: 0 })}
      >
        {pieces.map(({ id, body }) => (
          <option key={id} value={id}>
            {body.name.trim() || words.unnamedPiece}
          </option>
        ))}
      </select>
      <select
        className="field field-choice field-open"
        aria-label={`${label}, version`}
        value={side.revision}
        onChange={(event) => onPick({ ...side, revision: Number(event.target.value) })}
      >
        <option value={0}>{words.currentDraft}</option>
        {Array.from({ length: chosen?.revision ?? 0 }, (_, index) => (
          <option key={index} value={index + 1}>
            version {index + 1}
          </option>
        ))}
      </select>
    </div>
  );
}

function Counts({ one, other, names }: { one: Piece; other: Piece; names: readonly [string, string] }) {
  const basis = useBasis();
  const lines = compareCounts(pieceCount(one, basis), pieceCount(other, basis));
  return (
    <section aria-labelledby="counts">
      <h2 id="counts">{words.atCurrentMetalPrices}</h2>
      <table className="rows mt-1">
        <TableHeader of={[{ hidden: 'what' }, { end: 'one' }, { end: 'other' }, { end: 'difference' }]} />
        <tbody>
          {lines.map(({ label, one: left, other: right, more }) => (
            <tr key={label} className="border-b border-hair">
              <td className="first">{label}</td>
              <td className="end">
                <Num figure={left} />
              </td>
              <td className="end">
                <Num figure={right} />
              </td>
              <td className="end font-semibold">
                <Num figure={more} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="aside mt-3">
        First: {names[0]}. Second: {names[1]}. Money in {basis.rates.currency}, weight in g, time in minutes.
      </p>
    </section>
  );
}
