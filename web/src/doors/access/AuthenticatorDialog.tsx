import type { NewAuthenticator } from '@idle-satchel/core/api';
import { useState } from 'react';
import { call } from '../../api/client.js';
import { Dialog } from '../../ui/Dialog.js';
import { EntryField } from '../entry/EntryField.js';
import { FormEnd } from '../entry/FormEnd.js';
import { useDraft } from '../entry/use-draft.js';
import { PasswordFirst } from './PasswordFirst.js';

/** Sets an authenticator up: the password, a code to scan, and the first code of it. */
export function AuthenticatorDialog({
  onCodes,
  onClose,
}: {
  onCodes: (codes: readonly string[]) => void;
  onClose: () => void;
}) {
  const [offered, setOffered] = useState<NewAuthenticator>();
  if (offered) return <FirstCode offered={offered} onCodes={onCodes} onClose={onClose} />;
  return (
    <PasswordFirst
      title="An authenticator on your phone"
      button="Show the code to scan"
      onClose={onClose}
      send={async ({ password }) => setOffered(await call('POST /account/authenticator', {}, { password }))}
    >
      Any program for one-time codes will do. It shows six digits that change every half minute; signing in
      asks for them besides the password.
    </PasswordFirst>
  );
}

/** Squares of light around a code, without which no camera finds it (ISO/IEC 18004). */
const QUIET = 4;

function FirstCode({
  offered: { path, size, secret },
  onCodes,
  onClose,
}: {
  offered: NewAuthenticator;
  onCodes: (codes: readonly string[]) => void;
  onClose: () => void;
}) {
  const { field, submit, busy, problem } = useDraft({ code: '' }, async draft =>
    onCodes((await call('PUT /account/authenticator', {}, draft)).codes.map(each => each.code)),
  );
  const wide = size + 2 * QUIET;
  return (
    <Dialog title="Scan it, and type what it shows" onClose={onClose}>
      <form className="flex flex-wrap gap-5" onSubmit={submit}>
        <svg
          role="img"
          aria-label="Code to scan; its text stands beside it"
          viewBox={`${-QUIET} ${-QUIET} ${wide} ${wide}`}
          className="w-52"
          shapeRendering="crispEdges"
        >
          {/* Dark on light whatever the page is: cameras read it so. */}
          <rect x={-QUIET} y={-QUIET} width={wide} height={wide} fill="white" />
          <path d={path} fill="black" />
        </svg>
        <div className="grid gap-2 content-start grow basis-56">
          <p>
            Or type it: <span className="break-all select-all">{secret.match(/.{1,4}/g)?.join(' ')}</span>
          </p>
          <EntryField
            label="Code that it shows"
            inputMode="numeric"
            autoComplete="one-time-code"
            required
            autoFocus
            {...field('code')}
          />
          <FormEnd problem={problem} busy={busy}>
            It works
          </FormEnd>
        </div>
      </form>
    </Dialog>
  );
}
