import { Heading } from '../../ledger/Ledger.js';
import { useEvent, useResult } from '../../store/hooks.js';
import { isReached } from './reached.js';

/** How those who serve here are reached: for whoever leads. Nobody else is sent it. */
export default function WhomToCall() {
  const { roles } = useResult('hands');
  const people = useEvent(state => state.bundle.hands.people);
  const reached = Object.values(roles).flatMap(({ key, label, person: id = '' }) => {
    const person = people[id];
    return person && isReached(person) ? [{ ...person, key, label }] : [];
  });
  if (reached.length === 0) return null;
  return (
    <section aria-label="Whom to call" className="pb-2 max-md:px-4">
      <Heading>Whom to call</Heading>
      <ul>
        {reached.map(({ key, label, name, phone, mail, note }) => (
          <li key={key} className="border-b border-rule py-1 flex flex-wrap gap-x-3">
            <span className="grow">
              {name} <span className="text-faint text-[13px]">· {label}</span>
            </span>
            <span className="flex flex-wrap gap-x-3">
              {phone !== undefined && (
                <a className="link" href={`tel:${phone.replace(/[^+\d]/g, '')}`}>
                  {phone}
                </a>
              )}
              {mail !== undefined && (
                <a className="link" href={`mailto:${encodeURIComponent(mail)}`}>
                  {mail}
                </a>
              )}
              {note !== undefined && <span className="text-faint">{note}</span>}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
