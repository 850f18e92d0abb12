import { newId, showCalendarDay, type Device } from '@idle-satchel/core';
import { triedHere, triedChanges } from '@idle-satchel/core/after-use';
import { useState } from 'react';
import { useEvent, usePlan, useReading, useStore } from '../../store/hooks.js';
import { GuardedButton } from '../../ui/GuardedButton.js';
import { today } from '../../ui/today.js';
import { Verdicts } from './Verdicts.js';

/** Whether a thing worked at this venue, and what came of its kind at events. */
export function AfterUse({ device }: { device: Device }) {
  const store = useStore();
  const { dates } = useReading();
  const tried = useEvent(({ assessment }) => assessment.ground.venue.tried);
  const event = usePlan(plan => plan.label);
  const pinned = usePlan(plan => plan.venue.revision);
  const newest = useEvent(({ venueNow }) => venueNow === pinned);
  const [what, setWhat] = useState('');
  const here = triedHere(tried, device);
  const note = (works: boolean): void => {
    const { plan, venue } = store.get().bundle;
    const changes = triedChanges(venue, plan, newId(), {
      ...{ kind: device.kind, ...(device.item && { item: device.item }) },
      ...{ on: today(), works, ...(what.trim() && { what: what.trim() }) },
    });
    store.commit(`${device.label} ${works ? 'worked' : 'did not work'} here`.slice(0, 120), changes);
    setWhat('');
  };
  const said = here
    ? `${here.of === 'itself' ? 'It' : here.of === 'its kind' ? 'A thing like it' : 'Another like it'} ${here.tried.works ? 'worked' : 'did not work'} here on ${showCalendarDay(here.tried.on, dates)}`
    : 'At this venue: nothing noted';
  return (
    <details className="py-2">
      <summary className="cursor-pointer">{said}</summary>
      {here?.tried.what !== undefined && <p className="text-faint py-1">{here.tried.what}</p>}
      <p className="flex flex-wrap gap-2 py-1 items-baseline">
        <input
          className="field grow"
          maxLength={120}
          aria-label={`How ${device.label} did here`}
          placeholder="What went wrong, or made it work"
          value={what}
          onChange={change => setWhat(change.target.value)}
        />
        <button className="button" disabled={!newest} onClick={() => note(true)}>
          It worked here
        </button>
        <GuardedButton
          why={newest ? undefined : 'take the newer survey over in Ground first'}
          onClick={() => note(false)}
        >
          It did not
        </GuardedButton>
      </p>
      <Verdicts kind={device.kind} event={event} />
    </details>
  );
}
