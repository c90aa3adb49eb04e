// The frame around every screen: the header, the first run of the studio, and the wait for the basis of all
// computation.
import { clsx } from 'clsx';
import { Bell, CircleQuestionMark, Moon, Search, Sun } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Link, NavLink, Outlet, useLocation } from 'react-router';
import { fullDay, shortDay } from '../../core/format/days.ts';
import { setStudioFormat } from '../../core/format/studio-format.ts';
import { Mark } from '../components/mark.tsx';
import { helpOf } from '../help/help-of.ts';
import { BasisProvider, useFetchedBasis } from '../hooks/use-basis.ts';
import { useMedia } from '../hooks/use-media.ts';
import { keyInWords } from '../keys/key-table.ts';
import { rightNow } from '../state/clock.ts';
import { useGetAboutQuery } from '../state/endpoints/backups.ts';
import { useAppSelector } from '../state/store.ts';
import { words } from '../words/shell.ts';
import { AskLine } from './ask-line.tsx';
import { BackupNotice } from './backup-notice.tsx';
import { ErrorBoundary } from './error-page.tsx';
import { optionalPart } from './optional-part.ts';
import { PageFocus } from './page-focus.tsx';
import { ShellKeys } from './shell-keys.tsx';
import { useStackedTables } from './stacked-tables.ts';
import { UpdateChip } from './update-chip.tsx';
import { useGrids } from './use-grids.ts';
import { usePrintedPaper } from './use-printed-paper.ts';
import { toggleTheme, useTheme } from './use-theme.ts';
import { AwayLine, WaitingChip } from './waiting-chip.tsx';

const sections = (): readonly { to: string; name: string; also?: RegExp }[] => [
  { to: '/bench', name: words.bench },
  { to: '/day', name: words.schedule, also: /^\/(?:plan|promise|what-if|hours)/ },
  { to: '/pieces', name: words.pieces },
  { to: '/batches', name: words.batches },
  { to: '/shelf', name: words.metal, also: /^\/(?:buying|jars|account|lots|convert|count|orders)/ },
  { to: '/made', name: words.finished, also: /^\/(?:sales|outlets|make-next|review)/ },
  { to: '/prices', name: words.prices, also: /^\/(?:fairs|quotes|sheets)/ },
  { to: '/reference', name: words.reference },
  { to: '/studio', name: words.settings },
];

/** Only on a narrow screen. */
const HeadMenu = optionalPart(async () => (await import('./head-menu.tsx')).HeadMenu);
/** Once in the life of a ledger. */
const FirstRunScreen = lazy(async () => ({
  default: (await import('../screens/first-run/first-run-screen.tsx')).FirstRunScreen,
}));

const LockedScreen = lazy(async () => ({
  default: (await import('../screens/access/locked-screen.tsx')).LockedScreen,
}));
const PairScreen = lazy(async () => ({ default: (await import('../screens/access/pair-screen.tsx')).PairScreen }));

export function Frame() {
  const { pathname } = useLocation();
  const { basis, isNew, failed } = useFetchedBasis();
  useStackedTables();
  useGrids();
  usePrintedPaper(basis?.studio.country);
  const door = useAppSelector(({ waiting }) => waiting.door);
  if (door !== 'open') return <Suspense>{door === 'locked' ? <LockedScreen /> : <PairScreen />}</Suspense>;
  if (isNew)
    return (
      <Suspense>
        <FirstRunScreen />
      </Suspense>
    );
  if (!basis) return <Waiting failed={failed} />;
  // All that is shown and read below follows the format of the country, and is drawn again when it changes.
  const { country } = basis.studio;
  setStudioFormat(country);
  return (
    <BasisProvider key={country} value={basis}>
      <AnyHead fixOn={basis.fix?.on ?? null} />
      <AwayLine />
      <CopyLine />
      <div id="the-page" tabIndex={-1} className="outline-none">
        <ErrorBoundary address={pathname}>
          <Suspense>
            <Outlet />
          </Suspense>
        </ErrorBoundary>
      </div>
    </BasisProvider>
  );
}

/** The bench view has a head of its own; the simulated scale has none. */
function AnyHead({ fixOn }: { fixOn: string | null }) {
  const { pathname } = useLocation();
  const [isFinding, setFinding] = useState(false);
  if (pathname === '/scale') return null;
  return (
    <>
      <a className="skip chrome" href="#the-page" onClick={skipToWork}>
        {words.skipToThePage}
      </a>
      {/^\/bench(?:\/|$)/.test(pathname) ? <BenchHead /> : <Head fixOn={fixOn} onFind={() => setFinding(true)} />}
      <ShellKeys isFinding={isFinding} setFinding={setFinding} />
      <PageFocus />
    </>
  );
}

/** The address stays as it is: it names a place of the page where one was asked for. */
function skipToWork(event: React.MouseEvent): void {
  event.preventDefault();
  document.getElementById('the-page')?.focus();
}

