import type { PersonLine } from '@idle-satchel/core/api';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from '../../api/client.js';
import { peopleQuery } from '../../api/queries.js';
import { Suspense, useState } from 'react';
import { Link } from 'wouter';
import { fetched } from '../../ui/fetched.js';
import { useMay } from '../../ui/me.js';
import { Door, Loading } from '../door.js';
import { RenameField } from '../RenameField.js';
import { useLiveList } from '../use-live-list.js';
import { liftWords } from './lift-words.js';

const PersonDialog = fetched(() => import('./PersonDialog.js'));

/** The people who help, and what they can do. */
export function PeopleDoor() {
  const queries = useQueryClient();
  const people = useQuery(peopleQuery);
  const changes = useMay('change', 'people');
  const lets = useMay('change', 'links');
  useLiveList(peopleQuery.queryKey, message => message.hands === true);
  /** Whose contact, or what is kept of whom, is looked at. */
  const [opened, setOpened] = useState<PersonLine>();
  const known = people.data?.people.filter(({ erased }) => !erased) ?? [];
  // Whoever was just erased is in the list no more, and what became of it is still told.
  const shown = opened && (known.find(({ id }) => id === opened.id) ?? opened);
  const rename = async ({ id, revision: base }: PersonLine, name: string): Promise<void> => {
    try {
      await call('PATCH /people/:id', { id }, { name, base });
    } finally {
      await queries.invalidateQueries(peopleQuery);
    }
  };
  return (
    <Door
      title="People"
      actions={
        lets && (
          <Link className="link" to="/people/access">
            Who comes in
          </Link>
        )
      }
    >
      <Loading query={people} what="the people" />
      <table className="table-fixed">
        <thead>
          <tr>
            <th className="w-64 max-md:w-28">Name</th>
            <th>Skills</th>
            <th className="w-56 max-md:w-24">Care</th>
            {changes && <th className="w-56 max-md:w-24">Reached by</th>}
          </tr>
        </thead>
        <tbody>
          {known.map(person => (
            <tr key={person.id}>
              <td>
                {changes ? (
                  <RenameField
                    label="Name"
                    value={person.name}
                    max={80}
                    onSave={name => rename(person, name)}
                  />
                ) : (
                  person.name
                )}
              </td>
              <td>{person.skills.map(({ skill, level }) => `${skill} (${level})`).join(', ')}</td>
              <td className="text-faint">
                {[person.young ? 'under 18' : '', liftWords(person.lift)].filter(Boolean).join(', ')}
              </td>
              {changes && (
                <td>
                  {[person.phone, person.mail].filter(Boolean).join(', ')}{' '}
                  <button
                    className="link"
                    aria-label={`More of ${person.name}`}
                    onClick={() => setOpened(person)}
                  >
                    {person.phone || person.mail ? 'More' : 'Add …'}
                  </button>
                </td>
              )}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-faint mt-3">
        Only what is needed is kept here. How people are reached is seen by owners, and by whoever leads an
        event of those who serve at it. What is kept of somebody is shown to them, and erased when they ask.
      </p>
      {shown && (
        <Suspense>
          <PersonDialog person={shown} onClose={() => setOpened(undefined)} />
        </Suspense>
      )}
    </Door>
  );
}
