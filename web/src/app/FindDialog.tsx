import { inOrder, partsOf, type StationName } from '@idle-satchel/core';
import { useMemo, useState } from 'react';
import { kindWords } from '../bench/drafting/part-words.js';
import { useEvent, useOpenEvent } from '../store/hooks.js';
import { Dialog } from '../ui/Dialog.js';
import { STATION_WORDS } from '../ui/station-words.js';

interface Hit {
  readonly id: string;
  readonly label: string;
  readonly what: string;
  readonly station: StationName;
}

/** Finds devices, runs, tape codes and roles of this event and everything drawn in the venue by any part of their name. */
export default function FindDialog({ onClose }: { onClose: () => void }) {
  const { store, ui, go } = useOpenEvent();
  const bundle = useEvent(state => state.bundle);
  const assessment = useEvent(state => state.assessment);
  const [text, setText] = useState('');
  const hits = useMemo<Hit[]>(() => {
    const { plan, kinds } = bundle;
    const { venue } = assessment.ground;
    const parts = partsOf(venue).map((part): Hit => ({
      id: part.path.split('/').at(-1) ?? '',
      label: part.label,
      what: kindWords(part),
      station: 'ground',
    }));
    if (store.of === 'venue') return parts;
    return [
      ...inOrder(plan.devices).map(([id, device]): Hit => {
        const kind = kinds.kinds[device.kind];
        const station = kind?.optics ? 'shots' : kind?.family === 'rack case' ? 'racks' : 'signal';
        return { id, label: device.label, what: kind?.label ?? 'device', station };
      }),
      ...Object.entries(assessment.runs.runs).map(([id, run]): Hit => ({
        id,
        label: run.label,
        what: `${run.makeWords} ${String(run.cable.value ?? '')}`,
        station: 'runs',
      })),
      ...Object.values(assessment.hands.roles).map((role): Hit => ({
        id: role.key,
        label: role.label,
        what: 'role',
        station: 'hands',
      })),
      ...Object.entries(assessment.pack.lines).flatMap(([id, line]): Hit[] =>
        line.tape
          ? [{ id, label: line.tape, what: `${line.label}, for ${line.purpose}`, station: 'pack' }]
          : [],
      ),
      ...parts,
    ];
  }, [store, bundle, assessment]);
  const wanted = text.trim().toLowerCase();
  /** The very name first, then names that begin so, then whatever has it anywhere. */
  const rank = ({ label }: Hit): number => {
    const name = label.toLowerCase();
    return name === wanted ? 0 : name.startsWith(wanted) ? 1 : 2;
  };
  const found = hits
    .filter(hit => `${hit.label} ${hit.what}`.toLowerCase().includes(wanted))
    .sort((a, b) => rank(a) - rank(b))
    .slice(0, 12);
  const open = (hit: Hit): void => {
    ui.set({ selected: hit.id, parts: [] });
    onClose();
    go(hit.station);
  };
  return (
    <Dialog title="Find" onClose={onClose}>
      <form
        onSubmit={event => {
          event.preventDefault();
          if (found[0]) open(found[0]);
        }}
      >
        <input
          className="field w-full text-[16px]"
          aria-label="Name, tape code or kind"
          placeholder="Name, tape code or kind"
          value={text}
          onChange={event => setText(event.target.value)}
          autoFocus
        />
      </form>
      <ul className="mt-2">
        {found.map(hit => (
          <li key={`${hit.station} ${hit.id}`}>
            <button
              className="w-full text-left py-1.5 border-b border-rule hover:bg-shade flex gap-3"
              onClick={() => open(hit)}
            >
              <span className="font-semibold">{hit.label}</span>
              <span className="text-faint grow truncate">{hit.what}</span>
              <span className="text-faint">{STATION_WORDS[hit.station]}</span>
            </button>
          </li>
        ))}
        {found.length === 0 && <li className="text-faint py-2">Nothing here is called that.</li>}
      </ul>
    </Dialog>
  );
}
