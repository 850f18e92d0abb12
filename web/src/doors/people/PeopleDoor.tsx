import type { PersonLine } from '@idle-satchel/core/api';
import { isYoungOn, presenceWords } from '@idle-satchel/core/person-forms';
import { inOrder } from '@idle-satchel/core';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from '../../api/client.js';
import { organisationQuery, peopleQuery } from '../../api/queries.js';
import { Suspense, useState } from 'react';
import { Link } from 'wouter';
import { fetched } from '../../ui/fetched.js';
import { useMay } from '../../ui/me.js';
import { Door, Loading } from '../door.js';
import { RenameField } from '../RenameField.js';
import { useLiveList } from '../use-live-list.js';
import { liftWords } from './lift-words.js';
import { today } from '../../ui/today.js';

const PeopleLists = fetched(() => import('./PeopleLists.js'));
const AddSomebody = fetched(() => import('./AddSomebody.js'));

/** The people who help, and what they can do. */
export function PeopleDoor() {
  const queries = useQueryClient();
  const people = useQuery(peopleQuery);
  const changes = useMay('change', 'people');
  useLiveList(peopleQuery.queryKey, message => message.hands === true);
  const dates = useQuery(organisationQuery).data?.dates;
  const [adding, setAdding] = useState(false);
  const [lists, setLists] = useState(false);
  const known = people.data?.people.filter(({ erased }) => !erased) ?? [];
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
        <>
          {changes && (
            <button className="button" aria-expanded={adding} onClick={() => setAdding(!adding)}>
              Add somebody
            </button>
          )}
          {changes && (
            <button className="link" aria-expanded={lists} onClick={() => setLists(!lists)}>
              Lists
            </button>
          )}
          <Further />
        </>
      }
    >
      {adding && (
        <Suspense>
          <AddSomebody />
        </Suspense>
      )}
      {lists && (
        <Suspense>
          <PeopleLists all={people.data?.people ?? []} />
        </Suspense>
      )}
      <Loading query={people} what="the people" />
      <table className="table-fixed">
        <thead>
          <tr>
            <th className="w-52 max-md:w-36">Name</th>
            <th>Skills</th>
            <th className="w-36 max-md:hidden">Care</th>
            <th className="w-72 max-md:hidden">When they come</th>
            {changes && <th className="w-52 max-md:w-28">Reached by</th>}
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
                {isYoungOn(person, today()) && <span className="md:hidden text-faint">under 18</span>}
              </td>
              <td>{person.skills.map(({ skill, level }) => `${skill} (${level})`).join(', ')}</td>
              <td className="text-faint max-md:hidden">
                {[isYoungOn(person, today()) ? 'under 18' : '', liftWords(person.lift)]
                  .filter(Boolean)
                  .join(', ')}
              </td>
              <td className="text-faint max-md:hidden">{comesWords(person, dates)}</td>
              {changes && (
                <td>
                  {[person.phone, person.mail].filter(Boolean).join(', ')}{' '}
                  <Link className="link" to={`/people/${person.id}`} aria-label={`More of ${person.name}`}>
                    {person.phone || person.mail ? 'More' : 'Say more'}
                  </Link>
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
    </Door>
  );
}

/** Pages of people behind this one. */
function Further() {
  const lets = useMay('change', 'links');
  return (
    <>
      <Link className="link" to="/people/roster">
        Roster
      </Link>
      <Link className="link" to="/people/asking">
        Asking
      </Link>
      {lets && (
        <Link className="link" to="/people/access">
          Who comes in
        </Link>
      )}
    </>
  );
}

/** When somebody comes, and how often at most. */
const comesWords = ({ presence, most }: PersonLine, dates: Parameters<typeof presenceWords>[1]): string =>
  [
    ...inOrder(presence).map(([, each]) => presenceWords(each, dates)),
    ...(most === undefined ? [] : [`${most} a month at most`]),
  ].join('; ');
