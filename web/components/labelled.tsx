// A small field with its label before it, as in the details of a row.
import type { ReactNode } from 'react';

export function Labelled({ word, children }: { word: string; children: ReactNode }) {
  return (
    <span className="inline-flex items-baseline gap-[3px] whitespace-nowrap">
      <span className="aside">{word}</span>
      {children}
    </span>
  );
}

export function Tick({
  word,
  label,
  checked,
  onChange,
}: {
  word: string;
  label: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
}) {
  return (
    <label className="inline-flex items-baseline gap-[3px] whitespace-nowrap">
      <input
        type="checkbox"
        className="m-1 size-[16px] translate-y-[2px] accent-act"
        aria-label={label}
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      <span className="aside">{word}</span>
    </label>
  );
}
