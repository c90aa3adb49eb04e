import './shell/before-all.ts';
import './styles/index.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router/dom';
import { router } from './shell/router.tsx';
import { startExchange, store } from './state/store.ts';

const root = document.getElementById('root');
startExchange();
if (!root) throw new Error('The page has no #root to draw in.');
createRoot(root).render(
  <StrictMode>
    <Provider store={store}>
      <RouterProvider router={router} />
    </Provider>
  </StrictMode>,
);
