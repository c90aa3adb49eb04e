// Stock of one size. A stock count is the only change by hand.
import { useState } from 'react';
import { Link } from 'react-router';
import { sectionOf, type ShelfLot } from '../../../core/batch/stock/shelf.ts';
import { sizeInWords } from '../../../core/batch/stock/size-words.ts';
import { showValue } from '../../../core/figure/show.ts';
import { readCount } from '../../../core/measure/read/read-number.ts';
import { sectionInWords } from '../../../core/stock/words.ts';
import { Field } from '../../components/field.tsx';
import { RowBody } from '../../components/row.tsx';
import { SectionGlyph } from '../../components/section-glyph.tsx';
import { useBooked } from '../../components/use-booked.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useCountLotMutation } from '../../state/endpoints/stock.ts';
import { problemOf } from '../../state/saving.ts';
import { words } from '../../words/shelf.ts';

export function LotRow({ lot }: { lot: ShelfLot }) {
  const { rates, studio } = useBasis();
  const [typed, setTyped] = useState<string | null>(null);
  const [why, setWhy] = useState('');
  const [count, { error }] = useCountLotMutation();
  const booked = useBooked();
  const alloy = rates.alloys.get(lot.alloy) ?? null;
  const section = sectionOf(lot);
  const name = `${alloy?.name ?? lot.alloy}, ${sectionInWords(section)}, ${sizeInWords(lot.size)}`;
  const reading = typed === null ? null : readCount(typed, 0);
  const isChanged = reading?.ok === true && reading.value !== lot.count;
  const problem = reading && !reading.ok ? reading.sentence : problemOf(error)?.detail;
  const keep = async () => {
    const answer = await count({ id: lot.id, count: typed ?? '', why });
    if (booked(answer, `${words.counted}: ${name}`)) setTyped(null);
  };
  return (
    <RowBody id={`lot-${lot.id}`}>
      <tr>
        <td className="first">
          <SectionGlyph section={section} alloy={alloy} />
        </td>
        <td className="end num">
          <Link className="link" to={`/lots/${lot.id}`} aria-label={`${words.lot} ${String(lot.number)}, ${name}`}>
            {lot.number}
          </Link>
        </td>
        <td>
          {alloy?.name ?? lot.alloy}
          <span className="aside block">
            {sectionInWords(section)}
            {lot.temper && `, ${lot.temper}`}
            {lot.isOffcut && <b className="text-good">{words.offcut}</b>}
            {lot.where && `, ${lot.where}`}
            {lot.owner && <b>{`, ${words.belongsTo} ${lot.owner}`}</b>}
          </span>
        </td>
        <td className="end num">{sizeInWords(lot.size, studio.units)}</td>
        <td className="end num">
          <Field
            end
            value={typed ?? String(lot.count)}
            label={`${name}, quantity in stock`}
            column="lot-count"
            problem={problem}
            problemId={`lot-${lot.id}`}
            onChange={setTyped}
          />
        </td>
        <td className="end num">{showValue(lot.grams, 'g')}</td>
        <td className="end num">
          {lot.paidMinor === null ? (
            <span className="aside">{words.notKnown}</span>
          ) : (
            showValue(lot.paidMinor, lot.currency)
          )}
        </td>
      </tr>
      {(isChanged || problem) && (
        <tr>
          <td />
          <td colSpan={6} id={`lot-${lot.id}`} className="pb-2 text-[14px]">
            {problem && <p className="problem">{problem}</p>}
            {isChanged && (
              <span className="chrome flex items-baseline gap-3">
                <Field
                  wide
                  open
                  value={why}
                  label={`${name}, reason for the correction`}
                  placeholder={words.reason}
                  onChange={setWhy}
                />
                <button type="button" className="link whitespace-nowrap" onClick={() => void keep()}>
                  Save count: {reading.value}
                </button>
                <button type="button" className="link" onClick={() => setTyped(null)}>
                  {words.cancel}
                </button>
              </span>
            )}
          </td>
        </tr>
      )}
    </RowBody>
  );
}
