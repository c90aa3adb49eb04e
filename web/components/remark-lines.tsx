// Findings of the bench check below the row they concern: the sentence, the remedy, and the override.
import { clsx } from 'clsx';
import { useState } from 'react';
import type { Remark } from '../../core/piece/checks/bench-check.ts';
import type { Piece } from '../../core/piece/piece.ts';
import type { Edit } from '../hooks/use-document.ts';
import { words } from '../words/components.ts';

export type EditPiece = Edit<Piece>;

const severities = { stop: 'Stop', warn: 'Warning', note: 'Note' } as const satisfies Record<
  Remark['severity'],
  string
>;

/** Findings as a row of a table laid out as a grid. */
export function RemarkRow({ remarks, edit }: { remarks: readonly Remark[]; edit: EditPiece }) {
  if (remarks.length === 0) return null;
  return (
    <tr role="row">
      <td role="cell" style={{ gridColumn: '1 / -1' }} className="px-0! pt-0!">
        <RemarkLines remarks={remarks} edit={edit} />
      </td>
    </tr>
  );
}

export function RemarkLines({ remarks, edit }: { remarks: readonly Remark[]; edit: EditPiece }) {
  return remarks.map((remark) => <RemarkLine key={`${remark.rule} ${remark.about}`} remark={remark} edit={edit} />);
}

function RemarkLine({ remark, edit }: { remark: Remark; edit: EditPiece }) {
  const [asking, setAsking] = useState(false);
  const { severity, sentence, why, remedy, known, rule, about } = remark;
  const isKnown = known !== null;
  return (
    <div
      className={clsx(
        'remark note mt-1',
        severity === 'stop' && !isKnown && 'note-stop',
        (severity === 'note' || isKnown) && 'note-quiet',
      )}
      data-rule={rule}
    >
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <span className="min-w-[30ch] flex-1" title={why}>
          <b>{isKnown ? words.dismissed : severities[severity]}:</b> {sentence}
          {isKnown && <span className="text-soft"> {known || words.noReasonGiven}</span>}
          {!isKnown && severity !== 'note' && <span className="block text-[13px] text-soft">{why}</span>}
        </span>
        {remedy && !isKnown && (
          <button
            type="button"
            className="link chrome"
            onClick={() => edit('', (piece) => void Object.assign(piece, remedy.apply(structuredCloneOf(piece))))}
          >
            {remedy.says}
          </button>
        )}
        <button
          type="button"
          className="link chrome"
          aria-expanded={asking}
          onClick={() => {
            if (isKnown) edit('', (piece) => forget(piece, rule, about));
            else setAsking(!asking);
          }}
        >
          {isKnown ? words.showAgain : words.dismiss}
        </button>
      </div>
      {asking && !isKnown && (
        <Reason
          onKeep={(reason) => {
            edit('', (piece) => {
              forget(piece, rule, about);
              piece.known.push({ rule, about, reason });
            });
            setAsking(false);
          }}
        />
      )}
    </div>
  );
}

// An edit changes a draft of the piece in place; a remedy returns a new piece.
function structuredCloneOf(piece: Piece): Piece {
  return JSON.parse(JSON.stringify(piece)) as Piece;
}

function forget(piece: { known: { rule: string; about: string }[] }, rule: string, about: string): void {
  const at = piece.known.findIndex((one) => one.rule === rule && one.about === about);
  if (at >= 0) piece.known.splice(at, 1);
}

function Reason({ onKeep }: { onKeep: (reason: string) => void }) {
  const [reason, setReason] = useState('');
  return (
    <form
      className="mt-2 flex items-baseline gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        onKeep(reason.trim());
      }}
    >
      <input
        type="text"
        className="field field-open flex-1"
        aria-label={words.reasonForOverrideTitle}
        placeholder={words.reasonForOverride}
        maxLength={200}
        autoFocus
        value={reason}
        onChange={(event) => setReason(event.target.value)}
      />
      <button type="submit" className="link">
        {words.override}
      </button>
    </form>
  );
}
