// A number aligned at its decimal point.
import { useEffect, useRef } from 'react';
import type { Figure } from '../../core/figure/figure.ts';
import { showValue } from '../../core/figure/show.ts';
import { studioFormat } from '../../core/format/studio-format.ts';
import { glowSoon } from './highlight.ts';

/** A figure's value, rounded for display. It is highlighted briefly after a change. */
export function Num({ figure }: { figure: Pick<Figure, 'value' | 'unit'> }) {
  const text = showValue(figure.value, figure.unit);
  const element = useRef<HTMLSpanElement>(null);
  const before = useRef(text);
  useEffect(() => {
    if (element.current && before.current !== text) glowSoon(element.current);
    before.current = text;
  }, [text]);
  const point = text.lastIndexOf(studioFormat().decimal);
  return (
    <span ref={element} className="num">
      {point < 0 ? text : text.slice(0, point)}
      <span className="num-frac">{point < 0 ? '' : text.slice(point)}</span>
    </span>
  );
}
