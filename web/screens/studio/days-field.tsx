// Days and spans of days: typed in the studio's format, kept as ISO days.
import { useState } from 'react';
import { readSpans, showSpans } from '../../../core/format/day-spans.ts';
import { goDown } from '../../components/field.tsx';
import { rightNow } from '../../state/clock.ts';

interface DaysFieldProps {
  readonly value: string;
  readonly label: string;
  readonly placeholder: string;
  readonly column: string;
  readonly onChange: (days: string) => void;
  readonly problem?: string;
  readonly problemId?: string;
}

export function DaysField({ value, label, placeholder, column, onChange, problem, problemId }: DaysFieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <input
      type="text"
      className="field field-wide"
      aria-label={label}
      aria-invalid={problem ? true : undefined}
      aria-describedby={problem ? problemId : undefined}
      placeholder={placeholder}
      data-column={column}
      autoComplete="off"
      spellCheck={false}
      maxLength={120}
      value={typed ?? showSpans(value)}
      onFocus={(event) => event.currentTarget.select()}
      onChange={(event) => {
        const text = event.target.value;
        setTyped(text);
        // What is not yet a day is kept as typed, and said below the row.
        onChange(readSpans(text, rightNow().day) ?? text);
      }}
      onBlur={() => setTyped(null)}
      onKeyDown={goDown}
    />
  );
}
