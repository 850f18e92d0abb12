import type { VenueLine } from '@idle-satchel/core/api';
import { inVenue, type Edit, type Venue } from '@idle-satchel/core';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'wouter';
import { ApiProblem, call, wordsOf } from '../api/client.js';
import { madeOnce } from '../api/make.js';
import { organisationQuery, venuesQuery } from '../api/queries.js';
import { sendEdit } from '../api/send-edit.js';
import { OWN_ZONE } from '../ui/days.js';
import { Door, Loading } from './door.js';
import { useLiveList } from './use-live-list.js';
import { VenueRow } from './VenueRow.js';

const DocumentHistory = lazy(async () => ({
  default: (await import('../ui/HistoryDialog.js')).DocumentHistory,
}));

const KeptHere = lazy(() => import('./KeptHere.js'));

/** The venues that were surveyed: renamed, copied, put away, brought back to how they were. */
export function VenuesDoor() {
  const queries = useQueryClient();
  const [showArchived, setShowArchived] = useState(false);
  const [looking, setLooking] = useState<VenueLine>();
  const [problem, setProblem] = useState('');
  const venues = useQuery(venuesQuery);
  useLiveList(venuesQuery.queryKey, ({ document }) =>
    Boolean(venues.data?.venues.some(({ id }) => id === document)),
  );
  const info = useQuery(organisationQuery);
  const refresh = (): Promise<void> => queries.invalidateQueries(venuesQuery);
  const edit = async (venue: VenueLine, label: string, change: Edit<Venue>): Promise<void> => {
    await sendEdit(label, venue, change.patch);
    await refresh();
  };
  const attempt = (act: () => Promise<unknown>): void => {
    setProblem('');
    act().catch((error: unknown) => setProblem(wordsOf(error)));
  };
  const duplicate = async ({ id }: VenueLine): Promise<void> => {
    const { body } = await call('GET /documents/:id', { id });
    const venue = body as Venue;
    const copy = { ...venue, name: `Copy of ${venue.name}`.slice(0, 80) };
    await madeOnce(as => call('POST /venues', { as }, copy));
    await refresh();
  };
  const putAway = (venue: VenueLine): Promise<void> =>
    venue.archived
      ? edit(venue, 'Bring a venue back', inVenue().drop('archived'))
      : edit(venue, 'Put a venue away', inVenue().put('archived', true));
  const all = venues.data?.venues ?? [];
  const archived = all.filter(venue => venue.archived).length;
  return (
    <Door
      title="Venues"
      actions={
        <>
          {archived > 0 && (
            <label className="text-faint">
              <input
                type="checkbox"
                checked={showArchived}
                onChange={event => setShowArchived(event.target.checked)}
              />{' '}
              show {archived} put away
            </label>
          )}
          <Link className="button button-main" to="/venues/new">
            Survey a venue
          </Link>
        </>
      }
    >
      <Suspense>
        <KeptHere of="venue" offline={venues.error instanceof ApiProblem && venues.error.status === 0} />
      </Suspense>
      <Loading query={venues} what="the venues" />
      {problem && (
        <p role="alert" className="text-stop mb-2">
          {problem}
        </p>
      )}
      <table hidden={!venues.data}>
        <Heads />
        <tbody>
          {all
            .filter(venue => showArchived || !venue.archived)
            .map(venue => (
              <VenueRow
                key={venue.id}
                venue={venue}
                onRename={name => edit(venue, 'Rename a venue', inVenue().put('name', name))}
                onCopy={() => attempt(() => duplicate(venue))}
                onPutAway={() => attempt(() => putAway(venue))}
                onHistory={() => setLooking(venue)}
              />
            ))}
        </tbody>
      </table>
      <p className="text-faint mt-3">
        An event keeps the survey it was planned with; what differs on the day is changed under Ground, for
        that event only, and can be kept in the survey from there.
      </p>
      {looking && (
        <Suspense fallback={null}>
          <DocumentHistory
            title={`History of ${looking.name}`}
            document={looking.id}
            telling={{ zone: looking.zone ?? OWN_ZONE, dates: info.data?.dates }}
            onClose={() => setLooking(undefined)}
            onRestored={() => void refresh()}
          />
        </Suspense>
      )}
    </Door>
  );
}

const Heads = () => (
  <thead>
    <tr>
      <th>Venue</th>
      {['Mains', 'Marks', 'Sockets', 'Upload tests', 'Guessed', 'Survey'].map(head => (
        <th key={head} className="max-md:hidden">
          {head}
        </th>
      ))}
      <th>
        <span className="sr-only">What can be done</span>
      </th>
    </tr>
  </thead>
);
