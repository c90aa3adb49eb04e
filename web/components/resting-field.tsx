// A field of a row at rest: its words, and the way into it.
import { useLayoutEffect, useRef, type RefObject } from 'react';
import { useInHand } from './row.tsx';

interface RestingProps {
  readonly role: 'textbox' | 'combobox';
  readonly className: string;
  readonly text: string;
  readonly placeholder?: string | undefined;
  readonly label: string;
  readonly problem?: string | undefined;
  readonly problemId?: string | undefined;
  readonly column?: string | undefined;
  readonly onFocus: () => void;
}

export function Resting({
  role,
  className,
  text,
  placeholder,
  label,
  problem,
  problemId,
  column,
  onFocus,
}: RestingProps) {
  return (
    <span
      role={role}
      tabIndex={0}
      className={className}
      aria-label={label}
      aria-placeholder={role === 'textbox' ? placeholder : undefined}
      aria-expanded={role === 'combobox' ? false : undefined}
      aria-invalid={problem ? true : undefined}
      aria-describedby={problem ? problemId : undefined}
      data-placeholder={text ? undefined : placeholder}
      data-column={column}
      onFocus={onFocus}
    >
      {text}
    </span>
  );
}

/**
 * Whether a field is at rest; when its words are given the focus, the field that takes their place is given it in turn.
 * @returns `rests`, what the words call when they are focused, and the ref of the real field
 */
export function useRest<Element extends HTMLElement>(): {
  rests: boolean;
  wake: () => void;
  field: RefObject<Element | null>;
} {
  const rests = !useInHand();
  const field = useRef<Element>(null);
  const wanted = useRef(false);
  useLayoutEffect(() => {
    if (rests || !wanted.current) return;
    wanted.current = false;
    field.current?.focus();
  }, [rests]);
  return { rests, wake: () => (wanted.current = true), field };
}
