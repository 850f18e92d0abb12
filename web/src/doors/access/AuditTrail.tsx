import { AUDIT_DAYS } from '@idle-satchel/core/roles';
import { useInfiniteQuery } from '@tanstack/react-query';
import { Loading } from '../door.js';
import { auditQuery } from './queries.js';
import { useWhen } from './when.js';

/** Who did what from where, apart from what documents keep of their own changes. */
export function AuditTrail() {
  const query = useInfiniteQuery(auditQuery);
  const when = useWhen();
  const entries = query.data?.pages.flatMap(page => page.entries) ?? [];
  return (
    <section aria-labelledby="trail">
      <h2 id="trail" className="mb-1">
        What was done
      </h2>
      <p className="text-faint mb-1">
        Who came in, and what was done about that; kept for {AUDIT_DAYS} days. What was changed in an event or
        on the shelf is in its own history.
      </p>
      <Loading query={query} what="what was done" />
      {query.data && entries.length === 0 && <p className="text-faint">Nothing yet.</p>}
      {entries.length > 0 && (
        <table>
          <thead>
            <tr>
              <th>When</th>
              <th>Who</th>
              <th>What</th>
              <th>From</th>
            </tr>
          </thead>
          <tbody>
            {entries.map(({ number, at, who, did, what, address }) => (
              <tr key={number}>
                <td className="whitespace-nowrap">{when(at)}</td>
                <td>{who}</td>
                <td>
                  {did}
                  {what && <span className="text-faint">: {what}</span>}
                </td>
                <td className="text-faint">{address}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {query.hasNextPage && (
        <button className="link mt-2" onClick={() => void query.fetchNextPage()}>
          Earlier
        </button>
      )}
    </section>
  );
}
