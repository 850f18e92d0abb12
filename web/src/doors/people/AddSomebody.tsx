import { useQueryClient } from '@tanstack/react-query';
import { useLocation } from 'wouter';
import { call } from '../../api/client.js';
import { madeOnce } from '../../api/make.js';
import { peopleQuery } from '../../api/queries.js';
import { EntryField } from '../entry/EntryField.js';
import { FormEnd } from '../entry/FormEnd.js';
import { useDraft } from '../entry/use-draft.js';

/** Puts somebody among the people by their name; the rest is said on their own page. */
export default function AddSomebody() {
  const queries = useQueryClient();
  const [, go] = useLocation();
  const { field, submit, busy, problem } = useDraft({ name: '' }, async ({ name }) => {
    const { people } = await madeOnce(as =>
      call('POST /people', { as }, { people: [{ name: name.trim(), skills: [] }] }),
    );
    await queries.invalidateQueries(peopleQuery);
    go(`/people/${people[0]?.id ?? ''}`);
  });
  return (
    <form className="flex flex-wrap items-end gap-3 bg-shade px-3 py-2 mb-3" onSubmit={submit}>
      <EntryField label="Name of who helps" autoComplete="off" maxLength={80} required {...field('name')} />
      <FormEnd problem={problem} busy={busy}>
        Add them
      </FormEnd>
    </form>
  );
}
