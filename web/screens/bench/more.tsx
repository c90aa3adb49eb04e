// What a bench day brings: a forgotten start, a helper, something else that happened.
import { useState } from 'react';
import { type Happening, happenings } from '../../../core/bench/bench-entry.ts';
import { timeOfDay } from '../../../core/bench/moment-as-day.ts';
import type { BenchMaker } from '../../../core/studio/bench.ts';
import { ModalDialog } from '../../components/dialog.tsx';
import { momentNow } from '../../hooks/use-seconds.ts';
import { happeningWords, words } from '../../words/bench.ts';

const EARLIER_MIN = [5, 10, 15, 20, 30, 45, 60, 90] as const;
const HELPED_MIN = [5, 10, 15, 20, 30, 45, 60, 90] as const;

interface MoreProps {
  readonly helpers: readonly BenchMaker[];
  /** Moment at which the step before it ended; null where it is not known. */
  readonly sinceLast: number | null;
  readonly onEarlier: (at: number) => void;
  readonly onHelper: (maker: string, minutes: number) => void;
  readonly onHappened: (what: Happening) => void;
  readonly onClose: () => void;
}

type Page = 'menu' | 'earlier' | 'helper' | 'happened';

export function More({ helpers, sinceLast, onEarlier, onHelper, onHappened, onClose }: MoreProps) {
  const [page, setPage] = useState<Page>('menu');
  const [helper, setHelper] = useState(helpers[0]?.id ?? '');
  const now = momentNow();
  const close = (act: () => void) => () => {
    act();
    onClose();
  };
  return (
    <ModalDialog
      open
      title={
        { menu: words.more, earlier: words.sinceWhen, helper: words.aHelperDidPart, happened: words.somethingElse }[
          page
        ]
      }
      description={
        { menu: '', earlier: words.sinceWhenLong, helper: words.helperMinutes, happened: words.somethingElseLong }[page]
      }
      onClose={onClose}
    >
      <div className="mt-3 grid gap-2">
        {page === 'menu' && (
          <>
            <Choice onClick={() => setPage('earlier')}>{words.iStartedEarlier}</Choice>
            {helpers.length > 0 && <Choice onClick={() => setPage('helper')}>{words.aHelperDidPart}</Choice>}
            <Choice onClick={() => setPage('happened')}>{words.somethingElse}</Choice>
          </>
        )}
        {page === 'earlier' && (
          <div className="grid grid-cols-2 gap-2">
            {sinceLast !== null && sinceLast < now && (
              <Choice onClick={close(() => onEarlier(sinceLast))}>after the last step, {timeOfDay(sinceLast)}</Choice>
            )}
            {EARLIER_MIN.map((minutes) => (
              <Choice key={minutes} onClick={close(() => onEarlier(now - minutes))}>
                {minutes} min ago, {timeOfDay(now - minutes)}
              </Choice>
            ))}
          </div>
        )}
        {page === 'helper' && (
          <>
            {helpers.length > 1 && (
              <div className="flex flex-wrap gap-2">
                {helpers.map(({ id, name }) => (
                  <button
                    key={id}
                    type="button"
                    className="bench-press bench-press-small"
                    aria-pressed={helper === id}
                    onClick={() => setHelper(id)}
                  >
                    {name}
                  </button>
                ))}
              </div>
            )}
            {helpers.length === 1 && <p className="text-[20px] font-semibold">{helpers[0]?.name}</p>}
            <div className="grid grid-cols-2 gap-2">
              {HELPED_MIN.map((minutes) => (
                <Choice key={minutes} onClick={close(() => onHelper(helper, minutes))}>
                  {minutes} min
                </Choice>
              ))}
            </div>
          </>
        )}
        {page === 'happened' &&
          happenings.map((what) => (
            <Choice key={what} onClick={close(() => onHappened(what))}>
              {happeningWords[what]}
            </Choice>
          ))}
        <Choice onClick={page === 'menu' ? onClose : () => setPage('menu')}>
          {page === 'menu' ? words.cancel : words.back}
        </Choice>
      </div>
    </ModalDialog>
  );
}

function Choice({ onClick, children }: { onClick: () => void; children: React.ReactNode }) {
  return (
    <button type="button" className="bench-press bench-press-small text-left" onClick={onClick}>
      {children}
    </button>
  );
}
