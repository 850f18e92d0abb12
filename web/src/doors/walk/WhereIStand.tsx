import { partsOf, type PartMap, type Point, type Venue } from '@idle-satchel/core';
import { useState } from 'react';
import { placeWords } from '../../bench/place-words.js';
import { LengthField } from '../../ledger/LengthField.js';
import { useReading } from '../../store/hooks.js';

/** What people stand beside when they say where they are. */
const BESIDE: ReadonlySet<PartMap | 'outline'> = new Set([
  'marks',
  'sockets',
  'residents',
  'screens',
  'pillars',
]);

/** Where one stands: tapped on the plan, beside something that has a name, or typed. */
export function WhereIStand({
  venue,
  here,
  onHere,
}: {
  venue: Venue;
  here: Point | undefined;
  onHere: (at: Point) => void;
}) {
  const reading = useReading();
  const [typing, setTyping] = useState(false);
  const beside = partsOf(venue).filter(part => BESIDE.has(part.map));
  const [x, y] = here ?? [0, 0];
  return (
    <section aria-label="Where I stand" className="pt-2">
      <div className="flex items-baseline gap-3">
        <span className="grow">
          {here ? `You stand ${placeWords(here, reading)}.` : 'Tap the plan where you stand.'}
        </span>
        <button className="link big" aria-expanded={typing} onClick={() => setTyping(!typing)}>
          Say it
        </button>
      </div>
      {typing && (
        <>
          <label className="flex items-baseline gap-2 py-1 border-b border-rule">
            <span className="grow">Beside</span>
            <select
              className="field max-w-1/2"
              value=""
              onChange={event => {
                const at = beside.find(({ path }) => path === event.target.value)?.points[0];
                if (at) onHere(at);
              }}
            >
              <option value="">choose</option>
              {beside.map(({ path, label }) => (
                <option key={path} value={path}>
                  {label}
                </option>
              ))}
            </select>
          </label>
          <LengthField label="East of zero" value={x} onCommit={metres => onHere([metres, y])} />
          <LengthField label="South of zero" value={y} onCommit={metres => onHere([x, metres])} />
        </>
      )}
    </section>
  );
}
