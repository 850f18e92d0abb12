import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { keptVenues, type KeptLine } from '../offline/keep.js';
import { sendWaiting } from '../offline/open-venue.js';

/**
 * What this device keeps: entries of a walk round that are still to be sent, which is tried at once, and, without a
 * network, the venues that can be walked round from here all the same.
 */
export default function KeptHere({ offline }: { offline: boolean }) {
  const [kept, setKept] = useState<readonly KeptLine[]>([]);
  useEffect(() => {
    let wanted = true;
    const look = async (): Promise<void> => {
      const lines = await keptVenues();
      if (wanted) setKept(lines);
    };
    void look();
    if (!offline) void sendWaiting().then(look);
    return () => void (wanted = false);
  }, [offline]);
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
          <Link className="link" to={`/venues/${id}/walk`} aria-label={`Walk round ${name}`}>
            Walk round
          </Link>
        </p>
      ))}
    </section>
  );
}
