// The pictures of a piece: from the camera or from files, with captions, cut to a part of them. The first stands for it.
import { Crop as CropIcon, X } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { photoRoutes } from '../../../contract/photos.ts';
import { pathTo } from '../../../contract/route.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { Field } from '../../components/field.tsx';
import { FileLink } from '../../components/file-link.tsx';
import type { EditPiece } from '../../components/remark-lines.tsx';
import { asReadablePhoto } from '../../hooks/readable-photo.ts';
import { useAddPhotoMutation } from '../../state/endpoints/pieces.ts';
import { problemOf } from '../../state/saving.ts';
import { words } from '../../words/piece.ts';

const CropDialog = lazy(async () => ({ default: (await import('./crop-dialog.tsx')).CropDialog }));

const PICTURES = 'image/*,.heic,.heif';

export function PiecePhotos({ piece, edit }: { piece: Piece; edit: EditPiece }) {
  const [addPhoto, { error, isLoading }] = useAddPhotoMutation();
  const [unread, setUnread] = useState('');
  const [cropping, setCropping] = useState<string | null>(null);
  const upload = async (file: File) => (await addPhoto(file)).data?.id;
  const take = async (files: readonly File[]) => {
    setUnread('');
    for (const file of files) {
      const photo = await asReadablePhoto(file);
      if (!photo) {
        setUnread(`${file.name}: ${words.heicCannotBeRead}`);
        continue;
      }
      const id = await upload(photo);
      if (id === undefined) return;
      edit('', (draft) => {
        if (!draft.photos.some((one) => one.id === id)) draft.photos.push({ id, caption: '' });
      });
    }
  };
  const replace = async (old: string, cut: File) => {
    const id = await upload(cut);
    setCropping(null);
    if (id === undefined) return;
    edit('', (draft) => {
      const photo = draft.photos.find((one) => one.id === old);
      if (photo) photo.id = id;
    });
  };
  return (
    <div className="mt-3">
      <div className="flex flex-wrap gap-4">
        {piece.photos.map(({ id, caption }, index) => (
          <OnePhoto
            key={id}
            id={id}
            caption={caption}
            number={index + 1}
            onCrop={() => setCropping(id)}
            onFirst={
              index > 0
                ? () => edit('', (draft) => void draft.photos.unshift(...draft.photos.splice(index, 1)))
                : undefined
            }
            onCaption={(value) =>
              edit(`photos.${id}`, (draft) => {
                const photo = draft.photos.find((each) => each.id === id);
                if (photo) photo.caption = value;
              })
            }
            onRemove={() => edit('', (draft) => void (draft.photos = draft.photos.filter((photo) => photo.id !== id)))}
          />
        ))}
      </div>
      <p className="mt-1 flex flex-wrap gap-x-6 text-[15px]">
        <FileLink
          label={isLoading ? words.uploading : words.addAPhotoOrA}
          accept={PICTURES}
          isMany
          onFiles={(files) => void take(files)}
        />
        <FileLink label={words.takeAPhoto} accept={PICTURES} isCamera onFiles={(files) => void take(files)} />
      </p>
      {unread && <p className="problem">{unread}</p>}
      {error && <p className="problem">{problemOf(error)?.detail ?? words.thePhotoCouldNotBe}</p>}
      <Suspense>
        {cropping !== null && (
          <CropDialog id={cropping} onClose={() => setCropping(null)} onCut={(cut) => void replace(cropping, cut)} />
        )}
      </Suspense>
    </div>
  );
}

interface OnePhotoProps {
  readonly id: string;
  readonly caption: string;
  readonly number: number;
  readonly onCrop: () => void;
  /** Puts it first; left out where it is. */
  readonly onFirst: (() => void) | undefined;
  readonly onCaption: (caption: string) => void;
  readonly onRemove: () => void;
}

function OnePhoto({ id, caption, number, onCrop, onFirst, onCaption, onRemove }: OnePhotoProps) {
  return (
    <figure className="w-[160px]">
      <a href={pathTo(photoRoutes.get, { id })} target="_blank" rel="noreferrer">
        <img
          src={pathTo(photoRoutes.get, { id })}
          alt={caption || `Photo ${String(number)} of the piece`}
          className="h-[120px] w-[160px] border border-hair object-cover"
        />
      </a>
      <figcaption className="flex items-baseline gap-1 text-[14px]">
        <Field
          wide
          small
          value={caption}
          label={`Photo ${String(number)}, caption`}
          placeholder={words.caption}
          maxLength={120}
          onChange={onCaption}
        />
        <button
          type="button"
          className="chrome small-tool"
          aria-label={`Crop photo ${String(number)}`}
          onClick={onCrop}
        >
          <CropIcon size={14} />
        </button>
        <button
          type="button"
          className="chrome small-tool"
          aria-label={`Remove photo ${String(number)}`}
          onClick={onRemove}
        >
          <X size={14} />
        </button>
      </figcaption>
      {onFirst && (
        <button type="button" className="link chrome text-[13px]" onClick={onFirst}>
          {words.showThisFirst}
        </button>
      )}
    </figure>
  );
}
