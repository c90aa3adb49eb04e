// A field of an inactive row: plain text until it takes the focus.
import { type RefObject, useLayoutEffect, useRef } from 'react';
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
      // Its role is a control's; the rule cannot see it.
      // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex
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
 * Whether a field is inactive. When its text takes the focus, the focus moves to the real field that replaces it.
 * @returns `rests`, the handler for focus on the text, and the ref of the real field
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
