import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { restoreBlackout } from './ui/blackout.js';
import { App } from './app/routes.js';
import './styles.css';

restoreBlackout();
const queries = new QueryClient({
  defaultOptions: {
    // Without a network a list says so instead of waiting in silence.
    queries: { staleTime: 5_000, retry: 1, networkMode: 'always', refetchOnReconnect: true },
  },
});

// A browser that keeps the interface looks for a newer one.
if (navigator.serviceWorker?.controller) {
  void import('./offline/register.js').then(({ registerOffline }) => registerOffline());
}

createRoot(document.getElementById('root') as HTMLElement).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <App />
    </QueryClientProvider>
  </StrictMode>,
);
