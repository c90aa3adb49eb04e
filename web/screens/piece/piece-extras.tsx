// Notes, tags, a collection, and pictures.
import { X } from 'lucide-react';
import { memo, useState } from 'react';
import type { Piece } from '../../../core/piece/piece.ts';
import { Field } from '../../components/field.tsx';
import type { EditPiece } from '../../components/remark-lines.tsx';
import { words } from '../../words/piece.ts';
import { PiecePhotos } from './piece-photos.tsx';

interface PieceExtrasProps {
  readonly piece: Piece;
  readonly edit: EditPiece;
}

export const PieceExtras = memo(function PieceExtras({ piece, edit }: PieceExtrasProps) {
  return (
    <section aria-label={words.notesAndPhotos} className="mt-6">
      <label className="block">
        <span className="aside">{words.notes}</span>
        <textarea
          className="field field-wide block min-h-[2.6em] resize-y"
          rows={2}
          maxLength={4000}
          value={piece.note}
          onChange={(event) => edit('note', (draft) => void (draft.note = event.target.value))}
        />
      </label>
      <div className="mt-2 flex flex-wrap items-baseline gap-x-6 gap-y-2 text-[15px]">
        <span>
          <span className="aside">{words.collection}</span>{' '}
          <Field
            open
            value={piece.collection}
            label={words.collectionTitle}
            placeholder={words.none}
            maxLength={120}
            onChange={(collection) => edit('collection', (draft) => void (draft.collection = collection))}
          />
        </span>
        <Tags tags={piece.tags} edit={edit} />
      </div>
      <PiecePhotos piece={piece} edit={edit} />
    </section>
  );
}, sameExtras);

function sameExtras({ piece: a }: PieceExtrasProps, { piece: b }: PieceExtrasProps): boolean {
  return a.note === b.note && a.collection === b.collection && a.tags === b.tags && a.photos === b.photos;
}

function Tags({ tags, edit }: { tags: readonly string[]; edit: EditPiece }) {
  const [typed, setTyped] = useState('');
  const add = () => {
    const tag = typed.trim().slice(0, 40);
    setTyped('');
    if (tag && !tags.includes(tag)) edit('', (draft) => void draft.tags.push(tag));
  };
  return (
    <span className="flex flex-wrap items-baseline gap-x-2">
      <span className="aside">{words.tags}</span>
      {tags.map((tag) => (
        <span key={tag} className="inline-flex items-center gap-1 border-b border-hair">
          {tag}
          <button
            type="button"
            className="chrome small-tool"
            aria-label={`Remove the tag ${tag}`}
            onClick={() => edit('', (draft) => void (draft.tags = draft.tags.filter((other) => other !== tag)))}
          >
            <X size={13} />
          </button>
        </span>
      ))}
      <input
        type="text"
        className="field field-open chrome w-[8em]"
        aria-label={words.addATagTitle}
        placeholder={words.addATag}
        maxLength={40}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onKeyDown={(event) => {
          if (event.key !== 'Enter') return;
          event.preventDefault();
          add();
        }}
        onBlur={add}
      />
    </span>
  );
}
