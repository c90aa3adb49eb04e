// A figure in a table that opens its calculation in a row below.
import type { Figure } from '../../core/figure/figure.ts';
import { showValue } from '../../core/figure/show.ts';
import { Num } from './num.tsx';

interface FigureButtonProps {
  readonly figure: Figure;
  /** Names the figure for screen readers: `Saw faces, actual`. */
  readonly name: string;
  readonly isOpen: boolean;
  readonly onToggle: () => void;
}

export function FigureButton({ figure, name, isOpen, onToggle }: FigureButtonProps) {
  return (
    <button
      type="button"
      className="figure"
      aria-expanded={isOpen}
      aria-label={`${name}: ${showValue(figure.value, figure.unit)} ${figure.unit}, show calculation`}
      onClick={onToggle}
    >
      <Num figure={figure} />
    </button>
  );
}
