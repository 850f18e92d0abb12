/** A form before the doors: sent, told what is wrong by field, and gone on from when it is taken. */
import type { Me } from '@idle-satchel/core/api';
import { useState, type FormEvent } from 'react';
import { ApiProblem, messageOf } from '../../api/client.js';
import { cameIn } from './came-in.js';

export function useEntry<Draft extends Record<string, string>>(
  first: Draft,
  send: (draft: Draft) => Promise<Me>,
) {
  const [draft, setDraft] = useState(first);
  const [faults, setFaults] = useState<Readonly<Record<string, string>>>({});
  const [problem, setProblem] = useState('');
  const [busy, setBusy] = useState(false);
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    setBusy(true);
    setProblem('');
    setFaults({});
    send(draft)
      .then(cameIn)
      .catch((error: unknown) => {
        const known = error instanceof ApiProblem ? error.faults : [];
        const own = known.filter(({ path }) => path.slice(1) in draft);
        setFaults(Object.fromEntries(own.map(({ path, reason }) => [path.slice(1), reason])));
        if (own.length === 0) setProblem(messageOf(error));
      })
      .finally(() => setBusy(false));
  };
  const field = (name: keyof Draft & string) => ({
    value: draft[name],
    fault: faults[name],
    onChange: ({ target }: { target: { value: string } }) =>
      setDraft(before => ({ ...before, [name]: target.value })),
  });
  return { field, submit, busy, problem };
}
