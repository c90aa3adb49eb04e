// A simulated scale in a window of its own: put things on it, let it drift, shake it. It sends lines as a scale does.
import { useEffect, useState } from 'react';
import { words } from '../../words/simulated-scale.ts';
import { SCALE_CHANNEL } from './use-scale.ts';

/** ms between two lines. */
const EVERY_MS = 250;
const THINGS = [0.5, 1, 5, 20, 50, 100] as const;
/** g by which an unsteady weight strays, and by which it drifts with each line. */
const SHAKE = 0.4;
const DRIFT = 0.01;
const UNITS = { g: 1, ozt: 31.1034768, ct: 0.2 } as const;

export function SimulatedScale() {
  const [load, setLoad] = useState(0);
  const [isShaken, setShaken] = useState(false);
  const [drifts, setDrifts] = useState(false);
  const [unit, setUnit] = useState<keyof typeof UNITS>('g');
  const [line, setLine] = useState('');
  useEffect(() => {
    const channel = new BroadcastChannel(SCALE_CHANNEL);
    let turn = 0;
    const send = () => {
      turn += 1;
      const strays = (isShaken ? SHAKE * Math.sin(turn * 2.4) : 0) + (drifts ? DRIFT * turn : 0);
      const shown = (load + strays) / UNITS[unit];
      const next = `${isShaken ? 'US' : 'S '} ${shown < 0 ? '-' : '+'} ${Math.abs(shown).toFixed(unit === 'ozt' ? 4 : 2)} ${unit}`;
      setLine(next);
      channel.postMessage(next);
    };
    send();
    const timer = setInterval(send, EVERY_MS);
    return () => {
      clearInterval(timer);
      channel.close();
    };
  }, [load, isShaken, drifts, unit]);
  return (
    <main className="mx-auto max-w-[460px] p-4 text-[18px]">
      <h1>{words.simulatedScale}</h1>
      <p className="mt-1 text-soft">{words.about}</p>
      <output className="num my-3 block rounded bg-ink px-4 py-3 text-right text-[32px] whitespace-pre text-page">
        {line}
      </output>
      <div className="grid grid-cols-3 gap-2">
        {THINGS.map((grams) => (
          <button
            key={grams}
            type="button"
            className="bench-press bench-press-small"
            onClick={() => setLoad(load + grams)}
          >
            + {grams} g
          </button>
        ))}
      </div>
      <div className="mt-2 grid grid-cols-2 gap-2">
        <button type="button" className="bench-press bench-press-small" onClick={() => setLoad(0)}>
          {words.takeAllOff}
        </button>
        <button
          type="button"
          className="bench-press bench-press-small"
          aria-pressed={isShaken}
          onClick={() => setShaken(!isShaken)}
        >
          {words.shake}
        </button>
        <button
          type="button"
          className="bench-press bench-press-small"
          aria-pressed={drifts}
          onClick={() => setDrifts(!drifts)}
        >
          {words.drift}
        </button>
        <label className="flex items-center gap-2">
          {words.unit}
          <select
            className="min-h-[56px] flex-1 rounded border-2 border-rule bg-page px-2"
            value={unit}
            onChange={({ target }) => setUnit(target.value as keyof typeof UNITS)}
          >
            {Object.keys(UNITS).map((one) => (
              <option key={one}>{one}</option>
            ))}
          </select>
        </label>
      </div>
    </main>
  );
}
