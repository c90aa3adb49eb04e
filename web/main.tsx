import './shell/before-all.ts';
import './styles/index.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { BrowserRouter } from 'react-router';
import { Pages } from './shell/router.tsx';
import { startExchange, store } from './state/store.ts';

const root = document.getElementById('root');
startExchange();
if (!root) throw new Error('The page has no #root to draw in.');
createRoot(root).render(
  <StrictMode>
    <Provider store={store}>
      <BrowserRouter>
        <Pages />
      </BrowserRouter>
    </Provider>
  </StrictMode>,
);
