import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { ApiProblem, call, type EventSummary, type OrganisationInfo } from '../api/client.js';
import { listen } from '../api/live.js';
import { daysTo, showStart } from '../ui/days.js';
import { Door, Loading } from './door.js';

const NewEventDialog = lazy(() => import('./NewEventDialog.js'));

interface Page {
  readonly events: readonly EventSummary[];
  readonly next: string | null;
}

/** Events with what stands open in each; new, copy, import. */
export function EventsDoor() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [making, setMaking] = useState(false);
  const [problem, setProblem] = useState<readonly string[]>([]);
  const file = useRef<HTMLInputElement>(null);
  const events = useInfiniteQuery({
    queryKey: ['events'],
    queryFn: ({ pageParam }) => call<Page>(`/events${pageParam ? `?cursor=${pageParam}` : ''}`),
    initialPageParam: '',
    getNextPageParam: page => page.next,
  });
  useEffect(() => listen(() => void queries.invalidateQueries({ queryKey: ['events'] })), [queries]);
  const tell = (error: Error): void =>
    setProblem(error instanceof ApiProblem ? error.lines : [error.message]);
  const open = ({ id }: { id: string }): void => {
    setProblem([]);
    void queries.invalidateQueries({ queryKey: ['events'] });
    void navigate(`/events/${id}/brief`);
  };
  const copy = useMutation({
    mutationFn: (id: string) => call<{ id: string }>(`/events/${id}/copy`, 'POST'),
    onSuccess: open,
    onError: tell,
  });
  const take = useMutation({
    mutationFn: async (chosen: File) => call<{ id: string }>('/events/import', 'POST', await chosen.text()),
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
          <button className="button" onClick={() => file.current?.click()}>
            Import a file
          </button>
          <input
            ref={file}
            type="file"
            accept=".json,application/json"
            className="sr-only"
            tabIndex={-1}
            aria-label="Event file to import"
            onChange={event => {
              const chosen = event.target.files?.[0];
              event.target.value = '';
              if (chosen && chosen.size > 4e6) setProblem(['The file is larger than 4 MB and was not read.']);
              else if (chosen) take.mutate(chosen);
            }}
          />
          <button className="button button-main" onClick={() => setMaking(true)}>
            New event
          </button>
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
      <Loading query={events} what="the events" />
      <ul>
        {list.map(event => (
          <li
            key={event.id}
            className="grid grid-cols-[1fr_auto_auto] gap-x-6 items-center py-3 border-b border-rule"
          >
            <div className="min-w-0">
              <Link
                className="tape text-[18px] max-w-full overflow-hidden text-ellipsis hover:bg-shade"
                to={`/events/${event.id}/brief`}
              >
                {event.label}
              </Link>
              <p className="text-faint mt-1">
                {showStart(event.start, event.zone)} · {event.venue} · {daysTo(event.start)}
              </p>
            </div>
            <div className="text-right max-w-md">
              <p>
                {event.snags.stop > 0 && (
                  <span className="text-stop font-semibold">
                    ◆ {event.snags.stop} stop{event.snags.stop === 1 ? '' : 's'}{' '}
                  </span>
                )}
                {event.snags.risk > 0 && (
                  <span className="text-risk font-semibold">
                    ◇ {event.snags.risk} risk{event.snags.risk === 1 ? '' : 's'}{' '}
                  </span>
                )}
                {event.snags.note > 0 && (
                  <span className="text-note">
                    ○ {event.snags.note} note{event.snags.note === 1 ? '' : 's'}
                  </span>
                )}
                {event.worst === null && <span className="text-done">no open snags</span>}
              </p>
              {event.worst && <p className="text-faint text-[13px] truncate">{event.worst}</p>}
            </div>
            <button
              className="button"
              aria-label={`Copy ${event.label}`}
              onClick={() => copy.mutate(event.id)}
            >
              Copy
            </button>
          </li>
        ))}
      </ul>
      {events.isSuccess && list.length === 0 && (
        <p className="py-4">No event yet. Make one: it takes a name, a start and a venue.</p>
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

/** Which organisation this browser works in, where there are several. */
function OrganisationChoice() {
  const queries = useQueryClient();
  const info = useQuery({
    queryKey: ['organisation'],
    queryFn: () => call<OrganisationInfo>('/organisation'),
  });
  const change = useMutation({
    mutationFn: (id: string) => call('/organisation', 'PUT', { id }),
    onSuccess: () => queries.resetQueries(),
  });
  if (!info.data || info.data.organisations.length < 2) return null;
  return (
    <select
      className="field"
      aria-label="Organisation"
      value={info.data.id}
      onChange={event => change.mutate(event.target.value)}
    >
      {info.data.organisations.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </select>
  );
}
