// Changes the chosen prices together, with a preview and undo.
import { useState } from 'react';
import { showValue } from '../../../core/figure/show.ts';
import { readMoney } from '../../../core/measure/read/read-money.ts';
import { readShare } from '../../../core/measure/read/read-number.ts';
import { changed, type GroupChange } from '../../../core/price/book/price-book.ts';
import { upToPricePoint } from '../../../core/price/methods/price-points.ts';
import { Choice, type Option } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { words } from '../../words/prices.ts';
import type { BookPrice } from './use-price-lines.ts';
import type { SetPrices } from './use-set-prices.ts';

const kinds: readonly Option[] = [
  { value: 'up', label: 'increase by %' },
  { value: 'down', label: 'decrease by %' },
  { value: 'amount', label: 'add an amount' },
  { value: 'rule', label: 'set to the rule price' },
];

const MOST_SHOWN = 8;

interface GroupChangeProps {
  readonly chosen: readonly BookPrice[];
  readonly setPrices: SetPrices;
  readonly onDone: () => void;
}

export function GroupChangeBox({ chosen, setPrices, onDone }: GroupChangeProps) {
  const { rates } = useBasis();
  const [kind, setKind] = useState('up');
  const [amount, setAmount] = useState('5');
  const [why, setWhy] = useState('');
  const [refusal, setRefusal] = useState('');
  const change = readChange(kind, amount, rates.currency);
  const onPoint = (minor: number) => upToPricePoint(minor, rates.selling.rule.points);
  const preview =
    'sentence' in change ? [] : chosen.map((book) => ({ ...book, next: changed(book.line, change, onPoint) }));
  const money = (minor: number) => showValue(minor, rates.currency);
  const below = preview.filter(({ line, next }) => next.wholesale < line.floor).length;
  const apply = async () => {
    const prices = preview.map(({ piece, next }) => ({
      pieceId: piece.id,
      wholesaleMinor: next.wholesale,
      retailMinor: next.retail,
    }));
    const refused = await setPrices('group', why, prices);
    setRefusal(refused);
    if (!refused) onDone();
  };
  return (
    <section className="note note-quiet chrome mt-3" aria-label={words.changeSelectedPrices}>
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <b>{chosen.length === 1 ? words.onePiece : `${String(chosen.length)} pieces`}</b>
        <Choice open value={kind} options={kinds} label={words.kindOfChange} onChange={setKind} />
        {kind !== 'rule' && <Field open value={amount} className="num" label={words.amount} onChange={setAmount} />}
        <Field wide open value={why} label={words.reasonTitle} placeholder={words.reasonOptional} onChange={setWhy} />
      </div>
      {'sentence' in change && <p className="problem">{change.sentence}</p>}
      <ul className="mt-2 text-[14px]">
        {preview.slice(0, MOST_SHOWN).map(({ piece, title, line, next }) => (
          <li key={piece.id} className="flex gap-3 border-t border-hair py-[2px]">
            <span className="flex-1">{title}</span>
            <span className="num">
              {money(line.wholesale)} → <b>{money(next.wholesale)}</b>
            </span>
            <span className="num w-[11em] text-right">
              {money(line.retail)} → <b>{money(next.retail)}</b>
            </span>
          </li>
        ))}
        {preview.length > MOST_SHOWN && <li className="aside">and {preview.length - MOST_SHOWN} more</li>}
      </ul>
      {below > 0 && (
        <p className="problem">
          {below === 1 ? words.oneIs : `${String(below)} are`} {words.belowTheFloorPriceEnter}
        </p>
      )}
      {refusal && (
        <p className="problem" role="alert">
          {refusal}
        </p>
      )}
      <p className="mt-2 flex gap-4">
        <button
          type="button"
          className="button"
          disabled={preview.length === 0 || (below > 0 && !why.trim())}
          onClick={() => void apply()}
        >
          Change {preview.length === 1 ? 'it' : 'them'}
        </button>
        <button type="button" className="link" onClick={onDone}>
          {words.cancel}
        </button>
      </p>
    </section>
  );
}

function readChange(kind: string, amount: string, currency: string): GroupChange | { readonly sentence: string } {
  if (kind === 'rule') return { kind: 'rule' };
  if (kind === 'amount') {
    const isLess = /^[-−]/.test(amount.trim());
    const reading = readMoney(amount.trim().replace(/^[-−+]/, ''), currency, 'change');
    if (!reading.ok) return { sentence: reading.sentence };
    return { kind: 'amount', minor: isLess ? -reading.value : reading.value };
  }
  const reading = readShare(amount, 'change');
  return reading.ok
    ? { kind: 'share', share: kind === 'down' ? -reading.value : reading.value }
    : { sentence: reading.sentence };
}
