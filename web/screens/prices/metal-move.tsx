// What a move of the metal does to the whole book, as the slider is dragged.
import { useMemo } from 'react';
import { Slider } from 'radix-ui';
import { fixMetalNames, fixMetals } from '../../../core/metal/fix.ts';
import { showValue } from '../../../core/figure/show.ts';
import { useBasis } from '../../app/reckoning.ts';
import { Choice } from '../../parts/choice.tsx';
import { noMove, type BookPrice, type MetalMove } from './use-price-lines.ts';

const MOST = 60;

interface MetalMoveProps {
  readonly move: MetalMove;
  readonly onMove: (move: MetalMove) => void;
  readonly now: readonly BookPrice[];
  readonly moved: readonly BookPrice[];
}

export function MetalMoveBox({ move, onMove, now, moved }: MetalMoveProps) {
  const { fix, rates } = useBasis();
  const metals = fixMetals.filter((metal) => fix?.prices[metal]);
  const before = useMemo(() => effects.map(({ of }) => of(now)), [now]);
  const per = Math.round(move.share * 100);
  const words = per === 0 ? 'as they are' : `${per > 0 ? 'up' : 'down'} ${String(Math.abs(per))} %`;
  return (
    <section aria-labelledby="move">
      <h2 id="move">When metal moves</h2>
      <p className="mt-1 text-[15px]">
        <Choice
          value={move.metal}
          options={[
            { value: 'all', label: 'all metals' },
            ...metals.map((value) => ({ value, label: fixMetalNames[value] })),
          ]}
          label="Which metal moves"
          onChange={(metal) => onMove({ ...move, metal: metal as MetalMove['metal'] })}
        />{' '}
        <b className="num">{words}</b>
        {per !== 0 && (
          <button type="button" className="link chrome ml-3" onClick={() => onMove({ ...noMove, metal: move.metal })}>
            Back to the fix
          </button>
        )}
      </p>
      <Slider.Root
        className="chrome relative mt-2 flex h-[30px] touch-none items-center"
        min={-MOST}
        max={MOST}
        step={1}
        value={[per]}
        onValueChange={([value = 0]) => onMove({ ...move, share: value / 100 })}
      >
        <Slider.Track className="relative h-[3px] grow bg-rule">
          <span className="absolute top-[-6px] left-1/2 h-[15px] w-px bg-ink" aria-hidden="true" />
        </Slider.Track>
        <Slider.Thumb
          className="block size-[22px] rounded-full border-2 border-act bg-page"
          aria-label="Move of the metal, per cent"
        />
      </Slider.Root>
      <table className="count mt-1" aria-label="What the move does">
        <colgroup>
          <col />
          <col style={{ width: '6.5em' }} />
          <col style={{ width: '6.5em' }} />
        </colgroup>
        <thead>
          <tr>
            <th>
              <span className="sr-only">what</span>
            </th>
            <th scope="col">at the fix</th>
            <th scope="col">moved</th>
          </tr>
        </thead>
        <tbody>
          {effects.map(({ label, of, unit }, index) => (
            <tr key={label}>
              <td className="py-[5px]!">{label}</td>
              <td className="num text-right">{shown(before[index] ?? null, unit, rates.currency)}</td>
              <td className="num text-right font-semibold">{shown(of(moved), unit, rates.currency)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

const effects: readonly {
  label: string;
  of: (lines: readonly BookPrice[]) => number | null;
  unit: 'count' | '%' | 'hour';
}[] = [
  { label: 'Prices that no longer hold', of: (lines) => lines.filter(({ line }) => !line.holds).length, unit: 'count' },
  { label: 'Under their floor', of: (lines) => lines.filter(({ line }) => line.isUnderFloor).length, unit: 'count' },
  { label: 'Margin, middle piece', of: (lines) => middle(lines.map(({ line }) => line.margin)), unit: '%' },
  {
    label: 'An hour, middle piece',
    of: (lines) => middle(lines.flatMap(({ line }) => line.perHour ?? [])),
    unit: 'hour',
  },
];

function middle(values: readonly number[]): number | null {
  return [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? null;
}

function shown(value: number | null, unit: 'count' | '%' | 'hour', currency: string): string {
  if (value === null) return '';
  if (unit === 'count') return String(value);
  return unit === '%' ? `${(value * 100).toFixed(0)} %` : showValue(value, `${currency}/h`);
}
