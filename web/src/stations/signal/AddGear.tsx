import {
  addDevicePatch,
  carriersFor,
  freeItem,
  inOrder,
  insertAssemblyPatch,
  newId,
  type Assembly,
  type Family,
} from '@idle-satchel/core';
import { newPlace } from '@idle-satchel/core/searches';
import { useState } from 'react';
import { Heading } from '../../ledger/Ledger.js';
import { useEvent, useOpenEvent, usePlan } from '../../store/hooks.js';

/** What stands under Shots or Power, or is only packed, is not added here. */
const ELSEWHERE: ReadonlySet<Family> = new Set<Family>([
  ...(['cable', 'ramp', 'tape', 'tool', 'support', 'lens', 'lamp', 'battery', 'house line'] as const),
]);

/** Adds a device to the plan, from the shelf where one is free: into a case, to a camera, or on the floor. */
export default function AddGear() {
  const { store, ui } = useOpenEvent();
  const kinds = useEvent(state => state.bundle.kinds.kinds);
  const shelf = useEvent(state => state.bundle.shelf);
  const kept = useEvent(state => state.bundle.kinds.assemblies);
  const devices = usePlan(plan => plan.devices);
  const [text, setText] = useState('');
  const [inside, setInside] = useState('');
  const wanted = text.trim().toLowerCase();
  const offers = inOrder(kinds)
    .filter(([, { family }]) => !ELSEWHERE.has(family))
    .map(([id, kind]) => ({ id, kind, item: freeItem(shelf, id, devices) }))
    .sort((a, b) => Number(a.item === undefined) - Number(b.item === undefined));
  const found = offers
    .filter(({ kind }) => wanted !== '' && kind.label.toLowerCase().includes(wanted))
    .slice(0, 8);
  const plan = usePlan(whole => whole);
  const carriers = carriersFor(plan, undefined, ({ kind }) => kinds[kind]?.family);
  const add = (kind: string, label: string): void => {
    const { bundle, assessment } = store.get();
    const id = newId();
    const alike = inOrder(bundle.plan.devices).filter(([, each]) => each.kind === kind).length;
    const name = `${(label.split(',')[0] ?? label).toUpperCase()}${alike === 0 ? '' : ` ${alike + 1}`}`.slice(
      0,
      40,
    );
    const place = inside === '' ? newPlace(bundle, assessment, kinds[kind]) : { inside };
    store.patchPlan(`Add ${label}`.slice(0, 120), addDevicePatch(bundle, id, { label: name, kind, place }));
    setText('');
    ui.select(id);
  };
  const assemblies = inOrder(kept).filter(
    ([, { label }]) => wanted !== '' && `${label} assembly`.toLowerCase().includes(wanted),
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
        {found.map(({ id, kind, item }) => (
          <li key={id} className="flex gap-2 py-0.5 border-b border-rule">
            <button className="link grow" onClick={() => add(id, kind.label)}>
              {kind.label}
            </button>
            <span className="text-faint">
              {item === undefined ? 'not on the shelf' : shelf.items[item]?.tape}
            </span>
          </li>
        ))}
        {wanted !== '' && found.length + assemblies.length === 0 && (
          <li className="text-faint">No kind is called that.</li>
        )}
      </ul>
    </section>
  );
}
