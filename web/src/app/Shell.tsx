import { may } from '@idle-satchel/core/roles';
import { useEffect, useState, useSyncExternalStore, type ReactNode } from 'react';
import { User } from 'lucide-react';
import { Link, useLocation } from 'wouter';
import { newerVersion } from '../offline/newer-version.js';
import { toggleBlackout, useBlackout } from '../ui/blackout.js';
import { keepClosedSelects } from '../ui/closed-selects.js';
import { useMe } from '../ui/me.js';
import { TopLineSlotContext } from '../ui/top-line.js';

const DOORS = [
  ['/events', 'Events', 'events'],
  ['/venues', 'Venues', 'venues'],
  ['/shelf', 'Shelf', 'shelf'],
  ['/people', 'People', 'people'],
] as const;

/** Puts the focus on the plan, or on the page where there is none, past all that leads elsewhere. */
function skip(): void {
  const shown = document.querySelector<HTMLElement>('section[aria-label="Plan"], main');
  if (!shown) return;
  shown.tabIndex = -1;
  shown.focus();
}

/** Whether an address is that of a door, or behind it. */
const isAt = (pathname: string, door: string): boolean =>
  pathname === door || pathname.startsWith(`${door}/`);

/** The top line with the four doors; a page may add its own words to it. */
export function Shell({ children }: { children: ReactNode }) {
  const blackout = useBlackout();
  const { role = 'guest', account, name } = useMe() ?? {};
  const update = useSyncExternalStore(newerVersion.subscribe, newerVersion.get);
  const [slot, setSlot] = useState<HTMLElement | null>(null);
  useEffect(keepClosedSelects, []);
  const [pathname] = useLocation();
  /** Where the menu of a narrow screen was opened; it shuts when another page is gone to. */
  const [menuAt, setMenuAt] = useState<string>();
  const menu = menuAt === pathname;
  const inEvent = pathname.startsWith('/events/');
  return (
    <TopLineSlotContext value={slot}>
      <div className="h-full grid grid-cols-[minmax(0,1fr)] grid-rows-[auto_1fr] min-h-0 relative">
        <button className="skip" onClick={skip}>
          Skip to what is shown
        </button>
        <header
          className="flex md:flex-wrap items-center gap-x-5 max-md:gap-x-3 px-4 border-b border-rule min-h-10 data-menu:flex-wrap"
          data-menu={menu || undefined}
        >
          <span className="font-tape font-semibold text-[17px] tracking-wide whitespace-nowrap">
            Idle Satchel
          </span>
          <button
            className="md:hidden order-1 ml-auto py-2 text-faint hover:text-ink"
            aria-expanded={menu}
            onClick={() => setMenuAt(menu ? undefined : pathname)}
          >
            Menu
          </button>
          <nav aria-label="Doors" className="in-menu flex gap-x-5">
            {DOORS.filter(([, , behind]) => may(role, 'read', behind)).map(([to, label]) => (
              <Link
                key={to}
                to={to}
                aria-current={isAt(pathname, to) ? 'page' : undefined}
                className={`py-2 border-b-2 ${isAt(pathname, to) ? 'text-ink border-brass' : 'text-faint border-transparent hover:text-ink'}`}
              >
                {label}
              </Link>
            ))}
          </nav>
          <div ref={setSlot} className="contents" />
          {update && (
            <button className="link text-note" onClick={update}>
              Use the newer version
            </button>
          )}
          {account !== undefined && (
            <Link
              className="in-menu link text-faint ml-auto truncate max-w-[20ch]"
              title={name}
              to="/account"
            >
              {/* Beside all that an event shows there is room for a sign only. */}
              {inEvent && <User size={17} aria-hidden className="max-md:hidden" />}
              <span className={inEvent ? 'md:sr-only' : ''}>{name}</span>
            </Link>
          )}
          <button
            className={`in-menu text-faint hover:text-ink ${account === undefined ? 'ml-auto' : ''}`}
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
