// One piece in the price book: its prices are edited in place, and stored with date and reason.
import { memo } from 'react';
import { Link } from 'react-router';
import { showValue } from '../../../core/figure/show.ts';
import { shortDay } from '../../../core/format/days.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { Field } from '../../components/field.tsx';
import { Num } from '../../components/num.tsx';
import { PieceThumb } from '../../components/piece-thumb.tsx';
import { RowBody } from '../../components/row.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { pieceCount } from '../../state/piece-count.ts';
import { words } from '../../words/prices.ts';
import type { BookPrice } from './use-price-lines.ts';
import { type PriceKey, useRowPrices } from './use-row-prices.ts';
import type { SetPrices } from './use-set-prices.ts';

interface PriceRowProps {
  readonly book: BookPrice;
  readonly index: number;
  readonly isChosen: boolean;
  readonly onChoose: (id: string, chosen: boolean) => void;
  readonly setPrices: SetPrices;
  readonly hasFees: boolean;
  readonly measure: (row: HTMLTableSectionElement | null) => void;
}

export function PriceRow({
  book: { piece, title, line, problem },
  index,
  isChosen,
  onChoose,
  setPrices,
  hasFees,
  measure,
}: PriceRowProps) {
  const { rates } = useBasis();
  const { currency } = rates;
  const money = (value: number) => ({ value, unit: currency });
  const plain = (minor: number) => showValue(minor, currency);
  const { asked, why, refusal, onWrite, onWhy, keep, leave } = useRowPrices(piece.id, line, {
    currency,
    plain,
    setPrices,
  });
  const field = (key: PriceKey) => (
    <PriceCell
      which={key}
      title={title}
      text={asked[key] ?? plain(line[key])}
      asks={line.holds || key === 'retail' ? '' : plain(line.ruleWholesale)}
      refusal={refusal}
      refusalId={`price-${piece.id}`}
      onWrite={onWrite}
    />
  );
  return (
    <RowBody
      innerRef={measure}
      index={index}
      onLeave={() => {
        if (Object.keys(asked).length > 0 && !refusal) void keep('');
      }}
      onKeyDown={(event) => {
        if (event.key === 'Enter') void keep(why);
        if (event.key === 'Escape') leave();
      }}
    >
      <tr>
        <td className="first w-[24px]">
          <input
            type="checkbox"
            className="chrome size-[17px] accent-act"
            aria-label={`${title}, select`}
            checked={isChosen}
            onChange={(event) => onChoose(piece.id, event.target.checked)}
          />
        </td>
        <TitleCell piece={piece} title={title} set={setInWords(piece.priced)} problem={problem} />
        <td className="end">
          <Num figure={money(line.cost)} />
        </td>
        {field('wholesale')}
        {field('retail')}
        {hasFees && (
          <td className="end">
            <Num figure={money(line.received)} />
          </td>
        )}
        <td className={`end num ${line.isUnderFloor ? 'text-stop' : ''}`}>
          <span className="num">{showNumber(line.margin * 100, 0)} %</span>
          <span className="aside block">
            {line.isUnderFloor ? <b className="text-stop">{words.belowFloor}</b> : ''}
          </span>
        </td>
        <td className="end">
          {line.perHour === null ? (
            <span className="aside">{words.noBenchTime}</span>
          ) : (
            <Num figure={{ value: line.perHour, unit: `${currency}/h` }} />
          )}
        </td>
      </tr>
      {refusal && (
        <tr>
          <td />
          <td colSpan={hasFees ? 7 : 6} id={`price-${piece.id}`}>
            <p className="problem">{refusal}</p>
            <span className="flex items-baseline gap-3 pb-2 text-[14px]">
              <Field
                wide
                open
                value={why}
                label={`${title}, reason for this price`}
                placeholder={words.reason}
                onChange={onWhy}
              />
              <button type="button" className="link whitespace-nowrap" onClick={() => void keep(why)}>
                {words.save}
              </button>
              <button type="button" className="link whitespace-nowrap" onClick={leave}>
                {words.cancel}
              </button>
            </span>
          </td>
        </tr>
      )}
    </RowBody>
  );
}

interface TitleCellProps {
  readonly piece: BookPrice['piece'];
  readonly title: string;
  readonly set: string;
  readonly problem: string | null;
}

const TitleCell = memo(function TitleCell({ piece, title, set, problem }: TitleCellProps) {
  const basis = useBasis();
  const body = piece.accepted ?? piece.body;
  return (
    <td>
      <span className="flex gap-3">
        <PieceThumb photos={body.photos} parts={pieceCount(body, basis).parts} />
        <span className="min-w-0">
          <Link className="hover:text-act hover:underline" to={`/prices/${piece.id}`}>
            {title}
          </Link>
          <span className="aside block">{set}</span>
          {problem && <span className="aside block text-stop!">{problem}</span>}
        </span>
      </span>
    </td>
  );
});

interface PriceCellProps {
  readonly which: PriceKey;
  readonly title: string;
  readonly text: string;
  /** The rule price where it is higher; '' where the set price holds. */
  readonly asks: string;
  readonly refusal: string;
  readonly refusalId: string;
  readonly onWrite: (which: PriceKey, value: string) => void;
}

// The slider moves costs; a set price stays and is not drawn again.
const PriceCell = memo(function PriceCell({ which, title, text, asks, refusal, refusalId, onWrite }: PriceCellProps) {
  return (
    <td className="end num">
      <Field
        end
        value={text}
        label={`${title}, ${which}`}
        column={`price-${which}`}
        problem={refusal || undefined}
        problemId={refusalId}
        onChange={(value) => onWrite(which, value)}
      />
      <span className="aside -mt-[3px] block">{asks && `suggested ${asks}`}</span>
    </td>
  );
});

const howWords = {
  accepted: 'rule price',
  fix: 'rule price',
  set: 'set by hand',
  group: 'changed in a group',
  left: 'kept',
  undone: 'undone',
} as const;

function setInWords(priced: BookPrice['piece']['priced']): string {
  if (!priced) return 'no price yet';
  return `${howWords[priced.how]}${priced.fixOn ? `, metal prices of ${shortDay(priced.fixOn)}` : ''}`;
}
