// A number set so that its point stands under the others'.
import type { Figure } from '../../core/figure/figure.ts';
import { showValue } from '../../core/figure/show.ts';

/** A figure's value rounded for show. It glows briefly when it changes, since the new text is a new element. */
export function Num({ figure }: { figure: Pick<Figure, 'value' | 'unit'> }) {
  return <NumText text={showValue(figure.value, figure.unit)} />;
}

function NumText({ text }: { text: string }) {
  const point = text.indexOf('.');
  return (
    <span key={text} className="num glow">
      {point < 0 ? text : text.slice(0, point)}
      <span className="num-frac">{point < 0 ? '' : text.slice(point)}</span>
    </span>
  );
}
