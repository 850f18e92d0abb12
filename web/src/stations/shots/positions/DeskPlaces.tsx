import { showText, type Bundle } from '@idle-satchel/core';
import { deskPatch, type DeskPlace } from '@idle-satchel/core/searches';
import { useState } from 'react';
import { useEvent, useReading, useStore } from '../../../store/hooks.js';
import { PositionWorker } from '../../../workers/positions.js';

interface Compared {
  readonly of: Bundle;
  readonly places: readonly DeskPlace[];
}

/** Where the desk could go: the best places and where it stands, side by side. */
export function DeskPlaces() {
  const store = useStore();
  const bundle = useEvent(state => state.bundle);
  const reading = useReading();
  const [compared, setCompared] = useState<Compared>();
  const [looking, setLooking] = useState(false);
  const metres = (value: number | undefined): string =>
    value === undefined ? '–' : showText(value, 'm', reading);
  const compare = (): void => {
    const worker = new PositionWorker();
    setLooking(true);
    void worker
      .desks(bundle)
      .then(places => setCompared({ of: bundle, places }))
      .finally(() => {
        setLooking(false);
        worker.end();
      });
  };
  const move = ({ at }: DeskPlace): void => {
    const patch = deskPatch(bundle, at);
    if (patch) store.patchPlan('Move the desk', patch.patch);
  };
  return (
    <section aria-label="Desk places" className="pt-4">
      <h2>Where the desk goes</h2>
      <p className="py-1">
        <button className="button" disabled={looking} onClick={compare}>
          Compare places
        </button>{' '}
        <span role="status" className="text-faint">
          {looking ? 'Looking …' : compared && compared.of !== bundle ? 'The plan has changed since.' : ''}
        </span>
      </p>
      {compared?.places.length === 0 && <p>There is no switcher, encoder or computer with a place yet.</p>}
      {compared && compared.places.length > 0 && (
        <div className="overflow-x-auto">
          <table className="w-full text-[13px]">
            <thead>
              <tr className="text-faint text-left border-b border-ink">
                {['Place', 'Leads', 'Sound', 'Socket', 'Sees', 'In shot', ''].map(words => (
                  <th key={words} scope="col" className="font-normal py-1 pr-2">
                    {words}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody className="tabular-nums">
              {compared.places.map(place => {
                const { at, area, now, leads, sound, socket, seen, marks, pictures } = place;
                const words = now ? 'where it is' : (area ?? `${metres(at[0])}, ${metres(at[1])}`);
                return (
                  <tr key={at.join()} className={`border-b border-rule ${now ? 'bg-shade' : ''}`}>
                    <th scope="row" className="font-normal text-left py-1 pr-2 border-rule">
                      {words}
                    </th>
                    <td className="pr-2">{metres(leads)}</td>
                    <td className="pr-2">{metres(sound)}</td>
                    <td className="pr-2">{metres(socket)}</td>
                    <td className="pr-2">
                      {seen} of {marks}
                    </td>
                    <td className={`pr-2 ${pictures > 0 ? 'text-risk font-bold' : ''}`}>{pictures}</td>
                    <td>
                      {!now && (
                        <button
                          className="link"
                          aria-label={`Move the desk to ${words}`}
                          disabled={compared.of !== bundle}
                          onClick={() => move(place)}
                        >
                          Move
                        </button>
                      )}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}