function BenchHead() {
  return (
    <header className="chrome sticky top-0 z-30 flex h-[64px] items-center gap-4 bg-bench px-4 text-[20px] [--target:56px]">
      <Link to="/bench" className="flex min-h-[56px] items-center gap-3 font-bold">
        <Mark />
        {words.bench}
      </Link>
      <span className="flex-1" />
      <UpdateChip />
      <WaitingChip />
      <ThemeButton />
      <Link to="/day" className="flex min-h-[56px] items-center px-2 text-act">
        {words.leaveTheBench}
      </Link>
    </header>
  );
}

/** A copy that is only looked at, and the sample workshop, say so on every page. */
function CopyLine() {
  const { data } = useGetAboutQuery();
  if (!data?.copyOf && !data?.sampleFrom) return null;
  return (
    <aside
      className="chrome bg-warn-wash px-5 py-1 text-[14px]"
      aria-label={data.copyOf ? words.copyOf : words.sampleWorkshop}
    >
      {data.copyOf ? (
        <>
          <b>
            {words.copyOf} {fullDay(data.copyOf)}.
          </b>{' '}
          {words.onlyToLookAt}
        </>
      ) : (
        <>
          <b>{words.sampleWorkshop}</b> {words.sampleIsThrownAway}{' '}
          <a className="link" href={data.sampleFrom}>
            {words.backToMyLedger}
          </a>
        </>
      )}
    </aside>
  );
}

function Head({ fixOn, onFind }: { fixOn: string | null; onFind: () => void }) {
  const { pathname } = useLocation();
  const isNarrow = useMedia('(width <= 700px)');
  return (
    <header
      data-page-focus
      className="chrome sticky top-0 z-30 flex h-[52px] items-center gap-5 bg-bench px-5 max-[1400px]:gap-3 max-[1000px]:gap-2 max-[1000px]:px-3"
    >
      <Link
        to="/pieces"
        className="flex items-center gap-[9px] text-[18px] font-bold tracking-[-0.01em] whitespace-nowrap"
      >
        <Mark />
        <span className="max-[1100px]:sr-only">{words.noonLedger}</span>
      </Link>
      {isNarrow && (
        <Suspense fallback={<span className="head-icon" />}>
          <HeadMenu places={sections()} />
        </Suspense>
      )}
      <nav aria-label={words.sections} className="flex gap-[2px] max-[1000px]:gap-0 max-[700px]:hidden">
        {sections().map(({ to, name, also }) => (
          <NavLink
            key={to}
            to={to}
            className={({ isActive }) =>
              clsx(
                'px-[11px] py-[6px] max-[1000px]:px-[5px] max-[900px]:px-[3px] max-[900px]:text-[15px]',
                // The calculator beside it leads there.
                to === '/reference' && 'max-[900px]:hidden',
                isActive || also?.test(pathname)
                  ? 'font-[650] shadow-[inset_0_-2px_0_var(--ink)]'
                  : 'text-soft hover:text-ink',
              )
            }
          >
            {name}
          </NavLink>
        ))}
      </nav>
      <span className="flex min-w-0 flex-1 justify-end">
        <AskLine />
      </span>
      <BackupNotice />
      <UpdateChip />
      <WaitingChip />
      <Link to={helpOf(pathname)} className="head-icon max-[1000px]:hidden" title={words.help}>
        <CircleQuestionMark size={18} aria-label={words.help} />
      </Link>
      <Link to="/attention" className="head-icon max-[700px]:hidden" title={words.attention}>
        <Bell size={18} aria-label={words.attention} />
      </Link>
      <button
        type="button"
        className="head-icon"
        title={`${words.find} (${keyInWords('findBySlash')})`}
        onClick={onFind}
      >
        <Search size={18} aria-label={words.find} />
      </button>
      <Link to="/studio#fix" className="flex items-center gap-2 text-[14px] whitespace-nowrap">
        <span className="noon-dot" />
        {fixOn ? (
          <span className="max-[420px]:sr-only">
            <span className="max-[1400px]:sr-only">{words.metalPrices} </span>
            {fixOn.startsWith(rightNow().day.slice(0, 4)) ? shortDay(fixOn) : fullDay(fixOn)}
          </span>
        ) : (
          <span className="max-[420px]:sr-only">{words.noMetalPrices}</span>
        )}
      </Link>
      <span className="max-[700px]:hidden">
        <ThemeButton />
      </span>
    </header>
  );
}

function ThemeButton() {
  const theme = useTheme();
  return (
    <button
      type="button"
      className="head-icon"
      onClick={toggleTheme}
      title={theme === 'lamp' ? words.lightTheme : words.darkTheme}
    >
      {theme === 'lamp' ? (
        <Sun size={18} aria-label={words.lightTheme} />
      ) : (
        <Moon size={18} aria-label={words.darkTheme} />
      )}
    </button>
  );
}

function Waiting({ failed }: { failed: boolean }) {
  if (!failed) return <p className="sr-only">{words.loading}</p>;
  return (
    <main className="mx-auto max-w-[60ch] p-8">
      <h1>{words.cantConnectToNoonLedger}</h1>
      <p className="mt-3">{words.noonLedgerIsNotRunning}</p>
      <button type="button" className="button mt-4" onClick={() => location.reload()}>
        {words.reload}
      </button>
    </main>
  );
}
