import { inOrder, newId } from '@idle-satchel/core';
import type { MyDuties } from '@idle-satchel/core/api';
import { presenceWords } from '@idle-satchel/core/person-forms';
import { Suspense, useState } from 'react';
import { random } from '../../api/random.js';
import { fetched } from '../../ui/fetched.js';

const PresenceForm = fetched(() => import('../people/PresenceForm.js'));

type Presence = NonNullable<MyDuties['presence']>;

/** When one comes and when not: said by oneself. */
export function OwnPresence({
  presence,
  dates,
  onChange,
}: {
  presence: Presence;
  dates: MyDuties['dates'] | undefined;
  onChange: (presence: Presence) => void;
}) {
  const [adding, setAdding] = useState(false);
  const without = (id: string): Presence =>
    Object.fromEntries(Object.entries(presence).filter(([other]) => other !== id));
  return (
    <section aria-label="When you come" className="border-t border-ink pt-3 mt-2">
      <h2>When you come</h2>
      {Object.keys(presence).length === 0 && (
        <p className="text-faint">You have not said: you can be asked for anything.</p>
      )}
      <ul>
        {inOrder(presence).map(([id, each]) => (
          <li key={id} className="flex gap-x-3 items-baseline border-b border-rule py-1">
            <span className="grow">You {presenceWords(each, dates)}</span>
            <button
              className="link"
              aria-label={`Take out: ${presenceWords(each, dates)}`}
              onClick={() => onChange(without(id))}
            >
              Take out
            </button>
          </li>
        ))}
      </ul>
      {adding ? (
        <Suspense>
          <div className="bg-shade px-3 mt-2">
            <PresenceForm
              dates={dates}
              own
              system="metric"
              onKeep={record => {
                onChange({ ...presence, [newId(random)]: record } as Presence);
                setAdding(false);
              }}
            />
            <button className="link pb-2" onClick={() => setAdding(false)}>
              Not now
            </button>
          </div>
        </Suspense>
      ) : (
        <button className="button mt-2" onClick={() => setAdding(true)}>
          Say when
        </button>
      )}
    </section>
  );
}
