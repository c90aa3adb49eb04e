// The calculation of a figure, opened in place: the sum, its inputs and their sources. Each input opens further.
import { useState } from 'react';
import { type Figure, inSum, isMoney } from '../../core/figure/figure.ts';
import { showFigure } from '../../core/figure/show.ts';

/** @param show  how results are rounded: as in the column above */
export function Calculation({ figure, show = showFigure }: { figure: Figure; show?: (figure: Figure) => string }) {
  return (
    <div className="working">
      <SumLine figure={figure} show={show} />
      <Inputs figure={figure} show={show} />
    </div>
  );
}

interface LineProps {
  readonly figure: Figure;
  readonly show: (figure: Figure) => string;
}

function SumLine({ figure, show, unnamed = false }: LineProps & { readonly unnamed?: boolean }) {
  if (!figure.how) return <span className="num">{show(figure)}</span>;
  return (
    <span>
      <span className="num whitespace-normal">{figure.how}</span> ={' '}
      <span className="num font-semibold">{show(figure)}</span>
      {!unnamed && <span className="aside"> {figure.label}</span>}
    </span>
  );
}

function Inputs({ figure, show }: LineProps) {
  if (figure.from.length === 0) return figure.source ? <div className="aside">{figure.source}</div> : null;
  return (
    <ul>
      {figure.from.map((input, index) => (
        // The inputs keep the order of the sum, and two may be equal, so the index is the key.
        <li key={index}>
          <Input figure={input} show={show} />
        </li>
      ))}
    </ul>
  );
}

function Input({ figure, show }: LineProps) {
  const [open, setOpen] = useState(false);
  if (figure.from.length === 0) {
    return (
      <>
        <span className="num">{inWorking(figure)}</span> {figure.label}
        <span className="aside">{figure.source && `, ${figure.source}`}</span>
      </>
    );
  }
  return (
    <>
      <button
        type="button"
        className="min-h-[24px] text-left underline decoration-rule underline-offset-3"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        onKeyDown={(event) => {
          if (event.key !== 'Escape' || !open) return;
          event.stopPropagation();
          setOpen(false);
        }}
      >
        <span className="num">{inWorking(figure)}</span> {figure.label}
      </button>
      {open && (
        <div>
          <SumLine figure={figure} show={show} unnamed />
          <Inputs figure={figure} show={show} />
        </div>
      )}
    </>
  );
}

// Rounded as in the sum above, so that the eye finds it there.
function inWorking(figure: Figure): string {
  const text = inSum(figure.value, figure.unit);
  if (!figure.unit) return text;
  return isMoney(figure.unit) ? `${text} ${figure.unit.replace('/', ' per ')}` : `${text} ${figure.unit}`;
}
