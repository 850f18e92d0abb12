import { call } from '../../api/client.js';
import { EntryField } from './EntryField.js';
import { EntryPage } from './EntryPage.js';
import { NewAccountFields } from './NewAccountFields.js';
import { useEntry } from './use-entry.js';

/** The first page of an installation that nobody owns yet. */
export default function FirstStart() {
  const { field, submit, busy, problem } = useEntry(
    { code: '', organisation: '', name: '', login: '', password: '' },
    ({ organisation, ...draft }) =>
      call('POST /first-start', {}, { ...draft, ...(organisation.trim() && { organisation }) }),
  );
  return (
    <EntryPage title="Nobody owns this installation yet">
      <p className="mb-3">
        The terminal in which it was started shows a code. Whoever types it here becomes the owner.
      </p>
      <form className="grid gap-2" onSubmit={submit}>
        <EntryField
          label="Code of the terminal"
          help="Sixteen letters and digits, good for a day"
          autoComplete="one-time-code"
          required
          autoFocus
          {...field('code')}
        />
        <EntryField
          label="Your house"
          help="The parish, school or club whose gear and events these are"
          autoComplete="organization"
          maxLength={80}
          {...field('organisation')}
        />
        <NewAccountFields field={field} />
        {problem && (
          <p role="alert" className="text-stop">
            ◆ {problem}
          </p>
        )}
        <button className="button button-main justify-self-start" disabled={busy}>
          Begin
        </button>
      </form>
    </EntryPage>
  );
}
