import { MEMBER_ROLES, ROLE_WORDS, type MemberRole } from '@idle-satchel/core/roles';
import type { Member } from '@idle-satchel/core/api';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../../api/client.js';
import { peopleQuery } from '../../api/queries.js';
import { useMe } from '../../ui/me.js';
import { Loading } from '../door.js';
import { useLiveList } from '../use-live-list.js';
import { auditQuery, membersQuery } from './queries.js';
import { useDoing } from './use-doing.js';
import { useWhen } from './when.js';

/** Everybody who has an account here, with their role, and which person of the house they are. */
export function Members() {
  const query = useQuery(membersQuery);
  useLiveList(membersQuery.queryKey, message => message.accounts === true);
  const { problem, doing } = useDoing(membersQuery.queryKey, auditQuery.queryKey);
  const change = (id: string, body: { role?: MemberRole; person?: string }) =>
    void doing(() => call('PATCH /members/:id', { id }, body));
  const members = query.data?.members ?? [];
  return (
    <section aria-labelledby="members">
      <h2 id="members" className="mb-1">
        Accounts
      </h2>
      <Loading query={query} what="the accounts" />
      {problem && <p className="text-stop mb-2">◆ {problem}</p>}
      {query.data && members.length === 0 && <p className="text-faint">Nobody has an account yet.</p>}
      {members.length > 0 && (
        <table>
          <thead>
            <tr>
              <th>Name</th>
              <th>Role</th>
              <th>Person of the house</th>
              <th>Seen last</th>
              <th>
                <span className="sr-only">End</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {members.map(member => (
              <Line
                key={member.id}
                member={member}
                onChange={body => change(member.id, body)}
                onEnd={() => void doing(() => call('POST /members/:id/end', { id: member.id }))}
              />
            ))}
          </tbody>
        </table>
      )}
      <dl className="text-faint text-[13px] mt-2">
        {MEMBER_ROLES.map(role => (
          <div key={role}>
            <dt className="inline font-semibold">{role}: </dt>
            <dd className="inline">{ROLE_WORDS[role]}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

function Line({
  member: { id, name, login, role, person, seen },
  onChange,
  onEnd,
}: {
  member: Member;
  onChange: (body: { role?: MemberRole; person?: string }) => void;
  onEnd: () => void;
}) {
  const own = useMe()?.account === id;
  const when = useWhen();
  const people = useQuery(peopleQuery).data?.people.filter(({ erased }) => !erased) ?? [];
  const [sure, setSure] = useState(false);
  return (
    <tr>
      <td>
        {name} <span className="text-faint">{login}</span>
      </td>
      <td>
        <select
          className="field"
          aria-label={`Role of ${name}`}
          value={role}
          onChange={event => onChange({ role: event.target.value as MemberRole })}
        >
          {MEMBER_ROLES.map(each => (
            <option key={each}>{each}</option>
          ))}
        </select>
      </td>
      <td>
        <select
          className="field max-w-[22ch]"
          aria-label={`${name} is`}
          value={person ?? ''}
          onChange={event => onChange({ person: event.target.value })}
        >
          <option value="" disabled>
            nobody yet
          </option>
          {people.map(each => (
            <option key={each.id} value={each.id}>
              {each.name}
            </option>
          ))}
        </select>
        {role === 'hand' && person === undefined && (
          <span className="text-risk text-[13px] block">◇ sees no event until this is said</span>
        )}
      </td>
      <td>{seen === null ? 'not yet' : when(seen)}</td>
      <td>
        {own ? (
          <span className="text-faint">you</span>
        ) : sure ? (
          <button className="link text-stop" onClick={onEnd} onBlur={() => setSure(false)} autoFocus>
            Yes, let {name} in no more
          </button>
        ) : (
          <button className="link" onClick={() => setSure(true)}>
            Let in no more
          </button>
        )}
      </td>
    </tr>
  );
}
