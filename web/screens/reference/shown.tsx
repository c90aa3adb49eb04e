// The chosen line of a table: its figures with their calculations, and text beside them.
import type { ReactNode } from 'react';
import type { Figure } from '../../../core/figure/figure.ts';
import { showExactly } from '../../../core/figure/show.ts';
import { Calculation } from '../../components/calculation.tsx';

export function Shown({
  title,
  figures,
  children,
}: {
  title: string;
  figures: readonly Figure[];
  children?: ReactNode;
}) {
  return (
    <section aria-label={title}>
      <h2 className="mb-2 text-[18px]! text-ink!">{title}</h2>
      {figures.map((figure) => (
        <div key={figure.label} className="border-t border-hair py-2">
          <div className="flex items-baseline justify-between gap-4">
            <span>{figure.label}</span>
            <span className="num font-semibold">{showExactly(figure)}</span>
          </div>
          {figure.kind === 'input' ? (
            <p className="aside">{figure.source}</p>
          ) : (
            <Calculation figure={figure} show={showExactly} />
          )}
        </div>
      ))}
      {children}
    </section>
  );
}
