// Photo and weight of a single piece.
import { useState } from 'react';
import { itemName, type MadeItem } from '../../../core/made/made-item.ts';
import { Failure } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { FileLink } from '../../components/file-link.tsx';
import { asReadablePhoto } from '../../hooks/readable-photo.ts';
import { useKeepMadeDetailMutation } from '../../state/endpoints/made.ts';
import { useAddPhotoMutation } from '../../state/endpoints/pieces.ts';
import { words } from '../../words/made.ts';

export function SingleDetail({ item }: { readonly item: MadeItem }) {
  const [addPhoto, { error: refused, isLoading }] = useAddPhotoMutation();
  const [keep, { error }] = useKeepMadeDetailMutation();
  const [weight, setWeight] = useState(item.weight);
  const [unread, setUnread] = useState('');
  const { id, photo } = item;
  const take = async (file: File) => {
    const readable = await asReadablePhoto(file);
    setUnread(readable ? '' : `${file.name}: ${words.photoUnread}`);
    if (!readable) return;
    const added = await addPhoto(readable);
    if (added.data) await keep({ id, weight: item.weight, photo: added.data.id });
  };
  return (
    <div className="chrome flex flex-wrap items-baseline gap-x-6 gap-y-1 pb-2">
      <FileLink
        label={isLoading ? words.uploading : photo ? words.changePhoto : words.addPhoto}
        accept="image/*,.heic,.heif"
        onFiles={([file]) => file && void take(file)}
      />
      {photo && (
        <button type="button" className="link" onClick={() => void keep({ id, weight: item.weight, photo: '' })}>
          {words.removePhoto}
        </button>
      )}
      <span>
        <span className="aside">{words.weight} </span>
        <Field
          open
          small
          unit="g"
          value={weight}
          label={`${itemName(item)}, ${words.weight}`}
          placeholder="12.4 g"
          onChange={setWeight}
        />
        {weight.trim() !== item.weight && (
          <button type="button" className="link ml-2" onClick={() => void keep({ id, photo, weight: weight.trim() })}>
            {words.saveWeight}
          </button>
        )}
      </span>
      {unread && <p className="problem">{unread}</p>}
      <Failure of={[refused, error]} />
    </div>
  );
}
