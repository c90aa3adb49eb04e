// A number or text edited in place. Number fields take sums and units and keep what was typed.
import { clsx } from 'clsx';
import { type FocusEvent, type KeyboardEvent, memo, useEffect, useRef, useState } from 'react';
import { bothReadings } from '../../core/format/numbers.ts';
import { withUnit } from '../../core/measure/read/with-unit.ts';
import { useLatest } from '../hooks/use-latest.ts';
import { Resting, useRest } from './resting-field.tsx';

export interface FieldProps {
  readonly value: string;
  readonly onChange: (value: string) => void;
  /** Names the field for screen readers. */
  readonly label: string;
  /** Unit of a bare number: added behind it while it is typed. */
  readonly unit?: string;
  readonly placeholder?: string;
  /** An issue shown elsewhere in the row: the field is marked and points to it. */
  readonly problem?: string | undefined;
  readonly problemId?: string | undefined;
  /** Enter moves down to the field with this name in the next row. */
  readonly column?: string;
  readonly wide?: boolean;
  readonly small?: boolean;
  readonly open?: boolean;
  readonly end?: boolean;
  readonly maxLength?: number;
  /** Takes the focus when the page opens. */
  readonly autoFocus?: boolean;
  readonly className?: string;
}

export function Field({ onChange, ...rest }: FieldProps) {
  return <Writing {...rest} onChange={useLatest(onChange)} />;
}

// React writes type and name of every field it renders; only a changed field renders at a key.
const Writing = memo(function Writing({
  value,
  onChange,
  label,
  unit = '',
  placeholder,
  problem,
  problemId,
  column,
  wide,
  small,
  open,
  end,
  maxLength = 60,
  autoFocus,
  className,
}: FieldProps) {
  // While it has the focus, the field shows exactly what is typed; the unit is added to the stored text only.
  const [typing, setTyping] = useState<string | null>(null);
  const sent = useRef(value);
  const { rests, wake, field } = useRest({
    text: value,
    write: (text) => onChange(withUnit(text, unit).slice(0, maxLength)),
  });

  // Undo or another device changed the stored text while the field has the focus.
  useEffect(() => {
    if (typing !== null && value !== sent.current) setTyping(value);
    sent.current = value;
  }, [value, typing]);

  const looks = clsx(
    'field',
    wide && 'field-wide',
    small && 'field-small',
    open && 'field-open',
    end && 'text-right',
    unit && 'num',
    className,
  );
  if (rests) {
    const words = { text: value, label, placeholder, problem, problemId, column };
    return <Resting role="textbox" className={looks} onFocus={wake} innerRef={field} {...words} />;
  }

  const readings = problem ? bothReadings(value) : null;
  const input = (
    <input
      ref={field}
      type="text"
      className={looks}
      value={typing ?? value}
      aria-label={label}
      aria-invalid={problem ? true : undefined}
      aria-describedby={problem ? problemId : undefined}
      placeholder={placeholder}
      maxLength={maxLength}
      data-column={column}
      autoFocus={autoFocus}
      autoComplete="off"
      spellCheck={false}
      onFocus={(event: FocusEvent<HTMLInputElement>) => event.currentTarget.select()}
      onChange={(event) => {
        const kept = withUnit(event.target.value, unit).slice(0, maxLength);
        sent.current = kept;
        setTyping(event.target.value);
        onChange(kept);
      }}
      onBlur={() => setTyping(null)}
      onKeyDown={goDown}
    />
  );
  if (!readings) return input;
  return (
    <span className="inline-flex flex-wrap items-baseline gap-x-2">
      {input}
      {readings.map((reading) => (
        <button
          key={reading}
          type="button"
          className="link num text-[14px] whitespace-nowrap"
          aria-label={`${label}: ${reading}`}
          // Before the field loses the focus and goes to rest.
          onPointerDown={(event) => event.preventDefault()}
          onClick={() => {
            setTyping(null);
            onChange(reading);
          }}
        >
          {reading}
        </button>
      ))}
    </span>
  );
});

/** Enter moves to the same column of the next row. */
export function goDown(event: KeyboardEvent<HTMLElement>): void {
  const { column } = event.currentTarget.dataset;
  if (event.key !== 'Enter' || !column) return;
  const table = event.currentTarget.closest('table');
  const fields = [...(table?.querySelectorAll<HTMLElement>(`[data-column~="${column}"]`) ?? [])];
  const next = fields[fields.indexOf(event.currentTarget) + (event.shiftKey ? -1 : 1)];
  if (!next) return;
  event.preventDefault();
  next.focus();
}
