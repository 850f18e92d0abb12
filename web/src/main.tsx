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

createRoot(document.getElementById('root') as HTMLElement).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <App />
    </QueryClientProvider>
  </StrictMode>,
);

/** When the browser has nothing better to do: what is on the screen comes first. */
const whenIdle = (work: () => void): void => {
  if ('requestIdleCallback' in window) requestIdleCallback(work);
  else setTimeout(work, 2000);
};

window.addEventListener('load', () =>
  whenIdle(() => {
    // Without it the next page needs the server: no more than that.
    import('./offline/register.js').then(({ registerOffline }) => registerOffline()).catch(() => undefined);
  }),
);
