import {
  assemblyDifferences,
  assemblyFrom,
  idFrom,
  insideOf,
  markedAs,
  newId,
  saveAssemblyPatch,
  updateAssemblyPatch,
  type Device,
} from '@idle-satchel/core';
import { useState, useSyncExternalStore } from 'react';
import { useEvent, usePlan, useStore } from '../../store/hooks.js';
import { opened, toggleOpened } from './schematic/opened.js';
import { GuardedButton } from '../../ui/GuardedButton.js';

/** A case as an assembly: saved, opened, brought up to a newer version. */
export default function AssemblyOf({ id, device }: { id: string; device: Device }) {
  const store = useStore();
  const plan = usePlan(each => each);
  const kinds = useEvent(({ bundle }) => bundle.kinds);
  const open = useSyncExternalStore(opened.subscribe, opened.get).has(id);
  const [name, setName] = useState(device.label);
  const { assembly: from } = device;
  const kept = kinds.assemblies?.[from?.id ?? ''];
  const [leftOut, setLeftOut] = useState<ReadonlySet<string>>(() => new Set());
  const all = insideOf(plan.devices, id).slice(1);
  const pieces = insideOf(plan.devices, id, leftOut).length - 1;
  const choice = <Pieces all={all} pieces={pieces} leftOut={leftOut} onLeaveOut={setLeftOut} />;
  const save = (as: string, label: string, version: number): void => {
    const assembly = assemblyFrom(plan, id, label, version, kinds.kinds, leftOut);
    store.commit(`Save ${label} as an assembly`.slice(0, 120), [
      { document: 'kinds', patch: saveAssemblyPatch(as, assembly, kinds.assemblies) },
      { document: 'plan', patch: markedAs(plan, id, as, version, leftOut) },
    ]);
  };
  if (!from || !kept) {
    return (
      <form
        className="flex flex-wrap gap-2 items-baseline py-1 border-b border-rule"
        onSubmit={event => {
          event.preventDefault();
          const label = name.trim();
          if (label !== '') save(idFrom(`assembly/${newId()}`), label, 1);
        }}
      >
        {choice}
        <input
          className="field grow"
          aria-label="Name of the assembly"
          maxLength={60}
          value={name}
          onChange={event => setName(event.target.value)}
        />
        <GuardedButton
          why={pieces === 0 ? 'nothing is in it yet' : name.trim() === '' ? 'it wants a name' : undefined}
        >
          Save as an assembly
        </GuardedButton>
      </form>
    );
  }
  const differences = assemblyDifferences(plan, id, kept);
  const newer = kept.version > from.version;
  return (
    <div className="py-1 border-b border-rule">
      <p className="flex flex-wrap gap-2 items-baseline">
        <span className="grow">
          “{kept.label}”, version {from.version}
          {newer && <b className="font-semibold text-note"> · version {kept.version} exists</b>}
        </span>
        <button className="button" onClick={() => toggleOpened(id)}>
          {open ? 'Close it' : 'Open it'}
        </button>
        {newer ? (
          <button
            className="button button-main"
            onClick={() =>
              store.patchPlan(
                `Bring ${device.label} up to version ${kept.version}`,
                updateAssemblyPatch(plan, id, kept),
              )
            }
          >
            Take version {kept.version}
          </button>
        ) : (
          differences.length > 0 && (
            <button className="button" onClick={() => save(from.id, kept.label, kept.version + 1)}>
              Save as version {kept.version + 1}
            </button>
          )
        )}
      </p>
      {!newer && differences.length > 0 && choice}
      {differences.length > 0 && (
        <p className="text-[13px] text-faint">
          {newer ? 'New in it: ' : 'Here it is otherwise; it was saved '}
          {differences.map(({ words }) => words).join('; ')}.
        </p>
      )}
    </div>
  );
}

/** What is in it, each to be left out of the assembly. */
function Pieces({
  all,
  pieces,
  leftOut,
  onLeaveOut,
}: {
  all: readonly string[];
  pieces: number;
  leftOut: ReadonlySet<string>;
  onLeaveOut: (leftOut: ReadonlySet<string>) => void;
}) {
  const devices = usePlan(plan => plan.devices);
  return (
    <details className="w-full">
      <summary>
        {pieces === all.length
          ? `${pieces} pieces in it, all of them`
          : `${pieces} of ${all.length} pieces in it`}
      </summary>
      <ul aria-label="Pieces of the assembly" className="columns-2">
        {all.map(each => (
          <li key={each}>
            <label>
              <input
                type="checkbox"
                checked={!leftOut.has(each)}
                onChange={({ target }) => {
                  const next = new Set(leftOut);
                  if (target.checked) next.delete(each);
                  else next.add(each);
                  onLeaveOut(next);
                }}
              />{' '}
              {devices?.[each]?.label}
            </label>
          </li>
        ))}
      </ul>
    </details>
  );
}
