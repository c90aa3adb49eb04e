// A number pad of large buttons.
import { words } from '../../words/bench.ts';

const DIGITS = ['1', '2', '3', '4', '5', '6', '7', '8', '9'] as const;

export function Digits({
  value,
  onChange,
  hasPoint = false,
}: {
  value: string;
  onChange: (value: string) => void;
  hasPoint?: boolean;
}) {
  const add = (digit: string) => onChange(digit === '.' && value.includes('.') ? value : `${value}${digit}`);
  return (
    <div className="mt-3 grid grid-cols-3 gap-2">
      {DIGITS.map((digit) => (
        <button key={digit} type="button" className="bench-press bench-press-small" onClick={() => add(digit)}>
          {digit}
        </button>
      ))}
      {hasPoint ? (
        <button type="button" className="bench-press bench-press-small" aria-label="point" onClick={() => add('.')}>
          .
        </button>
      ) : (
        <span />
      )}
      <button type="button" className="bench-press bench-press-small" onClick={() => add('0')}>
        0
      </button>
      <button
        type="button"
        className="bench-press bench-press-small"
        disabled={value === ''}
        onClick={() => onChange(value.slice(0, -1))}
      >
        <span aria-hidden>⌫</span>
        <span className="sr-only">{words.clear}</span>
      </button>
    </div>
  );
}
