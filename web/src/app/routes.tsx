import { Suspense, type ComponentType } from 'react';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { Redirect, Route, Switch, useLocation } from 'wouter';
import { addressOf, ApiProblem } from '../api/client.js';
import { fetchedPage } from '../ui/fetched.js';
import { useMe } from '../ui/me.js';
import { usePageTitle } from '../ui/page-title.js';
import { Gate } from './Gate.js';
import { Shell } from './Shell.js';

/** What is shown in place of a page: what is the matter, in one sentence, and the way out. */
function NoPage({
  title,
  why,
  again = false,
  kept,
}: {
  title: string;
  why: string;
  again?: boolean;
  /** Id of a document that is there, though it cannot be shown. */
  kept?: string | undefined;
}) {
  usePageTitle(title);
  return (
    <main className="p-8 max-w-xl">
      <h1>{title}</h1>
      <p className="my-3">{why}</p>
      <p className="flex gap-3">
        {again && (
          <button className="button button-main" onClick={() => window.location.reload()}>
            Try again
          </button>
        )}
        <a className={again ? 'button' : 'button button-main'} href="/events">
          Back to the events
        </a>
        {kept !== undefined && (
          <a
            className="button"
            href={addressOf('GET /documents/:id', { id: kept })}
            download={`${kept}.json`}
          >
            Save what is kept of it
          </a>
        )}
      </p>
    </main>
  );
}

/** Why a page is not there: nothing is at its address, nobody answers, or it broke while it was drawn. */
function Broken({ error }: FallbackProps) {
  if (error instanceof ApiProblem && error.status === 404)
    return (
      <NoPage title={error.message} why="Its address may be mistyped, or it belongs to another house." />
    );
  if (error instanceof ApiProblem && error.status === 0)
    return <NoPage title={error.message} why="Nothing can be opened until it answers." again />;
  const why = error instanceof Error ? error.message : 'Something broke.';
  const kept = /^\/(?:events|venues)\/([a-z][a-z0-9]{7,11})(?:\/|$)/.exec(window.location.pathname)?.[1];
  return <NoPage title="This page could not be drawn" why={`It says: ${why}`} again kept={kept} />;
}

/** A page that is fetched when it is first gone to. */
const page = (load: () => Promise<ComponentType>): ComponentType =>
  fetchedPage(async () => ({ default: await load() }));

const EventsDoor = page(async () => (await import('../doors/EventsDoor.js')).EventsDoor);
const EventPage = page(async () => (await import('./EventPage.js')).EventPage);
const VenuesDoor = page(async () => (await import('../doors/VenuesDoor.js')).VenuesDoor);
const SurveyPage = page(async () => (await import('../doors/survey/SurveyPage.js')).SurveyPage);
const VenuePage = page(async () => (await import('./VenuePage.js')).VenuePage);
const WalkPage = page(async () => (await import('../doors/walk/WalkPage.js')).WalkPage);
const KindsPage = page(async () => (await import('../doors/kinds/KindsPage.js')).KindsPage);
const ShelfDoor = page(async () => (await import('../doors/shelf/ShelfDoor.js')).ShelfDoor);
const BookingsPage = page(async () => (await import('../doors/shelf/BookingsPage.js')).BookingsPage);
const StockTakePage = page(async () => (await import('../doors/stock-take/StockTakePage.js')).StockTakePage);
const AccessPage = page(async () => (await import('../doors/access/AccessPage.js')).AccessPage);
const AccountPage = page(async () => (await import('../doors/access/AccountPage.js')).AccountPage);
const PersonPage = page(async () => (await import('../doors/people/PersonPage.js')).PersonPage);
const RosterPage = page(async () => (await import('../doors/roster/RosterPage.js')).RosterPage);
const AskingPage = page(async () => (await import('../doors/asking/AskingPage.js')).AskingPage);
const PeopleDoor = page(async () => (await import('../doors/people/PeopleDoor.js')).PeopleDoor);

/** The page at the address; one that breaks leaves the doors above it, and another address begins anew. */
function Pages() {
  const [pathname] = useLocation();
  // A guest has one event, and no list of them.
  const guest = useMe()?.event;
  const home = guest === undefined ? '/events' : `/events/${guest}/day`;
  return (
    <ErrorBoundary FallbackComponent={Broken} resetKeys={[pathname]}>
      <Suspense fallback={<p className="p-6 text-faint">…</p>}>
        <Switch>
          <Route path="/">
            <Redirect to={home} replace />
          </Route>
          <Route path="/events">{guest ? <Redirect to={home} replace /> : <EventsDoor />}</Route>
          <Route path="/events/:event/:station?" component={EventPage} />
          <Route path="/venues" component={VenuesDoor} />
          <Route path="/venues/new" component={SurveyPage} />
          <Route path="/venues/:venue" component={VenuePage} />
          <Route path="/venues/:venue/walk" component={WalkPage} />
          <Route path="/shelf/kinds" component={KindsPage} />
          <Route path="/shelf/stock-take" component={StockTakePage} />
          <Route path="/shelf/bookings" component={BookingsPage} />
          <Route path="/shelf/:item?" component={ShelfDoor} />
          <Route path="/people" component={PeopleDoor} />
          <Route path="/people/access" component={AccessPage} />
          <Route path="/people/roster" component={RosterPage} />
          <Route path="/people/asking" component={AskingPage} />
          <Route path="/people/:person" component={PersonPage} />
          <Route path="/account" component={AccountPage} />
          <Route path="/hands">
            <Redirect to="/people" replace />
          </Route>
          <Route>
            <NoPage title="There is no such page" why="Its address leads nowhere." />
          </Route>
        </Switch>
      </Suspense>
    </ErrorBoundary>
  );
}

export const App = () => (
  <Gate>
    <Shell>
      <Pages />
    </Shell>
  </Gate>
);
