import { FACE, faceOf, holdsWords, inKinds, inOrder, newId, type Kind } from '@idle-satchel/core';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'wouter';
import { wordsOf } from '../../api/client.js';
import { organisationQuery, itemsQuery } from '../../api/queries.js';
import { sendEdit } from '../../api/send-edit.js';
import { Door, Loading } from '../door.js';
import { KindForm } from './KindForm.js';

/** Which kind is open, and as what. */
interface Open {
  readonly id: string;
  readonly kind: Kind | undefined;
}

/** The kinds of things that the organisation knows: looked at, changed, added. */
export function KindsPage() {
  const queries = useQueryClient();
  const [wanted, setWanted] = useState('');
  const [open, setOpen] = useState<Open>();
  const [said, setSaid] = useState({ problem: '', done: '' });
  const answer = useQuery(itemsQuery);
  const info = useQuery(organisationQuery);
  const kinds = answer.data?.kinds.kinds;
  const shown = inOrder(kinds)
    .filter(([, { label, family }]) => holdsWords(`${label} ${family}`, wanted))
    // Cables are many and come last.
    .sort(([, a], [, b]) => Number(a.cable !== undefined) - Number(b.cable !== undefined));
  const save = async (id: string, kind: Kind): Promise<void> => {
    const document = answer.data?.kindsDocument;
    if (!document) return;
    setSaid({ problem: '', done: '' });
    try {
      await sendEdit(`Kind “${kind.label}”`, document, inKinds().put('kinds', id, kind).patch);
      await queries.invalidateQueries(itemsQuery);
      setOpen({ id, kind });
      setSaid({ problem: '', done: `“${kind.label}” is saved.` });
    } catch (error) {
      setSaid({ problem: wordsOf(error), done: '' });
    }
  };
  const show = (next: Open): void => {
    setSaid({ problem: '', done: '' });
    setOpen(next);
  };
  return (
    <Door
      title="Kinds of gear"
      actions={
        <>
          <Link className="link" to="/shelf">
            Back to the shelf
          </Link>
          <input
            className="field w-56"
            aria-label="Find a kind"
            placeholder="Find a kind"
            value={wanted}
            onChange={event => setWanted(event.target.value)}
          />
          <button className="button button-main" onClick={() => show({ id: newId(), kind: undefined })}>
            New kind
          </button>
        </>
      }
    >
      <Loading query={answer} what="the kinds" />
      <div className="grid md:grid-cols-[15rem_minmax(0,1fr)] gap-6">
        <ul aria-label="Kinds" className="md:max-h-[76vh] overflow-auto">
          {shown.map(([id, kind]) => (
            <li key={id} className={`border-b border-rule ${open?.id === id ? 'bg-shade' : ''}`}>
              <button
                className="flex gap-3 w-full text-left py-1 items-center"
                onClick={() => show({ id, kind })}
              >
                <Face kind={kind} />
                <span className="grow">{kind.label}</span>
                <span className="text-faint">{kind.family}</span>
              </button>
            </li>
          ))}
          {shown.length === 0 && kinds && <li className="text-faint py-2">No kind is called that.</li>}
        </ul>
        {open && info.data ? (
          <div>
            <KindForm
              key={open.id}
              kind={open.kind}
              kinds={kinds ?? {}}
              system={info.data?.units ?? 'metric'}
              onSave={kind => save(open.id, kind)}
              onCopy={kind =>
                show({ id: newId(), kind: { ...kind, label: `${kind.label}, copy`.slice(0, 80) } })
              }
            />
            <p role="status" className={said.problem ? 'text-stop py-2' : 'text-done py-2'}>
              {said.problem || said.done}
            </p>
          </div>
        ) : (
          <p className="text-faint">
            Choose a kind to see its ports and change them, or make a new one. Describe things by what they
            are.
          </p>
        )}
      </div>
    </Door>
  );
}

function Face({ kind }: { kind: Kind }) {
  const { body, sockets } = faceOf(kind);
  return (
    <svg width={FACE.width} height={FACE.height} aria-hidden className="shrink-0">
      <path d={body + sockets} fill="none" stroke="var(--ink)" />
    </svg>
  );
}
