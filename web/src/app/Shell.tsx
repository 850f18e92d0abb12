import { useEffect, useState, useSyncExternalStore, type ReactNode } from 'react';
import { NavLink } from 'react-router';
import { newerVersion } from '../offline/newer-version.js';
import { toggleBlackout, useBlackout } from '../ui/blackout.js';
import { TopLineSlotContext } from '../ui/top-line.js';

const DOORS = [
  ['/events', 'Events'],
  ['/venues', 'Venues'],
  ['/shelf', 'Shelf'],
  ['/hands', 'Hands'],
] as const;

/** The top line with the four doors; a page may add its own words to it. */
export function Shell({ children }: { children: ReactNode }) {
  const blackout = useBlackout();
  const update = useSyncExternalStore(newerVersion.subscribe, newerVersion.get);
  const [slot, setSlot] = useState<HTMLElement | null>(null);
  useEffect(() => {
    document.title = 'Idle Satchel';
  }, []);
  return (
    <TopLineSlotContext value={slot}>
      <div className="h-full grid grid-cols-[minmax(0,1fr)] grid-rows-[auto_1fr] min-h-0">
        <header className="flex flex-wrap items-center gap-x-5 px-4 border-b border-rule min-h-10">
          <span className="font-tape font-semibold text-[17px] tracking-wide">Idle Satchel</span>
          <nav aria-label="Doors" className="flex gap-x-5">
            {DOORS.map(([to, label]) => (
              <NavLink
                key={to}
                to={to}
                className={({ isActive }) =>
                  `py-2 border-b-2 ${isActive ? 'text-ink border-brass' : 'text-faint border-transparent hover:text-ink'}`
                }
              >
                {label}
              </NavLink>
            ))}
          </nav>
          <div ref={setSlot} className="contents" />
          {update && (
            <button className="link text-note" onClick={update}>
              Use the newer version
            </button>
          )}
          <button
            className="text-faint hover:text-ink ml-auto"
            aria-pressed={blackout}
            onClick={toggleBlackout}
          >
            {blackout ? 'Lights up' : 'Blackout'}
          </button>
        </header>
        {children}
      </div>
    </TopLineSlotContext>
  );
}
