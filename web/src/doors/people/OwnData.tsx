import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../../api/client.js';
import { me } from '../../api/me.js';
import { clearAll } from '../../offline/clear.js';
import { forgetKept } from '../../ui/use-kept.js';
import { PasswordFirst } from '../access/PasswordFirst.js';
import { KeptOf } from './KeptOf.js';
import { OutOfReach } from './OutOfReach.js';
import { ownDataQuery } from './queries.js';

/** What is kept of whoever is signed in, and how it is erased. */
export function OwnData({ name }: { name: string }) {
  const { data } = useQuery(ownDataQuery);
  const [erasing, setErasing] = useState(false);
  if (!data) return null;
  return (
    <section aria-labelledby="own-data" className="mt-5 max-w-3xl">
      <h2 id="own-data" className="mb-1">
        What is kept of you here
      </h2>
      <KeptOf data={data} name={name} />
      <p className="mt-2">
        <button className="button" onClick={() => setErasing(true)}>
          Erase me …
        </button>
      </p>
      {erasing && (
        <PasswordFirst
          title="Erase me"
          button="Erase me for good"
          onClose={() => setErasing(false)}
          send={async ({ password }) => {
            await call('POST /account/erase', {}, { password });
            forgetKept();
            await clearAll().catch(() => undefined);
            me.set({ signedIn: false });
          }}
        >
          Your name, contact and account go from this house; what you did stays as done by somebody. Your
          roles in events to come are free again, and you are signed out. This cannot be taken back.
          <OutOfReach />
        </PasswordFirst>
      )}
    </section>
  );
}
