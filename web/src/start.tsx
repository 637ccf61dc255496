import '@fontsource-variable/atkinson-hyperlegible-next';
import { i18n } from '@lingui/core';
import { I18nProvider } from '@lingui/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { retryWhenOffline } from './api/queries';
import { App } from './App';

const client = new QueryClient({
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
