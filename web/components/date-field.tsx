// A day: typed as the studio's country writes it, or picked from the browser's calendar.
import { CalendarDays } from 'lucide-react';
import { useRef, useState } from 'react';
import { dayInFigures, fullDay, readDay } from '../../core/format/days.ts';
import { rightNow } from '../state/clock.ts';
import { words } from '../words/components.ts';

interface DateFieldProps {
  /** `2026-11-12`, or '' for none. */
  readonly value: string;
  readonly label: string;
  readonly id?: string;
  /** Called with a whole day, or with '' where the field is blank. */
  readonly onChange: (day: string) => void;
}

export function DateField({ value, label, id, onChange }: DateFieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const calendar = useRef<HTMLInputElement>(null);
  const today = rightNow().day;
  const isUnread = typed !== null && typed.trim() !== '' && readDay(typed, today) === null;
  const hint = `For example ${dayInFigures(`${today.slice(0, 4)}-12-31`)}, or 31 Dec`;
  return (
    <span className="relative inline-flex items-baseline gap-1 whitespace-nowrap">
      <input
        id={id}
        type="text"
        className="field field-open num w-[7.6em]"
        aria-label={label}
        aria-invalid={isUnread || undefined}
        title={hint}
        placeholder={words.none}
        autoComplete="off"
        spellCheck={false}
        maxLength={40}
        value={typed ?? (value && fullDay(value))}
        onFocus={(event) => event.currentTarget.select()}
        onChange={(event) => {
          const text = event.target.value;
          setTyped(text);
          const day = text.trim() === '' ? '' : readDay(text, today);
          if (day !== null) onChange(day);
        }}
        onBlur={() => {
          if (!isUnread) setTyped(null);
        }}
      />
      <input
        ref={calendar}
        type="date"
        className="date-picker pointer-events-none absolute bottom-0 left-0 h-0 w-full opacity-0"
        tabIndex={-1}
        aria-hidden="true"
        value={value}
        onChange={(event) => {
          setTyped(null);
          onChange(event.target.value);
        }}
      />
      <button
        type="button"
        className="chrome small-tool"
        aria-label={`${label}, calendar`}
        onClick={() => calendar.current?.showPicker()}
      >
        <CalendarDays size={16} />
      </button>
      {isUnread && (
        <span className="problem">
          {words.giveADay} {hint}.
        </span>
      )}
    </span>
  );
}
