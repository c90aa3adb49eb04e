// A slider that moves the metal price and shows its effect on all pieces.
import { Slider } from 'radix-ui';
import { useMemo, useState } from 'react';
import { showValue } from '../../../core/figure/show.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { fixMetalNames, fixMetals } from '../../../core/metal/fine-price.ts';
import { type BookEffects, bookEffects } from '../../../core/price/book/price-book.ts';
import { Choice } from '../../components/choice.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { words } from '../../words/prices.ts';
import { type BookPrice, type MetalMove, noMove } from './use-price-lines.ts';

const MOST = 60;

interface MetalMoveProps {
  /** Called at every move; the effect may follow a moment later. */
  readonly onMove: (move: MetalMove) => void;
  readonly now: readonly BookPrice[];
  readonly moved: readonly BookPrice[];
}

export function MetalMoveBox({ onMove, now, moved }: MetalMoveProps) {
  const [move, setMove] = useState(noMove);
  const to = (next: MetalMove) => {
    setMove(next);
    onMove(next);
  };
  const { fix, rates } = useBasis();
  const metals = fixMetals.filter((metal) => fix?.prices[metal]);
  const before = useMemo(() => bookEffects(now.map(({ line }) => line)), [now]);
  const after = useMemo(() => bookEffects(moved.map(({ line }) => line)), [moved]);
  const per = Math.round(move.share * 100);
  const change = per === 0 ? 'unchanged' : `${per > 0 ? 'up' : 'down'} ${String(Math.abs(per))} %`;
  return (
    <section aria-labelledby="move">
      <h2 id="move">{words.metalPriceWhatIf}</h2>
      <p className="mt-1 text-[15px]">
        <Choice
          value={move.metal}
          options={[
            { value: 'all', label: 'all metals' },
            ...metals.map((value) => ({ value, label: fixMetalNames[value] })),
          ]}
          label={words.metal}
          onChange={(metal) => to({ ...move, metal: metal as MetalMove['metal'] })}
        />{' '}
        <b className="num">{change}</b>
        {per !== 0 && (
          <button type="button" className="link chrome ml-3" onClick={() => to({ ...noMove, metal: move.metal })}>
            {words.reset}
          </button>
        )}
      </p>
      <Slider.Root
        className="chrome relative mt-2 flex h-[30px] touch-none items-center"
        min={-MOST}
        max={MOST}
        step={1}
        value={[per]}
        onValueChange={([value = 0]) => to({ ...move, share: value / 100 })}
      >
        <Slider.Track className="relative h-[3px] grow bg-rule">
          <span className="absolute top-[-6px] left-1/2 h-[15px] w-px bg-ink" aria-hidden="true" />
        </Slider.Track>
        <Slider.Thumb
          className="block size-[22px] rounded-full border-2 border-act bg-page"
          aria-label={words.metalPriceChangePerCent}
        />
      </Slider.Root>
      <table className="count mt-1" aria-label={words.effectOfTheChange}>
        <colgroup>
          <col />
          <col style={{ width: '6.5em' }} />
          <col style={{ width: '6.5em' }} />
        </colgroup>
        <TableHeader of={[{ hidden: 'what' }, 'now', 'moved']} />
        <tbody>
          {effects.map(({ key, label, unit }) => (
            <tr key={key}>
              <td className="py-[5px]!">{label}</td>
              <td className="num text-right">{shown(before[key], unit, rates.currency)}</td>
              <td className="num text-right font-semibold">{shown(after[key], unit, rates.currency)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

const effects: readonly { key: keyof BookEffects; label: string; unit: 'count' | '%' | 'hour' }[] = [
  { key: 'failing', label: 'Prices out of date', unit: 'count' },
  { key: 'underFloor', label: 'Below floor price', unit: 'count' },
  { key: 'margin', label: 'Median margin', unit: '%' },
  { key: 'perHour', label: 'Median earnings per hour', unit: 'hour' },
];

function shown(value: number | null, unit: 'count' | '%' | 'hour', currency: string): string {
  if (value === null) return '';
  if (unit === 'count') return String(value);
  return unit === '%' ? `${showNumber(value * 100, 0)} %` : showValue(value, `${currency}/h`);
}
