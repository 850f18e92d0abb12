import type { PersonChange, PersonLine } from '@idle-satchel/core/api';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Suspense, useState } from 'react';
import { Link, useParams } from 'wouter';
import { call } from '../../api/client.js';
import { organisationQuery, peopleQuery } from '../../api/queries.js';
import { fetched } from '../../ui/fetched.js';
import { useMay } from '../../ui/me.js';
import { Door, Loading } from '../door.js';
import { useLiveList } from '../use-live-list.js';
import { EraseSomebody } from './EraseSomebody.js';
import { KeptOf } from './KeptOf.js';
import { personDataQuery } from './queries.js';

const PersonForm = fetched(() => import('./PersonForm.js'));
const PersonLists = fetched(() => import('./PersonLists.js'));

/** All that is known of somebody who helps, to be changed; and what is kept of them. */
export function PersonPage() {
  const { person: id = '' } = useParams();
  const queries = useQueryClient();
  const people = useQuery(peopleQuery);
  const organisation = useQuery(organisationQuery);
  const changes = useMay('change', 'people');
  useLiveList(peopleQuery.queryKey, message => message.hands === true);
  const [erasing, setErasing] = useState<PersonLine>();
  const all = people.data?.people.filter(({ erased }) => !erased) ?? [];
  const person = all.find(each => each.id === id);
  const { units = 'metric', dates } = organisation.data ?? {};
  const change = async (fields: PersonChange): Promise<void> => {
    try {
      await call('PATCH /people/:id', { id }, fields);
    } finally {
      await Promise.all(
        [peopleQuery, personDataQuery(id)].map(each =>
          queries.invalidateQueries({ queryKey: each.queryKey }),
        ),
      );
    }
  };
  return (
    <Door
      title={person?.name ?? 'Somebody who helps'}
      actions={
        <Link className="link" to="/people">
          All people
        </Link>
      }
    >
      <Loading query={people} what="the people" />
      {people.data && !person && <p className="text-faint">Nobody of the house is known by this address.</p>}
      {person && changes && (
        <Suspense>
          <div className="grid lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-x-10 gap-y-4">
            <PersonForm person={person} units={units} onChange={change} />
            <PersonLists person={person} all={all} system={units} dates={dates} onChange={change} />
          </div>
          <Kept person={person} onErase={() => setErasing(person)} />
        </Suspense>
      )}
      {person && !changes && (
        <p className="text-faint">Only owners of the house see and change what is known of somebody.</p>
      )}
      {erasing && <EraseSomebody person={erasing} onClose={() => setErasing(undefined)} />}
    </Door>
  );
}

/** What they did, and what is kept of them. */
function Kept({ person, onErase }: { person: PersonLine; onErase: () => void }) {
  const kept = useQuery(personDataQuery(person.id));
  return (
    <section aria-labelledby="kept" className="mt-6 border-t border-ink pt-2">
      <h2 id="kept">What {person.name} did, and what is kept</h2>
      <Loading query={kept} what="what is kept" />
      {kept.data && <KeptOf data={kept.data} name={person.name} />}
      <p className="mt-4">
        <button className="button" onClick={onErase}>
          Erase {person.name} …
        </button>
      </p>
    </section>
  );
}
