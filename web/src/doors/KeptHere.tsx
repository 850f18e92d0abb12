import { useEffect, useState } from 'react';
import { Link } from 'wouter';
import type { Openable } from '../offline/shelves.js';
import { keptLines, type KeptLine } from '../offline/keep.js';
import { sendWaiting } from '../offline/open.js';

/**
 * What this device keeps: edits that are still to be sent, which is tried at once, and, without a network, what can be
 * opened from here all the same.
 */
export default function KeptHere({ of, offline }: { of: Openable; offline: boolean }) {
  const [kept, setKept] = useState<readonly KeptLine[]>([]);
  useEffect(() => {
    let wanted = true;
    const look = async (): Promise<void> => {
      const lines = await keptLines();
      if (wanted) setKept(lines.filter(line => line.of === of));
    };
    void look();
    if (!offline) void sendWaiting().then(look);
    return () => void (wanted = false);
  }, [of, offline]);
  const shown = kept.filter(({ waiting }) => offline || waiting > 0);
  if (shown.length === 0) return null;
  return (
    <section aria-label="Kept on this device" className="mb-4">
      <h3>
        <b>Kept on this device</b>
      </h3>
      {shown.map(({ id, name, waiting }) => (
        <p key={id} className="flex gap-3 py-2 border-b border-rule">
          <span className="grow">
            {name}
            {waiting > 0 && (
              <span className="text-risk">
                {' '}
                ◇ {waiting === 1 ? '1 entry waits' : `${waiting} entries wait`} to be sent
              </span>
            )}
          </span>
          {of === 'event' ? (
            <Link className="link" to={`/events/${id}/brief`} aria-label={`Open ${name}`}>
              Open
            </Link>
          ) : (
            <Link className="link" to={`/venues/${id}/walk`} aria-label={`Walk round ${name}`}>
              Walk round
            </Link>
          )}
        </p>
      ))}
    </section>
  );
}
