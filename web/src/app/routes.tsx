import { createBrowserRouter, Navigate, useRouteError } from 'react-router';
import { Shell } from './Shell.js';

/** Something broke while drawing: say so, keep the way out. */
function Broken() {
  const error = useRouteError();
  return (
    <main className="p-8 max-w-xl">
      <h1>This page could not be drawn</h1>
      <p className="my-3">
        {error instanceof Error ? error.message : 'The address leads nowhere.'} What you entered is safe on
        the server.
      </p>
      <a className="button button-main" href="/events">
        Back to the events
      </a>
    </main>
  );
}

export const router = createBrowserRouter([
  {
    path: '/',
    Component: Shell,
    ErrorBoundary: Broken,
    HydrateFallback: () => null,
    children: [
      { index: true, element: <Navigate to="/events" replace /> },
      {
        path: 'events',
        lazy: async () => ({ Component: (await import('../doors/EventsDoor.js')).EventsDoor }),
      },
      {
        path: 'events/:event/:station?',
        lazy: async () => ({ Component: (await import('./EventPage.js')).EventPage }),
        ErrorBoundary: Broken,
      },
      {
        path: 'venues',
        lazy: async () => ({ Component: (await import('../doors/VenuesDoor.js')).VenuesDoor }),
      },
      {
        path: 'venues/new',
        lazy: async () => ({ Component: (await import('../doors/survey/SurveyPage.js')).SurveyPage }),
      },
      {
        path: 'venues/:venue',
        lazy: async () => ({ Component: (await import('../doors/VenuePage.js')).VenuePage }),
        ErrorBoundary: Broken,
      },
      {
        path: 'venues/:venue/walk',
        lazy: async () => ({ Component: (await import('../doors/walk/WalkPage.js')).WalkPage }),
        ErrorBoundary: Broken,
      },
      {
        path: 'shelf/kinds',
        lazy: async () => ({ Component: (await import('../doors/KindsPage.js')).KindsPage }),
      },
      { path: 'shelf', lazy: async () => ({ Component: (await import('../doors/ShelfDoor.js')).ShelfDoor }) },
      { path: 'hands', lazy: async () => ({ Component: (await import('../doors/HandsDoor.js')).HandsDoor }) },
    ],
  },
]);
