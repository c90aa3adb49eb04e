// Pieces that lay there before the ledger.
import { useState } from 'react';
import { Link } from 'react-router';
import type { MadeOpening } from '../../../contract/made.ts';
import { grades } from '../../../core/made/made-entry.ts';
import { sizesOf } from '../../../core/piece/all-sizes.ts';
import { Choice } from '../../components/choice.tsx';
import { Failure } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { useMadeBooked } from '../../components/use-made-booked.ts';
import type { Made } from '../../hooks/use-made.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useOpenMadeMutation } from '../../state/endpoints/made.ts';
import { useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { gradeWords, words } from '../../words/made.ts';

const EMPTY: Omit<MadeOpening, 'on'> = {
  pieceId: '',
  size: '',
  name: '',
  sizeName: '',
  count: '',
  place: 'studio',
  grade: 'good',
  cost: '',
  isSingle: false,
};

export function OpeningForm({ made }: { made: Made }) {
  const { day } = useNow();
  const { data: pieces = [] } = useGetPiecesQuery();
  const [enter, { error, isLoading }] = useOpenMadeMutation();
  const booked = useMadeBooked();
  const [typed, setTyped] = useState(EMPTY);
  const change = (part: Partial<typeof typed>) => setTyped({ ...typed, ...part });
  const piece = pieces.find(({ id }) => id === typed.pieceId);
  const sizes = piece ? sizesOf(piece.accepted ?? piece.body) : [];
  const name = piece ? (piece.accepted ?? piece.body).name : typed.name;
  const save = async () => {
    if (booked(await enter({ ...typed, name: name.trim(), on: day }), words.booked))
      setTyped({ ...typed, count: '', cost: '', isSingle: false });
  };
  return (
    <section className="chrome mt-6" aria-labelledby="opening">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 id="opening">{words.openingTitle}</h2>
        <Link className="link text-[15px]" to="/import">
          {words.importList}
        </Link>
      </div>
      <form
        className="mt-1 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[15px]"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <Choice
          open
          value={typed.pieceId}
          options={[
            { value: '', label: words.ownName },
            ...pieces.map(({ id, body, accepted }) => ({ value: id, label: (accepted ?? body).name || id })),
          ]}
          label={words.piece}
          onChange={(pieceId) => {
            const next = pieces.find(({ id }) => id === pieceId);
            change({ pieceId, size: next ? (sizesOf(next.accepted ?? next.body)[0]?.id ?? '') : '' });
          }}
        />
        {!piece && (
          <>
            <Field
              open
              value={typed.name}
              label={words.name}
              placeholder={words.name}
              maxLength={120}
              onChange={(text) => change({ name: text })}
            />
            <Field
              open
              value={typed.sizeName}
              label={words.size}
              placeholder={words.size}
              onChange={(sizeName) => change({ sizeName })}
            />
          </>
        )}
        {sizes.length > 0 && (
          <Choice
            open
            value={typed.size}
            options={sizes.map(({ id, name: label }) => ({ value: id, label }))}
            label={words.size}
            onChange={(size) => change({ size })}
          />
        )}
        <Field
          open
          className="num"
          value={typed.count}
          label={words.count}
          placeholder={words.count}
          onChange={(count) => change({ count })}
        />
        <Choice
          open
          value={typed.grade}
          options={grades.map((value) => ({ value, label: gradeWords[value] }))}
          label={words.changeGrade}
          onChange={(grade) => change({ grade: grade as MadeOpening['grade'] })}
        />
        <Choice
          open
          value={typed.place}
          options={made.places}
          label={words.place}
          onChange={(place) => change({ place })}
        />
        <Field
          open
          className="num"
          value={typed.cost}
          label={words.costOfOne}
          placeholder={words.costOfOne}
          onChange={(cost) => change({ cost })}
        />
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            checked={typed.isSingle}
            onChange={({ target }) => change({ isSingle: target.checked, ...(target.checked && { count: '1' }) })}
          />
          {words.oneOfAKind}
        </label>
        <button type="submit" className="button" disabled={isLoading || !name.trim() || !typed.count.trim()}>
          {words.add}
        </button>
      </form>
      <Failure of={[error]} />
    </section>
  );
}
