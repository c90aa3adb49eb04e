// The head of a column that sorts its list.
import { ArrowDown, ArrowUp } from 'lucide-react';

interface SortHeadProps {
  readonly text: string;
  /** Whether the list is sorted by this column. */
  readonly isOn: boolean;
  readonly isDown: boolean;
  readonly onPress: () => void;
}

export function SortHead({ text, isOn, isDown, onPress }: SortHeadProps) {
  const Arrow = isDown ? ArrowDown : ArrowUp;
  return (
    <button type="button" className="inline-flex items-center gap-[2px] hover:text-ink" onClick={onPress}>
      {text}
      {isOn && <Arrow size={13} aria-hidden="true" />}
    </button>
  );
}
