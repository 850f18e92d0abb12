import { INVITATION_DAYS, MEMBER_ROLES, type MemberRole } from '@idle-satchel/core/roles';
import { useQuery } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { call } from '../../api/client.js';
import { peopleQuery } from '../../api/queries.js';
import { GuardedButton } from '../../ui/GuardedButton.js';
import { linkWith } from '../entry/token-here.js';
import { auditQuery, invitationsQuery } from './queries.js';
import { ShownOnce } from './ShownOnce.js';
import { useDoing } from './use-doing.js';
import { useWhen } from './when.js';

/** Invites people: the link is given to them by whoever makes it. */
export function Invitations() {
  const open = useQuery(invitationsQuery).data?.invitations ?? [];
  const people = useQuery(peopleQuery).data?.people.filter(({ erased }) => !erased) ?? [];
  const when = useWhen();
  const { problem, doing } = useDoing(invitationsQuery.queryKey, auditQuery.queryKey);
  const [name, setName] = useState('');
  const [person, setPerson] = useState('');
  const [role, setRole] = useState<MemberRole>('hand');
  const [link, setLink] = useState<{ readonly words: string; readonly link: string }>();
  const known = people.find(({ id }) => id === person)?.name;
  const invited = known ?? name.trim();
  const invite = (event: FormEvent): void => {
    event.preventDefault();
    void doing(async () => {
      const body = { role, name: invited, ...(person !== '' && { person }) };
      const made = await call('POST /invitations', {}, body);
      setLink({
        words: `The invitation of ${invited}, good once, for ${INVITATION_DAYS} days.`,
        link: linkWith('/invitation', made.token),
      });
      setName('');
      setPerson('');
    });
  };
  return (
    <section aria-labelledby="invitations">
      <h2 id="invitations" className="mb-1">
        Invite somebody
      </h2>
      <form className="flex flex-wrap gap-3 items-end" onSubmit={invite}>
        <label>
          <span className="block">Who</span>
          <select className="field" value={person} onChange={event => setPerson(event.target.value)}>
            <option value="">somebody else</option>
            {people.map(each => (
              <option key={each.id} value={each.id}>
                {each.name}
              </option>
            ))}
          </select>
        </label>
        {person === '' && (
          <label>
            <span className="block">Their name</span>
            <input
              className="field"
              maxLength={80}
              value={name}
              onChange={event => setName(event.target.value)}
            />
          </label>
        )}
        <label>
          <span className="block">As</span>
          <select
            className="field"
            value={role}
            onChange={event => setRole(event.target.value as MemberRole)}
          >
            {MEMBER_ROLES.map(each => (
              <option key={each}>{each}</option>
            ))}
          </select>
        </label>
        <GuardedButton className="button button-main" why={invited === '' ? 'say who it is for' : undefined}>
          Make an invitation
        </GuardedButton>
      </form>
      {problem && <p className="text-stop mt-2">◆ {problem}</p>}
      {link && <ShownOnce label={link.words} link={link.link} onDone={() => setLink(undefined)} />}
      {open.length > 0 && (
        <ul className="mt-2">
          {open.map(({ id, name: whom, role: as, ends }) => (
            <li key={id} className="flex flex-wrap gap-x-3 py-0.5">
              <span>
                {whom}, as {as}
              </span>
              <span className="text-faint">not taken up yet, good until {when(ends)}</span>
              <button
                className="link"
                onClick={() => void doing(() => call('POST /invitations/:id/end', { id }))}
              >
                Take it back
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
