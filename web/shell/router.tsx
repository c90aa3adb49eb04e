// The address of each page. Pieces loads with the first page; the others on demand.
import { createBrowserRouter, Navigate } from 'react-router';
import { NotFound } from '../components/not-found.tsx';
import { PiecesScreen } from '../screens/pieces/pieces-screen.tsx';
import { ErrorPage } from './error-page.tsx';
import { Frame } from './frame.tsx';

const pieceScreen = async () => await import('../screens/piece/piece-screen.tsx');
const benchScreen = async () => await import('../screens/bench/bench-screen.tsx');
// After the list a maker most often opens a piece, so its page is fetched while the browser is idle.
window.requestIdleCallback(() => void pieceScreen());

export const router = createBrowserRouter([
  {
    path: '/',
    element: <Frame />,
    errorElement: <ErrorPage />,
    hydrateFallbackElement: <></>,
    children: [
      { index: true, element: <Navigate to="/pieces" replace /> },
      {
        path: 'plan',
        lazy: async () => ({ Component: (await import('../screens/plan/plan-screen.tsx')).PlanScreen }),
      },
      {
        path: 'promise',
        lazy: async () => ({ Component: (await import('../screens/promise/promise-screen.tsx')).PromiseScreen }),
      },
      {
        path: 'what-if',
        lazy: async () => ({ Component: (await import('../screens/what-if/what-if-screen.tsx')).WhatIfScreen }),
      },
      {
        path: 'day',
        lazy: async () => ({ Component: (await import('../screens/day/day-screen.tsx')).DayScreen }),
      },
      {
        path: 'bench',
        lazy: async () => ({ Component: (await benchScreen()).BenchScreen }),
      },
      {
        path: 'bench/:batchId',
        lazy: async () => ({ Component: (await benchScreen()).BenchScreen }),
      },
      {
        path: 'bench/:batchId/:stepKey',
        lazy: async () => ({ Component: (await benchScreen()).BenchScreen }),
      },
      {
        path: 'hours',
        lazy: async () => ({ Component: (await import('../screens/hours/hours-screen.tsx')).HoursScreen }),
      },
      {
        path: 'scale',
        lazy: async () => ({ Component: (await import('../screens/bench/simulated-scale.tsx')).SimulatedScale }),
      },
      { path: 'pieces', element: <PiecesScreen /> },
      {
        path: 'pieces/:id',
        lazy: async () => ({ Component: (await pieceScreen()).PieceScreen }),
      },
      {
        path: 'compare',
        lazy: async () => ({ Component: (await import('../screens/compare/compare-screen.tsx')).CompareScreen }),
      },
      {
        path: 'batches',
        lazy: async () => ({ Component: (await import('../screens/batches/batches-screen.tsx')).BatchesScreen }),
      },
      {
        path: 'batches/:id',
        lazy: async () => ({ Component: (await import('../screens/batch/batch-screen.tsx')).BatchScreen }),
      },
      {
        path: 'batches/:id/cut',
        lazy: async () => ({ Component: (await import('../screens/cut/cut-screen.tsx')).CutScreen }),
      },
      {
        path: 'buying',
        lazy: async () => ({ Component: (await import('../screens/buying/buying-screen.tsx')).BuyingScreen }),
      },
      {
        path: 'shelf',
        lazy: async () => ({ Component: (await import('../screens/shelf/shelf-screen.tsx')).ShelfScreen }),
      },
      {
        path: 'prices',
        lazy: async () => ({ Component: (await import('../screens/prices/prices-screen.tsx')).PricesScreen }),
      },
      {
        path: 'prices/:id',
        lazy: async () => ({
          Component: (await import('../screens/price-sheet/price-sheet-screen.tsx')).PriceSheetScreen,
        }),
      },
      {
        path: 'fairs',
        lazy: async () => ({ Component: (await import('../screens/fairs/fairs-screen.tsx')).FairsScreen }),
      },
      {
        path: 'fairs/:id',
        lazy: async () => ({ Component: (await import('../screens/fairs/fair-screen.tsx')).FairScreen }),
      },
      {
        path: 'quotes',
        lazy: async () => ({ Component: (await import('../screens/quotes/quotes-screen.tsx')).QuotesScreen }),
      },
      {
        path: 'quotes/:id',
        lazy: async () => ({ Component: (await import('../screens/quotes/quote-screen.tsx')).QuoteScreen }),
      },
      {
        path: 'sheets',
        lazy: async () => ({ Component: (await import('../screens/sheets/sheets-screen.tsx')).SheetsScreen }),
      },
      {
        path: 'studio/:page?',
        lazy: async () => ({ Component: (await import('../screens/studio/studio-screen.tsx')).StudioScreen }),
      },
      {
        path: 'ask',
        lazy: async () => ({ Component: (await import('../screens/ask/ask-screen.tsx')).AskScreen }),
      },
      {
        path: 'reference',
        lazy: async () => ({ Component: (await import('../screens/reference/reference-screen.tsx')).ReferenceScreen }),
      },
      {
        path: 'import',
        lazy: async () => ({ Component: (await import('../screens/import/import-screen.tsx')).ImportScreen }),
      },
      {
        path: 'attention',
        lazy: async () => ({ Component: (await import('../screens/attention/attention-screen.tsx')).AttentionScreen }),
      },
      {
        path: 'help/:page?',
        lazy: async () => ({ Component: (await import('../screens/help/help-screen.tsx')).HelpScreen }),
      },
      { path: '*', element: <NotFound what="page" /> },
    ],
  },
]);

/** ms after the start until the pages that were not opened are fetched, too: they then open while the server is away. */
const FETCH_ALL_AFTER_MS = 10_000;
setTimeout(() => {
  window.requestIdleCallback(() => {
    for (const { lazy } of router.routes.flatMap(({ children = [] }) => children))
      if (typeof lazy === 'function') void Promise.resolve(lazy()).catch(() => undefined);
    // Keeps the pages and the last answers on this device, so that every page opens while the ledger is away.
    if ('serviceWorker' in navigator && import.meta.env.PROD)
      void import('./keep-offline.ts').then(({ keepOffline }) => keepOffline());
  });
}, FETCH_ALL_AFTER_MS);
