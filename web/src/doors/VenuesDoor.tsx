import { newId, type Operation, type Venue } from '@idle-satchel/core';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { ApiProblem, call, type VenueLine } from '../api/client.js';
import { author } from '../api/signature.js';
import { Door, Loading } from './door.js';
import { RenameField } from './RenameField.js';

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
  const venues = useQuery({
    queryKey: ['venues'],
    queryFn: () => call<{ venues: readonly VenueLine[] }>('/venues'),
  });
  const refresh = (): Promise<void> => queries.invalidateQueries({ queryKey: ['venues'] });
  const edit = async (venue: VenueLine, label: string, operation: Operation): Promise<void> => {
    await call('/edits', 'POST', {
      ...{ id: newId(), label, author: author() },
      changes: [{ document: venue.id, base: venue.revision, patch: [operation] }],
    });
    await refresh();
  };
  const attempt = (act: () => Promise<unknown>): void => {
    setProblem('');
    act().catch((error: unknown) =>
      setProblem(error instanceof ApiProblem ? error.lines.join(' · ') : String(error)),
    );
  };
  const duplicate = async ({ id }: VenueLine): Promise<void> => {
    const { body } = await call<{ body: Venue }>(`/documents/${id}`);
    await call('/venues', 'POST', { ...body, name: `Copy of ${body.name}`.slice(0, 80) });
    await refresh();
  };
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
        <KeptHere offline={venues.error instanceof ApiProblem && venues.error.status === 0} />
      </Suspense>
      <Loading query={venues} what="the venues" />
      {problem && (
        <p role="alert" className="text-stop mb-2">
          {problem}
        </p>
      )}
      <table hidden={!venues.data}>
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
        <tbody>
          {all
            .filter(venue => showArchived || !venue.archived)
            .map(venue => (
              <tr key={venue.id} className={venue.archived ? 'text-faint' : ''}>
                <td className="w-2/5">
                  <RenameField
                    label="Name of the venue"
                    value={venue.name}
                    max={80}
                    onSave={value => edit(venue, 'Rename a venue', { op: 'replace', path: '/name', value })}
                  />
                </td>
                <td className="whitespace-nowrap max-md:hidden">
                  {venue.volts} V, {venue.hertz} Hz
                </td>
                <td className="max-md:hidden">{venue.marks}</td>
                <td className="max-md:hidden">{venue.sockets}</td>
                <td className="max-md:hidden">{venue.uploads}</td>
                <td className="max-md:hidden">{venue.guesses === 0 ? '–' : venue.guesses}</td>
                <td className="max-md:hidden">
                  <button
                    className="link"
                    aria-label={`History of ${venue.name}`}
                    onClick={() => setLooking(venue)}
                  >
                    {venue.revision}
                  </button>
                </td>
                <td className="md:whitespace-nowrap text-right space-x-2 max-md:leading-8">
                  <Link className="link" to={`/venues/${venue.id}`} aria-label={`Open ${venue.name}`}>
                    Open
                  </Link>
                  <Link
                    className="link"
                    to={`/venues/${venue.id}/walk`}
                    aria-label={`Walk round ${venue.name}`}
                  >
                    Walk
                  </Link>
                  <button
                    className="link"
                    aria-label={`Copy ${venue.name}`}
                    onClick={() => attempt(() => duplicate(venue))}
                  >
                    Copy
                  </button>
                  <button
                    className="link"
                    aria-label={`${venue.archived ? 'Bring back' : 'Put away'} ${venue.name}`}
                    onClick={() =>
                      attempt(() =>
                        venue.archived
                          ? edit(venue, 'Bring a venue back', { op: 'remove', path: '/archived' })
                          : edit(venue, 'Put a venue away', { op: 'add', path: '/archived', value: true }),
                      )
                    }
                  >
                    {venue.archived ? 'Bring back' : 'Put away'}
                  </button>
                </td>
              </tr>
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
            onClose={() => setLooking(undefined)}
            onRestored={() => void refresh()}
          />
        </Suspense>
      )}
    </Door>
  );
}
