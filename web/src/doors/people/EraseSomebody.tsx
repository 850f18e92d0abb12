import type { Erased, PersonLine } from '@idle-satchel/core/api';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../../api/client.js';
import { peopleQuery } from '../../api/queries.js';
import { Dialog } from '../../ui/Dialog.js';
import { EntryField } from '../entry/EntryField.js';
import { FormEnd } from '../entry/FormEnd.js';
import { useDraft } from '../entry/use-draft.js';
import { counted } from './kept-words.js';
import { OutOfReach } from './OutOfReach.js';
import { mentionsQuery } from './queries.js';

/** Erases somebody who asked for it: their name is typed, and words that mean nobody else are chosen. */
export function EraseSomebody({ person, onClose }: { person: PersonLine; onClose: () => void }) {
  const queries = useQueryClient();
  const mentions = useQuery(mentionsQuery(person.id)).data?.mentions ?? [];
  const words = [...new Set(mentions.map(({ word }) => word))];
  const [also, setAlso] = useState<readonly string[]>([]);
  const [done, setDone] = useState<Erased>();
  const { field, submit, busy, problem } = useDraft({ name: '' }, async ({ name }) => {
    setDone(await call('POST /people/:id/erase', { id: person.id }, { name, also }));
  });
  const close = (): void => {
    onClose();
    if (done) void queries.invalidateQueries(peopleQuery);
  };
  if (done)
    return (
      <Dialog title="Erased" onClose={close}>
        <p className="mb-2">
          The name is gone from {counted(done.documents, 'document', 'documents')},{' '}
          {counted(done.things, 'thing or person', 'things or people')}, and{' '}
          {counted(done.records, 'record', 'records')} of what was.{' '}
          {done.roles > 0 && `Free again: ${counted(done.roles, 'role', 'roles')} to come. `}
          {done.files > 0 &&
            `Look by hand through ${counted(done.files, 'settings file', 'settings files')} with it in.`}
        </p>
        <OutOfReach />
        <p className="flex justify-end mt-3">
          <button className="button button-main" onClick={close}>
            Done
          </button>
        </p>
      </Dialog>
    );
  return (
    <Dialog title={`Erase ${person.name}`} onClose={close}>
      <form className="grid gap-3" onSubmit={submit}>
        <p>
          Their name, contact, account and PIN go, from what is planned and from all that was; what they did
          stays as done by somebody. Roles of events to come are free again. This cannot be taken back.
        </p>
        {words.length > 0 && (
          <fieldset>
            <legend>These words stand elsewhere. Tick those that mean them and nobody else.</legend>
            {words.map(word => (
              <label key={word} className="block">
                <input
                  type="checkbox"
                  checked={also.includes(word)}
                  onChange={({ target }) =>
                    setAlso(target.checked ? [...also, word] : also.filter(each => each !== word))
                  }
                />{' '}
                <b>{word}</b>{' '}
                <span className="text-faint">
                  {mentions
                    .filter(each => each.word === word)
                    .slice(0, 5)
                    .map(({ what, text }) => `${what}: “${text}”`)
                    .join('; ')}
                </span>
              </label>
            ))}
          </fieldset>
        )}
        <OutOfReach />
        <EntryField label="Type their name" autoComplete="off" required {...field('name')} />
        <FormEnd problem={problem} busy={busy}>
          Erase for good
        </FormEnd>
      </form>
    </Dialog>
  );
}
