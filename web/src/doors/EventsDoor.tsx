import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { useLocation } from 'wouter';
import { ApiProblem, call, sendFile } from '../api/client.js';
import { madeOnce } from '../api/make.js';
import { eventsQuery, organisationQuery } from '../api/queries.js';
import { useMay } from '../ui/me.js';
import { Door, Loading } from './door.js';
import { EventRow } from './EventRow.js';
import { ImportFile } from './ImportFile.js';
import { OrganisationChoice } from './OrganisationChoice.js';
import { useFreshLines } from './use-fresh-lines.js';

const KeptHere = lazy(() => import('./KeptHere.js'));
const NewEventDialog = lazy(() => import('./NewEventDialog.js'));

/** Events with what stands open in each; new, copy, import. */
export function EventsDoor() {
  const queries = useQueryClient();
  const [, navigate] = useLocation();
  const [making, setMaking] = useState(false);
  const [problem, setProblem] = useState<readonly string[]>([]);
  const events = useInfiniteQuery(eventsQuery);
  const info = useQuery(organisationQuery);
  const plans = useMay('change', 'events');
  const { queryKey } = eventsQuery;
  useFreshLines();
  const tell = (error: Error): void =>
    setProblem(error instanceof ApiProblem ? error.lines : [error.message]);
  const open = ({ id }: { id: string }): void => {
    setProblem([]);
    void queries.invalidateQueries({ queryKey });
    void navigate(`/events/${id}/brief`);
  };
  const copy = useMutation({
    mutationFn: (id: string) => madeOnce(as => call('POST /events/:id/copy', { id, as })),
    onSuccess: open,
    onError: tell,
  });
  const take = useMutation({
    mutationFn: (chosen: File) =>
      madeOnce(as => sendFile('POST /events/import', { as }, chosen, 'application/json')),
    onSuccess: open,
    onError: tell,
  });
  const list = events.data?.pages.flatMap(page => page.events) ?? [];
  return (
    <Door
      title="Events"
      actions={
        <>
          <OrganisationChoice />
          {plans && (
            <>
              <ImportFile onFile={chosen => take.mutate(chosen)} onRefused={reason => setProblem([reason])} />
              <button className="button button-main" onClick={() => setMaking(true)}>
                New event
              </button>
            </>
          )}
        </>
      }
    >
      {problem.length > 0 && (
        <ul role="alert" className="border-l-3 border-(--madder) pl-3 mb-3">
          {problem.map(line => (
            <li key={line} className="text-stop break-all">
              {line}
            </li>
          ))}
        </ul>
      )}
      <Suspense fallback={null}>
        <KeptHere of="event" offline={events.error instanceof ApiProblem && events.error.status === 0} />
      </Suspense>
      <Loading query={events} what="the events" />
      <ul>
        {list.map(event => (
          <EventRow
            key={event.id}
            event={event}
            dates={info.data?.dates}
            onCopy={plans ? () => copy.mutate(event.id) : undefined}
          />
        ))}
      </ul>
      {events.isSuccess && list.length === 0 && (
        <p className="py-4">
          {plans
            ? 'No event yet. Make one: it takes a name, a start and a venue.'
            : 'No event yet in which you serve. Whoever plans it puts you on a role.'}
        </p>
      )}
      {events.hasNextPage && (
        <button className="button mt-4" onClick={() => void events.fetchNextPage()}>
          More
        </button>
      )}
      {making && (
        <Suspense fallback={null}>
          <NewEventDialog onClose={() => setMaking(false)} onMade={open} />
        </Suspense>
      )}
    </Door>
  );
}
