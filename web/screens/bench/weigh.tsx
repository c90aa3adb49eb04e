// A weight: pressed on a large number pad, or read from a scale.
import { useState } from 'react';
import type { Weighing } from '../../../core/bench/bench-entry.ts';
import { ModalDialog } from '../../components/dialog.tsx';
import { weighingWords, words } from '../../words/bench.ts';
import { Digits } from './digits.tsx';
import { useScale } from './use-scale.ts';

const WHICH = ['in', 'out', 'scrap'] as const;

interface WeighProps {
  /** g by the recipe; null where it is not known. */
  readonly expected: Readonly<Partial<Record<Weighing, number>>>;
  readonly first: Weighing;
  readonly onWeight: (weighing: Weighing, grams: number) => void;
  readonly onClose: () => void;
}

export function Weigh({ expected, first, onWeight, onClose }: WeighProps) {
  const [which, setWhich] = useState<Weighing>(first);
  const [typed, setTyped] = useState('');
  const scale = useScale();
  const grams = Number(typed);
  const isWeight = typed !== '' && Number.isFinite(grams) && grams >= 0;
  const should = expected[which];
  return (
    <ModalDialog wide open title={words.weigh} description={words.weighLong} onClose={onClose}>
      <div className="mt-3 grid grid-cols-2 gap-6 max-[560px]:grid-cols-1">
        <div>
          {/* A scale or a caliper that types like a keyboard works, too; the tablet's own keyboard stays away. */}
          <span className="flex items-baseline justify-end gap-2 text-[44px] leading-none font-semibold">
            <input
              autoFocus
              inputMode="none"
              autoComplete="off"
              className="num min-h-[56px] w-full min-w-0 bg-page text-right"
              aria-label={words.grams}
              placeholder="0"
              value={typed}
              onChange={({ target }) => setTyped(target.value.replace(',', '.').replace(/[^\d.]/g, ''))}
            />
            g
          </span>
          <p className="bench-aside text-right">
            {should === undefined ? '' : `${should.toFixed(1)} g ${words.byTheRecipe}`}
          </p>
          <Digits hasPoint value={typed} onChange={setTyped} />
        </div>
        <div className="flex flex-col gap-2">
          <div className="grid gap-2" role="group" aria-label={words.weigh}>
            {WHICH.map((one) => (
              <button
                key={one}
                type="button"
                className="bench-press bench-press-small"
                aria-pressed={which === one}
                onClick={() => setWhich(one)}
              >
                {weighingWords[one]}
              </button>
            ))}
          </div>
          <ScaleHere scale={scale} onWeight={(net) => setTyped(String(net))} />
          <div className="mt-auto grid grid-cols-2 gap-3">
            <button type="button" className="bench-press" onClick={onClose}>
              {words.cancel}
            </button>
            <button
              type="button"
              className="bench-press bench-go"
              disabled={!isWeight}
              onClick={() => {
                onWeight(which, grams);
                onClose();
              }}
            >
              {words.save}
            </button>
          </div>
        </div>
      </div>
    </ModalDialog>
  );
}

function ScaleHere({ scale, onWeight }: { scale: ReturnType<typeof useScale>; onWeight: (grams: number) => void }) {
  const { reading, net } = scale;
  const isSteady = reading?.ok === true && reading.isSteady;
  return (
    <section aria-label={words.scale} className="border-t border-hair pt-2">
      {net === null ? (
        <div className="flex flex-wrap gap-2">
          {scale.canConnect && (
            <button type="button" className="bench-press bench-press-small" onClick={scale.connect}>
              {words.connectScale}
            </button>
          )}
          <button
            type="button"
            className="bench-press bench-press-small"
            onClick={() => window.open('/scale', 'noon-scale', 'width=480,height=620')}
          >
            {words.simulatedScale}
          </button>
        </div>
      ) : (
        <>
          <p className="num text-right text-[28px] font-semibold" data-steady={isSteady}>
            {net.toFixed(2)} g
          </p>
          <div className="grid grid-cols-[auto_1fr] gap-2">
            <button type="button" className="bench-press bench-press-small" onClick={scale.tare}>
              {words.tare}
            </button>
            <button
              type="button"
              className="bench-press bench-press-small"
              disabled={!isSteady}
              onClick={() => onWeight(Math.max(0, Math.round(net * 100) / 100))}
            >
              {isSteady ? words.useThisWeight : words.scaleNotStable}
            </button>
          </div>
        </>
      )}
      <details className="mt-2">
        <summary className="inline-flex min-h-[56px] items-center text-[17px] text-act">{words.scaleSettings}</summary>
        <div className="grid grid-cols-3 gap-2 text-[16px]">
          {(['unit', 'steady', 'baudRate'] as const).map((field) => (
            <label key={field}>
              {{ unit: words.scaleUnit, steady: words.scaleSteady, baudRate: words.scaleBaud }[field]}
              <input
                className="min-h-[56px] w-full rounded border-2 border-rule bg-page px-2 text-[20px]"
                value={String(scale.setting[field])}
                onChange={({ target: { value } }) =>
                  scale.change({
                    ...scale.setting,
                    [field]: field === 'baudRate' ? Number(value.replace(/\D/g, '')) : value.trim(),
                  })
                }
              />
            </label>
          ))}
        </div>
      </details>
      {scale.problem && (
        <p role="alert" className="text-[17px] text-stop">
          {scale.problem}
        </p>
      )}
    </section>
  );
}
