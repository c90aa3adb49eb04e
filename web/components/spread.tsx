// Two pages side by side: left the work, right the count. On a narrow screen the count is a drawer at the foot.
import { clsx } from 'clsx';
import { ChevronDown, ChevronUp } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { words } from '../words/components.ts';

interface SpreadProps {
  /** Names the page in the browser's tab. */
  readonly title: string;
  readonly left: ReactNode;
  readonly right: ReactNode;
  /** The closed drawer shows the figures that matter most. */
  readonly bottomLine: ReactNode;
  readonly leftFoot?: ReactNode;
  readonly rightFoot?: ReactNode;
  /** In print the left page stands alone. */
  readonly printsLeftOnly?: boolean;
}

export function Spread({ title, left, right, bottomLine, leftFoot, rightFoot, printsLeftOnly }: SpreadProps) {
  const [open, setOpen] = useState(false);
  return (
    <main className="spread">
      <title>{`${title}, Noon Ledger`}</title>
      <section className="leaf leaf-left" aria-label={words.theWork}>
        <div className="flex-1 pb-6">{left}</div>
        <div className="foot">{leftFoot}</div>
      </section>
      <aside
        className={clsx('leaf leaf-right', printsLeftOnly && 'chrome')}
        aria-label={words.summary}
        data-open={open}
        // It scrolls, so it must take the keyboard focus where it holds no control.
        tabIndex={0}
      >
        <button
          type="button"
          className="drawer-line flex w-full items-center justify-between gap-4 py-3"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          <span className="flex flex-wrap items-baseline gap-x-6">{bottomLine}</span>
          {open ? (
            <ChevronDown size={20} aria-label={words.closeSummary} />
          ) : (
            <ChevronUp size={20} aria-label={words.openSummary} />
          )}
        </button>
        <div className="drawer-body">
          <div className="flex-1 pb-4">{right}</div>
          <div className="foot">{rightFoot}</div>
        </div>
      </aside>
    </main>
  );
}
