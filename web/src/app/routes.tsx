import { lazy, Suspense, type ComponentType } from 'react';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { BrowserRouter, Navigate, Route, Routes, useLocation } from 'react-router';
import { Shell } from './Shell.js';

/** What is shown in place of a page: why, and the way out. */
function NoPage({ why }: { why: string }) {
  return (
    <main className="p-8 max-w-xl">
      <h1>This page could not be drawn</h1>
      <p className="my-3">{why} What you entered is safe on the server.</p>
      <a className="button button-main" href="/events">
        Back to the events
      </a>
    </main>
  );
}

const Broken = ({ error }: FallbackProps) => (
  <NoPage why={error instanceof Error ? error.message : 'Something broke.'} />
);

/** A page that is fetched when it is first gone to. */
const page = (load: () => Promise<ComponentType>): ComponentType =>
  lazy(async () => ({ default: await load() }));

const EventsDoor = page(async () => (await import('../doors/EventsDoor.js')).EventsDoor);
const EventPage = page(async () => (await import('./EventPage.js')).EventPage);
const VenuesDoor = page(async () => (await import('../doors/VenuesDoor.js')).VenuesDoor);
const SurveyPage = page(async () => (await import('../doors/survey/SurveyPage.js')).SurveyPage);
const VenuePage = page(async () => (await import('./VenuePage.js')).VenuePage);
const WalkPage = page(async () => (await import('../doors/walk/WalkPage.js')).WalkPage);
const KindsPage = page(async () => (await import('../doors/KindsPage.js')).KindsPage);
const ShelfDoor = page(async () => (await import('../doors/ShelfDoor.js')).ShelfDoor);
const HandsDoor = page(async () => (await import('../doors/HandsDoor.js')).HandsDoor);

/** The page at the address; one that breaks leaves the doors above it, and another address begins anew. */
function Pages() {
  const { pathname } = useLocation();
  return (
    <ErrorBoundary FallbackComponent={Broken} resetKeys={[pathname]}>
      <Suspense fallback={<p className="p-6 text-faint">…</p>}>
        <Routes>
          <Route index element={<Navigate to="/events" replace />} />
          <Route path="events" Component={EventsDoor} />
          <Route path="events/:event/:station?" Component={EventPage} />
          <Route path="venues" Component={VenuesDoor} />
          <Route path="venues/new" Component={SurveyPage} />
          <Route path="venues/:venue" Component={VenuePage} />
          <Route path="venues/:venue/walk" Component={WalkPage} />
          <Route path="shelf" Component={ShelfDoor} />
          <Route path="shelf/kinds" Component={KindsPage} />
          <Route path="hands" Component={HandsDoor} />
          <Route path="*" element={<NoPage why="The address leads nowhere." />} />
        </Routes>
      </Suspense>
    </ErrorBoundary>
  );
}

export const App = () => (
  <BrowserRouter>
    <Shell>
      <Pages />
    </Shell>
  </BrowserRouter>
);
