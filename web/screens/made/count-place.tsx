// The count of a place: blind, by typing or scanning; differences are entries with a reason.
import { useState } from 'react';
import { itemName, type MadeItem, tagCode } from '../../../core/made/made-item.ts';
import type { MadePlace } from '../../../core/made/made-place.ts';
import { Failure } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useMadeBooked } from '../../components/use-made-booked.ts';
import type { Made } from '../../hooks/use-made.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useCountPiecesMutation } from '../../state/endpoints/made.ts';
import { gradeWords, words } from '../../words/made.ts';
import { ScanTag } from './scan-tag.tsx';

interface CountPlaceProps {
  readonly made: Made;
  readonly place: MadePlace;
  readonly onDone: () => void;
}

export function CountPlace({ made, place, onDone }: CountPlaceProps) {
  const { day } = useNow();
  const [save, { error, isLoading }] = useCountPiecesMutation();
  const booked = useMadeBooked();
  const [counts, setCounts] = useState<Readonly<Record<string, string>>>({});
  const [why, setWhy] = useState('');
  const here = made.held.filter((one) => one.place === place);
  const found = Object.keys(counts).filter((key) => !here.some((one) => `${one.item} ${one.grade}` === key));
  const rows = [
    ...here.map(({ item, grade }) => ({ key: `${item} ${grade}`, item, grade })),
    ...found.map((key) => ({ key, item: key.split(' ')[0] ?? '', grade: 'good' as const })),
  ];
  const scan = (item: MadeItem) => {
    const key = rows.find((row) => row.item === item.id)?.key ?? `${item.id} good`;
    setCounts({ ...counts, [key]: String((Number(counts[key]) || 0) + 1) });
    return true;
  };
  const typed = rows.flatMap(({ key, item, grade }) => {
    const text = counts[key]?.trim() ?? '';
    return /^\d+$/.test(text) ? [{ item, grade, count: Number(text) }] : [];
  });
  const keep = async () => {
    if (booked(await save({ on: day, place, counts: typed, why }), words.booked)) onDone();
  };
  return (
    <section className="mt-3" aria-labelledby="count-place">
      <h2 id="count-place">
        {words.countPlace}: {made.placeName(place)}
      </h2>
      <p className="aside">{words.countHelp}</p>
      <ScanTag items={made.items} onItem={scan} />
      <table className="rows mt-2" aria-labelledby="count-place">
        <TableHeader of={[words.tag, words.piece, { end: words.counted }]} />
        {rows.map(({ key, item, grade }) => {
          const known = made.itemOf.get(item);
          return (
            <tbody key={key}>
              <tr>
                <td className="first num">{known && tagCode(known)}</td>
                <td>
                  {known && itemName(known)}
                  {grade !== 'good' && `, ${gradeWords[grade]}`}
                </td>
                <td className="end num">
                  <Field
                    end
                    open
                    className="num"
                    column="counted"
                    value={counts[key] ?? ''}
                    label={`${known ? itemName(known) : ''}, ${gradeWords[grade]}, ${words.counted}`}
                    onChange={(text) => setCounts({ ...counts, [key]: text })}
                  />
                </td>
              </tr>
            </tbody>
          );
        })}
      </table>
      <p className="chrome mt-2 flex flex-wrap items-baseline gap-x-4 text-[15px]">
        <Field
          open
          wide
          value={why}
          label={words.reason}
          placeholder={words.reason}
          maxLength={400}
          onChange={setWhy}
        />
        <button
          type="button"
          className="button"
          disabled={isLoading || typed.length === 0 || !why.trim()}
          onClick={() => void keep()}
        >
          {words.saveCount}
        </button>
        <button type="button" className="link" onClick={onDone}>
          {words.cancel}
        </button>
      </p>
      <Failure of={[error]} />
    </section>
  );
}
