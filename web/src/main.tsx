import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router/dom';
import { keepPages } from './offline/keepPages';
import { fetchAhead, router } from './shell/router';
import { store } from './state/store';
import './shell/theme.css';

// Every page names the window by its own heading; the first of two names would stay.
document.querySelector('title')?.remove();

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <Provider store={store}>
      <RouterProvider router={router} />
    </Provider>
  </StrictMode>,
);

/** The other pages are fetched once the first one stands, ms. */
const AHEAD_MS = 800;
window.addEventListener('load', () => {
  setTimeout(fetchAhead, AHEAD_MS);
  setTimeout(() => void import('./features/log/outgoing').then(({ beginSending }) => beginSending()), AHEAD_MS);
  if (import.meta.env.PROD) void keepPages();
});
