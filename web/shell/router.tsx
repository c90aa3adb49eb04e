// The address of each page. Pieces loads with the first page; the others on demand.
import { type ComponentType, lazy } from 'react';
import { Navigate, Route, Routes, useLocation } from 'react-router';
import { NotFound } from '../components/not-found.tsx';
import { PiecesScreen } from '../screens/pieces/pieces-screen.tsx';
import { ErrorBoundary } from './error-page.tsx';
import { Frame } from './frame.tsx';

interface Page {
  readonly paths: readonly string[];
  readonly fetch: () => Promise<unknown>;
  readonly Screen: ComponentType;
}

function page(load: () => Promise<ComponentType>, ...paths: readonly string[]): Page {
  return { paths, fetch: load, Screen: lazy(async () => ({ default: await load() })) };
}

const pieceScreen = async () => await import('../screens/piece/piece-screen.tsx');
const benchScreen = async () => await import('../screens/bench/bench-screen.tsx');
// After the list a maker most often opens a piece, so its page is fetched while the browser is idle.
window.requestIdleCallback(() => void pieceScreen().catch(() => undefined));

const pages: readonly Page[] = [
  page(async () => (await import('../screens/plan/plan-screen.tsx')).PlanScreen, 'plan'),
  page(async () => (await import('../screens/promise/promise-screen.tsx')).PromiseScreen, 'promise'),
  page(async () => (await import('../screens/what-if/what-if-screen.tsx')).WhatIfScreen, 'what-if'),
  page(async () => (await import('../screens/day/day-screen.tsx')).DayScreen, 'day'),
  page(async () => (await benchScreen()).BenchScreen, 'bench', 'bench/:batchId', 'bench/:batchId/:stepKey'),
  page(async () => (await import('../screens/hours/hours-screen.tsx')).HoursScreen, 'hours'),
  page(async () => (await import('../screens/bench/simulated-scale.tsx')).SimulatedScale, 'scale'),
  page(async () => (await pieceScreen()).PieceScreen, 'pieces/:id'),
  page(async () => (await import('../screens/compare/compare-screen.tsx')).CompareScreen, 'compare'),
  page(async () => (await import('../screens/batches/batches-screen.tsx')).BatchesScreen, 'batches'),
  page(async () => (await import('../screens/batch/batch-screen.tsx')).BatchScreen, 'batches/:id'),
  page(async () => (await import('../screens/cut/cut-screen.tsx')).CutScreen, 'batches/:id/cut'),
  page(async () => (await import('../screens/buying/buying-screen.tsx')).BuyingScreen, 'buying'),
  page(async () => (await import('../screens/shelf/shelf-screen.tsx')).ShelfScreen, 'shelf'),
  page(async () => (await import('../screens/metal/lot-screen.tsx')).LotScreen, 'lots/:id'),
  page(async () => (await import('../screens/metal/jars-screen.tsx')).JarsScreen, 'jars'),
  page(async () => (await import('../screens/metal/account-screen.tsx')).AccountScreen, 'account'),
  page(async () => (await import('../screens/metal/convert-screen.tsx')).ConvertScreen, 'convert'),
  page(async () => (await import('../screens/buying/order-screen.tsx')).OrderScreen, 'orders/:id'),
  page(async () => (await import('../screens/metal/count-screen.tsx')).CountScreen, 'count'),
  page(async () => (await import('../screens/prices/prices-screen.tsx')).PricesScreen, 'prices'),
  page(async () => (await import('../screens/price-sheet/price-sheet-screen.tsx')).PriceSheetScreen, 'prices/:id'),
  page(async () => (await import('../screens/made/made-screen.tsx')).MadeScreen, 'made'),
  page(async () => (await import('../screens/made/sales-screen.tsx')).SalesScreen, 'sales'),
  page(async () => (await import('../screens/made/outlets-screen.tsx')).OutletsScreen, 'outlets'),
  page(async () => (await import('../screens/made/make-next-screen.tsx')).MakeNextScreen, 'make-next'),
  page(async () => (await import('../screens/made/review-screen.tsx')).ReviewScreen, 'review'),
  page(async () => (await import('../screens/fairs/fairs-screen.tsx')).FairsScreen, 'fairs'),
  page(async () => (await import('../screens/fairs/fair-screen.tsx')).FairScreen, 'fairs/:id'),
  page(async () => (await import('../screens/quotes/quotes-screen.tsx')).QuotesScreen, 'quotes'),
  page(async () => (await import('../screens/quotes/quote-screen.tsx')).QuoteScreen, 'quotes/:id'),
  page(async () => (await import('../screens/sheets/sheets-screen.tsx')).SheetsScreen, 'sheets'),
  page(async () => (await import('../screens/studio/studio-screen.tsx')).StudioScreen, 'studio/:page?'),
  page(async () => (await import('../screens/ask/ask-screen.tsx')).AskScreen, 'ask'),
  page(async () => (await import('../screens/reference/reference-screen.tsx')).ReferenceScreen, 'reference'),
  page(async () => (await import('../screens/import/import-screen.tsx')).ImportScreen, 'import'),
  page(async () => (await import('../screens/attention/attention-screen.tsx')).AttentionScreen, 'attention'),
  page(async () => (await import('../screens/help/help-screen.tsx')).HelpScreen, 'help/:page?'),
];

export function Pages() {
  const { pathname } = useLocation();
  return (
    <ErrorBoundary address={pathname}>
      <Routes>
        <Route element={<Frame />}>
          <Route index element={<Navigate to="/pieces" replace />} />
          <Route path="pieces" element={<PiecesScreen />} />
          {pages.flatMap(({ paths, Screen }) =>
            paths.map((path) => <Route key={path} path={path} element={<Screen />} />),
          )}
          <Route path="*" element={<NotFound what="page" />} />
        </Route>
      </Routes>
    </ErrorBoundary>
  );
}

/** ms after the start until the pages that were not opened are fetched, too: they then open while the server is away. */
const FETCH_ALL_AFTER_MS = 10_000;
setTimeout(() => {
  window.requestIdleCallback(() => {
    for (const { fetch } of pages) void fetch().catch(() => undefined);
    // Keeps the pages and the last answers on this device, so that every page opens while the ledger is away.
    if ('serviceWorker' in navigator && import.meta.env.PROD)
      void import('./keep-offline.ts').then(({ keepOffline }) => keepOffline()).catch(() => undefined);
  });
}, FETCH_ALL_AFTER_MS);
