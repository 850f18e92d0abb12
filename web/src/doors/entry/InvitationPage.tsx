import { ROLE_WORDS } from '@idle-satchel/core/roles';
import { useQuery } from '@tanstack/react-query';
import { call, messageOf } from '../../api/client.js';
import { useMe } from '../../ui/me.js';
import { cameIn } from './came-in.js';
import { EntryPage } from './EntryPage.js';
import { NewAccountFields } from './NewAccountFields.js';
import { tokenHere } from './token-here.js';
import { useEntry } from './use-entry.js';

/** Takes an invitation up: with a new account, or as who one is signed in as. */
export default function InvitationPage({ onDone }: { onDone: () => void }) {
  const token = tokenHere();
  const me = useMe();
  const offer = useQuery({
    queryKey: ['invitation', token],
    queryFn: () => call('POST /invitations/look', {}, { token }),
    retry: false,
  });
  const accept = async (body: object) => {
    const next = await call('POST /invitations/accept', {}, { token, ...body });
    onDone();
    return next;
  };
  const { field, submit, busy, problem } = useEntry({ name: '', login: '', password: '' }, accept);
  if (offer.error)
    return (
      <EntryPage title="This invitation is not good any more">
        <p>{messageOf(offer.error)}. It can be used once, within a week; ask for a new one.</p>
      </EntryPage>
    );
  if (!offer.data) return <EntryPage title="Invitation">…</EntryPage>;
  const { organisation, role, name } = offer.data;
  return (
    <EntryPage title={`${organisation} invites ${name}`}>
      <p className="mb-3">
        As <b>{role}</b>, who {ROLE_WORDS[role]}.
      </p>
      {me?.account !== undefined ? (
        <button className="button button-main" onClick={() => void accept({}).then(cameIn)}>
          Come in as {me.name}
        </button>
      ) : (
        <form className="grid gap-2" onSubmit={submit}>
          <NewAccountFields field={field} first />
          {problem && (
            <p role="alert" className="text-stop">
              ◆ {problem}
            </p>
          )}
          <button className="button button-main justify-self-start" disabled={busy}>
            Make the account and come in
          </button>
        </form>
      )}
    </EntryPage>
  );
}
