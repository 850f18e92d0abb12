/** A form of a few texts: sent, told what is wrong by field, and gone on from when it is taken. */
import { useState, type FormEvent } from 'react';
import { ApiProblem, messageOf } from '../../api/client.js';

export function useDraft<Draft extends Record<string, string>>(
  first: Draft,
  send: (draft: Draft) => Promise<unknown>,
) {
  const [draft, setDraft] = useState(first);
  const [faults, setFaults] = useState<Readonly<Record<string, string>>>({});
  const [problem, setProblem] = useState('');
  const [busy, setBusy] = useState(false);
  /** Does something that the form is there for, and tells what is wrong about it. */
  const run = (work: () => Promise<unknown>): void => {
    setBusy(true);
    setProblem('');
    setFaults({});
    work()
      .catch((error: unknown) => {
        const known = error instanceof ApiProblem ? error.faults : [];
        const own = known.filter(({ path }) => path.slice(1) in draft);
        setFaults(Object.fromEntries(own.map(({ path, reason }) => [path.slice(1), reason])));
        if (own.length === 0) setProblem(messageOf(error));
      })
      .finally(() => setBusy(false));
  };
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    run(() => send(draft));
  };
  const field = (name: keyof Draft & string) => ({
    value: draft[name],
    fault: faults[name],
    onChange: ({ target }: { target: { value: string } }) =>
      setDraft(before => ({ ...before, [name]: target.value })),
  });
  return { field, submit, run, busy, problem };
}
