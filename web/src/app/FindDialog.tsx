import { figuresToFind, findCalled, partsToFind, thingsToFind, type Findable } from '@idle-satchel/core';
import { useMemo, useState } from 'react';
import { kindWords } from '../bench/drafting/part-words.js';
import { useEvent, useOpenEvent } from '../store/hooks.js';
import { Dialog } from '../ui/Dialog.js';
import { STATION_WORDS } from '../ui/station-words.js';

const MOST = 12;
const WHAT = 'Name, tape code, kind or figure';

/** Finds devices, runs, tape codes, roles, parts of the venue and figures by any part of their name. */
export default function FindDialog({ onClose }: { onClose: () => void }) {
  const { store, ui, go } = useOpenEvent();
  const bundle = useEvent(state => state.bundle);
  const assessment = useEvent(state => state.assessment);
  const [text, setText] = useState('');
  const all = useMemo<Findable[]>(() => {
    const parts = partsToFind(assessment.ground.venue, kindWords);
    if (store.of === 'venue') return parts;
    return [...thingsToFind(bundle, assessment), ...parts, ...figuresToFind(bundle, assessment)];
  }, [store, bundle, assessment]);
  const found = findCalled(all, text, MOST);
  const open = ({ id, station, figure }: Findable): void => {
    ui.set({ selected: id, parts: [], working: figure });
    onClose();
    go(station);
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
          aria-label={WHAT}
          placeholder={WHAT}
          value={text}
          onChange={event => setText(event.target.value)}
          autoFocus
        />
      </form>
      <ul className="mt-2">
        {found.map(hit => (
          <li key={hit.figure ?? `${hit.station} ${hit.id}`}>
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
