// A field of an inactive row: plain text until it takes the focus.
import { type RefCallback, useCallback, useLayoutEffect, useRef } from 'react';
import { type Cell, registerCell } from '../grid/cells.ts';
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
  readonly innerRef: RefCallback<HTMLElement>;
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
  innerRef,
}: RestingProps) {
  return (
    <span
      ref={innerRef}
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

/** A tap on a list of an inactive row opens it at once. */
function openList(list: HTMLSelectElement): void {
  if (!navigator.userActivation.isActive || !matchMedia('(pointer: coarse)').matches) return;
  try {
    list.showPicker();
  } catch {
    // The next tap opens it.
  }
}

/**
 * Whether a field is inactive. When its text takes the focus, the focus moves to the real field that replaces it.
 * @param cell  what a block of cells needs of the field
 * @returns `rests`, the handler for focus on the text, and the ref of the field, inactive or not
 */
export function useRest(cell: Cell): { rests: boolean; wake: () => void; field: RefCallback<HTMLElement> } {
  const rests = !useInHand();
  const element = useRef<HTMLElement>(null);
  const field = useCallback((node: HTMLElement | null) => void (element.current = node), []);
  const wanted = useRef(false);
  useLayoutEffect(() => {
    if (element.current) registerCell(element.current, cell);
  });
  useLayoutEffect(() => {
    if (rests || !wanted.current) return;
    wanted.current = false;
    element.current?.focus();
    if (element.current instanceof HTMLSelectElement) openList(element.current);
  }, [rests]);
  return { rests, wake: () => (wanted.current = true), field };
}
