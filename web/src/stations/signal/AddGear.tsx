import {
  addDevicePatch,
  carriersFor,
  gearOffers,
  holdsWords,
  inOrder,
  insertAssemblyPatch,
  newId,
  type Assembly,
  type Family,
  type Kind,
} from '@idle-satchel/core';
import { newPlace } from '@idle-satchel/core/searches';
import { useMemo, useState } from 'react';
import { Heading } from '../../ledger/Ledger.js';
import { useEvent, useOpenEvent, usePlan } from '../../store/hooks.js';

/** What stands under Shots or Power, or is only packed, is not added here. */
const ELSEWHERE: ReadonlySet<Family> = new Set<Family>([
  ...(['cable', 'ramp', 'tape', 'tool', 'support', 'lens', 'lamp', 'battery', 'house line'] as const),
]);

const SHOWN = 8;

/** Adds a device to the plan, from the shelf where one is free: into a case, to a camera, or on the floor. */
export default function AddGear() {
  const { store, ui } = useOpenEvent();
  const kinds = useEvent(state => state.bundle.kinds.kinds);
  const bundle = useEvent(state => state.bundle);
  const kept = useEvent(state => state.bundle.kinds.assemblies);
  const [text, setText] = useState('');
  const [inside, setInside] = useState('');
  const wanted = text.trim().toLowerCase();
  const found = useMemo(() => {
    const fits = ({ label, family }: Kind): boolean =>
      !ELSEWHERE.has(family) && (wanted === '' || holdsWords(`${label} ${family}`, wanted));
    // Before anything is typed: what the house has; then whatever is called that.
    return gearOffers(bundle, fits)
      .filter(({ owned }) => wanted !== '' || owned)
      .slice(0, SHOWN);
  }, [bundle, wanted]);
  const plan = usePlan(whole => whole);
  const carriers = carriersFor(plan, undefined, ({ kind }) => kinds[kind]?.family);
  const add = (kind: string, label: string): void => {
    const { bundle, assessment } = store.get();
    const id = newId();
    const name = (label.split(',')[0] ?? label).toUpperCase().slice(0, 40);
    const place = inside === '' ? newPlace(bundle, assessment, kinds[kind]) : { inside };
    store.patchPlan(`Add ${label}`.slice(0, 120), addDevicePatch(bundle, id, { label: name, kind, place }));
    setText('');
    ui.select(id);
  };
  const assemblies = inOrder(kept).filter(
    ([, { label }]) => wanted !== '' && holdsWords(`${label} assembly`, wanted),
  );
  const insert = (id: string, assembly: Assembly): void => {
    const { plan } = store.get().bundle;
    const { carrier, patch } = insertAssemblyPatch(id, assembly, plan, newId());
    store.patchPlan(`Put in ${assembly.label}`.slice(0, 120), patch);
    setText('');
    ui.select(carrier);
  };
  return (
    <section aria-label="Add gear">
      <Heading>Add gear</Heading>
      <div className="flex flex-wrap gap-2 items-baseline py-1">
        <input
          className="field grow"
          aria-label="What to add"
          placeholder="switcher, laptop, splitter, monitor …"
          value={text}
          onChange={event => setText(event.target.value)}
        />
        <label>
          <span className="text-faint">in </span>
          <select
            className="field"
            aria-label="Where to add it"
            value={inside}
            onChange={event => setInside(event.target.value)}
          >
            <option value="">no case: at the desk</option>
            {carriers.map(([id, { label }]) => (
              <option key={id} value={id}>
                {label}
              </option>
            ))}
          </select>
        </label>
      </div>
      <ul>
        {assemblies.map(([id, assembly]) => (
          <li key={id} className="flex gap-2 py-0.5 border-b border-rule">
            <button className="link grow" onClick={() => insert(id, assembly)}>
              {assembly.label}
            </button>
            <span className="text-faint">
              assembly, version {assembly.version}, {Object.keys(assembly.parts).length} pieces
            </span>
          </li>
        ))}
        {found.map(({ kind, of, words }) => (
          <li key={kind} className="flex gap-2 py-0.5 border-b border-rule">
            <button className="link grow text-left" onClick={() => add(kind, of.label)}>
              {of.label}
            </button>
            <span className="text-faint">{words}</span>
          </li>
        ))}
        {wanted !== '' && found.length + assemblies.length === 0 && (
          <li className="text-faint">No kind is called that: describe it under Shelf, Kinds of gear.</li>
        )}
      </ul>
    </section>
  );
}
