import type { DateLocale, UnitSystem } from '@idle-satchel/core';
import { inOrder, newId } from '@idle-satchel/core';
import type { PersonChange, PersonLine } from '@idle-satchel/core/api';
import { presenceWords, TIE_FORM, TRAINING_FORM, trainingWords } from '@idle-satchel/core/person-forms';
import { useState, type ReactNode } from 'react';
import { wordsOf } from '../../api/client.js';
import { random } from '../../api/random.js';
import { RecordForm } from '../../ledger/RecordForm.js';
import PresenceForm from './PresenceForm.js';

type Lists = 'presence' | 'ties' | 'training';

/** When somebody comes, with whom, and what they were shown: each said for itself. */
export default function PersonLists({
  person,
  all,
  system,
  dates,
  onChange,
}: {
  person: PersonLine;
  all: readonly PersonLine[];
  system: UnitSystem;
  dates: DateLocale | undefined;
  onChange: (fields: PersonChange) => Promise<void>;
}) {
  const [problem, setProblem] = useState('');
  const { presence = {}, ties = {}, training = {}, revision: base } = person;
  const others = all.filter(({ id }) => id !== person.id).map(({ id, name }) => [id, name] as const);
  const nameOf = (id: string): string => others.find(([other]) => other === id)?.[1] ?? 'somebody';
  const keep = (list: Lists, records: Readonly<Record<string, object>>): void => {
    setProblem('');
    const isEmpty = Object.keys(records).length === 0;
    const fields = (isEmpty ? { cleared: [list] } : { [list]: records }) as PersonChange;
    onChange({ ...fields, base }).catch((error: unknown) => setProblem(wordsOf(error)));
  };
  const without = (records: Readonly<Record<string, object>>, id: string) =>
    Object.fromEntries(Object.entries(records).filter(([other]) => other !== id));
  return (
    <div>
      <p role="status" className="text-stop">
        {problem}
      </p>
      <Listed
        title="When they come"
        none="They have not said when they come: they can be asked for anything."
        add="Say when"
        lines={inOrder(presence).map(([id, each]) => [id, presenceWords(each, dates)])}
        onTakeOut={id => keep('presence', without(presence, id))}
      >
        {done => (
          <PresenceForm
            dates={dates}
            system={system}
            onKeep={record => {
              keep('presence', { ...presence, [newId(random)]: record });
              done();
            }}
          />
        )}
      </Listed>
      <Listed
        title="With whom"
        none="Nobody is said to go with them, or to be kept apart."
        add="Say with whom"
        lines={inOrder(ties).map(([id, { person: other, how }]) => [id, `${nameOf(other)}: ${how}`])}
        onTakeOut={id => keep('ties', without(ties, id))}
      >
        {done => (
          <RecordForm
            name="With whom"
            form={TIE_FORM}
            record={{}}
            named={() => others}
            system={system}
            keep="Keep it"
            onKeep={record => {
              keep('ties', { ...ties, [newId(random)]: record });
              done();
            }}
          />
        )}
      </Listed>
      <Listed
        title="Shown to them"
        none="No training is noted."
        add="Note a training"
        lines={inOrder(training).map(([id, each]) => [id, trainingWords(each, dates)])}
        onTakeOut={id => keep('training', without(training, id))}
      >
        {done => (
          <RecordForm
            name="Shown to them"
            form={TRAINING_FORM}
            record={{}}
            system={system}
            keep="Keep it"
            onKeep={record => {
              keep('training', { ...training, [newId(random)]: record });
              done();
            }}
          />
        )}
      </Listed>
    </div>
  );
}

/** Records by their lines, each of which can be taken out, and a form for one more. */
function Listed({
  title,
  none,
  add,
  lines,
  onTakeOut,
  children,
}: {
  title: string;
  none: string;
  add: string;
  lines: readonly (readonly [id: string, words: string])[];
  onTakeOut: (id: string) => void;
  children: (done: () => void) => ReactNode;
}) {
  const [adding, setAdding] = useState(false);
  return (
    <section aria-label={title} className="pb-4">
      <h2>{title}</h2>
      {lines.length === 0 && <p className="text-faint">{none}</p>}
      <ul>
        {lines.map(([id, words]) => (
          <li key={id} className="flex gap-x-3 items-baseline border-b border-rule py-1">
            <span className="grow">{words}</span>
            <button className="link" aria-label={`Take out: ${words}`} onClick={() => onTakeOut(id)}>
              Take out
            </button>
          </li>
        ))}
      </ul>
      {adding ? (
        <div className="bg-shade px-3 mt-2">
          {children(() => setAdding(false))}
          <button className="link pb-2" onClick={() => setAdding(false)}>
            Not now
          </button>
        </div>
      ) : (
        <button className="button mt-2" onClick={() => setAdding(true)}>
          {add}
        </button>
      )}
    </section>
  );
}
