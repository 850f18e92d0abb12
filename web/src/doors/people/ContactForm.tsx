import type { PersonLine } from '@idle-satchel/core/api';
import { useQueryClient } from '@tanstack/react-query';
import { call } from '../../api/client.js';
import { peopleQuery } from '../../api/queries.js';
import { EntryField } from '../entry/EntryField.js';
import { FormEnd } from '../entry/FormEnd.js';
import { useDraft } from '../entry/use-draft.js';

const CONTACTS = ['phone', 'mail', 'note'] as const;

/** How somebody is reached, and what whoever leads should know. */
export function ContactForm({ person, onDone }: { person: PersonLine; onDone: () => void }) {
  const queries = useQueryClient();
  const { id, revision: base, phone = '', mail = '', note = '' } = person;
  const { field, submit, busy, problem } = useDraft({ phone, mail, note }, async draft => {
    const given = CONTACTS.filter(name => draft[name].trim() !== '');
    const fields = Object.fromEntries(given.map(name => [name, draft[name].trim()]));
    const cleared = CONTACTS.filter(name => !given.includes(name));
    try {
      await call('PATCH /people/:id', { id }, { ...fields, cleared, base });
      onDone();
    } finally {
      await queries.invalidateQueries(peopleQuery);
    }
  });
  return (
    <form className="grid md:grid-cols-2 gap-x-4 gap-y-2" onSubmit={submit}>
      <EntryField label="Phone" type="tel" autoComplete="off" maxLength={40} {...field('phone')} />
      <EntryField label="Mail" inputMode="email" autoComplete="off" maxLength={200} {...field('mail')} />
      <div className="md:col-span-2">
        <EntryField
          label="Note"
          help="For whoever leads: what helps them to serve well, and nothing about health or belief"
          maxLength={500}
          {...field('note')}
        />
      </div>
      <div className="md:col-span-2 grid">
        <FormEnd problem={problem} busy={busy}>
          Keep it
        </FormEnd>
      </div>
    </form>
  );
}
