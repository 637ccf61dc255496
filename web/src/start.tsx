import '@fontsource-variable/atkinson-hyperlegible-next';
import { i18n } from '@lingui/core';
import { I18nProvider } from '@lingui/react';
import { QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { ApiProblem } from './api/client';
import { keys, retryWhenOffline } from './api/queries';
import { App } from './App';

/** Signed out meanwhile: only signing in is left. A car on the bench stays, with what was typed; it says so itself. */
function signedOut(error: unknown): void {
  if (error instanceof ApiProblem && error.status === 401 && !window.location.pathname.startsWith('/jobs/')) {
    client.setQueryData(keys.me, null);
  }
}

const client: QueryClient = new QueryClient({
  queryCache: new QueryCache({ onError: signedOut }),
  defaultOptions: { queries: { retry: retryWhenOffline, refetchOnWindowFocus: true } },
});
const root = document.getElementById('root');
if (root !== null) {
  createRoot(root).render(
    <StrictMode>
      <I18nProvider i18n={i18n}>
        <QueryClientProvider client={client}>
          <BrowserRouter>
            <App />
          </BrowserRouter>
        </QueryClientProvider>
      </I18nProvider>
    </StrictMode>,
  );
}

// Installed, and at hand without a network. In development there is nothing to install.
if (import.meta.env.PROD && 'serviceWorker' in navigator) {
  void navigator.serviceWorker.register('/sw.js');
}
