import { useMemo } from 'react';
import { Heading } from '../../ledger/Ledger.js';
import { useResult } from '../../store/hooks.js';

/** What whoever looks does at this event. */
export default function OwnDuties({ person }: { person: string }) {
  const { roles } = useResult('hands');
  const own = useMemo(() => Object.values(roles).filter(role => role.person === person), [roles, person]);
  return (
    <section aria-label="Your duties" className="pb-2 max-md:px-4 max-md:order-first">
      <Heading>Your duties</Heading>
      {own.length === 0 && <p className="text-faint py-1">You are on no role of this event.</p>}
      <ul>
        {own.map(({ key, label, why }) => (
          <li key={key} className="border-b border-rule py-1">
            {label} <span className="text-faint text-[13px]">· {why}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
