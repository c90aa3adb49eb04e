// Notes, tags, a collection, and pictures.
import { X } from 'lucide-react';
import { memo, useState } from 'react';
import { photoRoutes } from '../../../contract/photos.ts';
import { pathTo } from '../../../contract/route.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { Field } from '../../components/field.tsx';
import type { EditPiece } from '../../components/remark-lines.tsx';
import { useAddPhotoMutation } from '../../state/endpoints/pieces.ts';
import { problemOf } from '../../state/saving.ts';
import { words } from '../../words/piece.ts';

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
      <Photos piece={piece} edit={edit} />
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
            className="chrome text-soft hover:text-ink"
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

function Photos({ piece, edit }: { piece: Piece; edit: EditPiece }) {
  const [addPhoto, { error, isLoading }] = useAddPhotoMutation();
  const take = async (files: readonly File[]) => {
    for (const file of files) {
      const answer = await addPhoto(file);
      if (!answer.data) return;
      const { id } = answer.data;
      edit('', (draft) => {
        if (!draft.photos.some((photo) => photo.id === id)) draft.photos.push({ id, caption: '' });
      });
    }
  };
  return (
    <div className="mt-3">
      <div className="flex flex-wrap gap-4">
        {piece.photos.map(({ id, caption }, index) => (
          <figure key={id} className="w-[160px]">
            <a href={pathTo(photoRoutes.get, { id })} target="_blank" rel="noreferrer">
              <img
                src={pathTo(photoRoutes.get, { id })}
                alt={caption || `Photo ${String(index + 1)} of the piece`}
                className="h-[120px] w-[160px] border border-hair object-cover"
              />
            </a>
            <figcaption className="flex items-baseline gap-1 text-[14px]">
              <Field
                wide
                small
                value={caption}
                label={`Photo ${String(index + 1)}, caption`}
                placeholder={words.caption}
                maxLength={120}
                onChange={(value) =>
                  edit(`photos.${id}`, (draft) => {
                    const photo = draft.photos.find((each) => each.id === id);
                    if (photo) photo.caption = value;
                  })
                }
              />
              <button
                type="button"
                className="chrome text-soft hover:text-ink"
                aria-label={`Remove photo ${String(index + 1)}`}
                onClick={() =>
                  edit('', (draft) => void (draft.photos = draft.photos.filter((photo) => photo.id !== id)))
                }
              >
                <X size={14} />
              </button>
            </figcaption>
          </figure>
        ))}
      </div>
      <label className="link chrome mt-1 inline-block cursor-pointer text-[15px] focus-within:outline-2 focus-within:outline-act">
        {isLoading ? 'Uploading…' : words.addAPhotoOrA}
        <input
          type="file"
          accept="image/jpeg,image/png,image/webp"
          multiple
          className="sr-only"
          onChange={(event) => {
            const files = [...(event.target.files ?? [])];
            event.target.value = '';
            void take(files);
          }}
        />
      </label>
      {error && <p className="problem">{problemOf(error)?.detail ?? words.thePhotoCouldNotBe}</p>}
    </div>
  );
}
