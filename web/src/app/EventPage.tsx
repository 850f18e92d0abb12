import { STATIONS, type StationName } from '@idle-satchel/core';
import { lazy, Suspense, useEffect, useMemo, useState, type ComponentType } from 'react';
import { useNavigate, useParams } from 'react-router';
import { PlanPicture } from '../bench/PlanPicture.js';
import { EventStore } from '../store/event-store.js';
import { OpenEventContext, useOpenEvent } from '../store/hooks.js';
import { UiStore } from '../store/ui-store.js';
import { toggleBlackout } from './blackout.js';
import { EventDialogs } from './EventDialogs.js';
import { EventTopLine } from './EventTopLine.js';
import { STATION_KEYS, useShortcuts } from './shortcuts.js';
import { STATION_WORDS } from './station-words.js';
import { SnagLine } from './SnagLine.js';
import { Strap } from './Strap.js';

const PAGES: Readonly<Record<StationName, ComponentType>> = {
  brief: lazy(() => import('../stations/brief/BriefStation.js')),
  ground: lazy(() => import('../stations/ground/GroundLedger.js')),
  shots: lazy(() => import('../stations/shots/ShotsLedger.js')),
  signal: lazy(() => import('../stations/signal/SignalStation.js')),
  stream: lazy(() => import('../stations/stream/StreamStation.js')),
  runs: lazy(() => import('../stations/runs/RunsLedger.js')),
  power: lazy(() => import('../stations/power/PowerLedger.js')),
  racks: lazy(() => import('../stations/racks/RacksStation.js')),
  pack: lazy(() => import('../stations/pack/PackStation.js')),
  hands: lazy(() => import('../stations/hands/HandsStation.js')),
  day: lazy(() => import('../stations/day/DayStation.js')),
};

/** Stations that share the one plan picture; the others bring their own bench. */
const ON_PLAN: ReadonlySet<StationName> = new Set(['ground', 'shots', 'runs', 'power']);

export function EventPage() {
  const { event = '' } = useParams();
  const [store, setStore] = useState<EventStore>();
  const [error, setError] = useState<Error>();
  useEffect(() => {
    let wanted = true;
    let opened: EventStore | undefined;
    EventStore.open(event).then(
      next => {
        if (!wanted) return next.close();
        opened = next;
        setStore(next);
      },
      (reason: unknown) => wanted && setError(reason instanceof Error ? reason : new Error(String(reason))),
    );
    return () => {
      wanted = false;
      opened?.close();
      setStore(undefined);
      setError(undefined);
    };
  }, [event]);
  const open = useMemo(() => store && { store, ui: new UiStore() }, [store]);
  if (error) throw error;
  if (!open) return <p className="p-6 text-faint">Opening the event …</p>;
  return (
    <OpenEventContext value={open}>
      <Workspace />
    </OpenEventContext>
  );
}

function Workspace() {
  const { event = '', station: wanted } = useParams();
  const navigate = useNavigate();
  const { store, ui } = useOpenEvent();
  const station = STATIONS.find(name => name === wanted) ?? 'brief';
  const go = (name: StationName): void => void navigate(`/events/${event}/${name}`);

  const step = (by: number): void => {
    const { snags } = store.get().assessment;
    const snagId = ui.get().snag;
    const at = Math.max(
      0,
      snags.findIndex(snag => snag.id === snagId),
    );
    const next = snags[(at + by + snags.length) % snags.length];
    if (!next) return;
    ui.set({ snag: next.id, selected: next.subjects[0] });
    go(next.station);
  };
  useShortcuts({
    ...Object.fromEntries(Object.entries(STATION_KEYS).map(([key, name]) => [key, () => go(name)])),
    s: () => ui.set({ snagsOpen: !ui.get().snagsOpen }),
    n: () => step(1),
    p: () => step(-1),
    b: toggleBlackout,
    u: () => void store.undo(),
    'Shift+u': () => void store.redo(),
    'Ctrl+z': () => void store.undo(),
    '?': () => ui.set({ dialog: 'shortcuts' }),
    '/': () => ui.set({ dialog: 'find' }),
    Escape: () => ui.set({ snagsOpen: false, working: undefined, dialog: undefined }),
  });

  const Page = PAGES[station];
  const onPlan = ON_PLAN.has(station);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] grid-rows-[auto_1fr_auto] min-h-0">
      <EventTopLine />
      <Strap station={station} />
      <div
        className={
          onPlan ? 'grid grid-cols-[minmax(0,1.87fr)_minmax(340px,1fr)] min-h-0' : 'min-h-0 overflow-auto'
        }
      >
        {onPlan && <PlanPicture layer={station as 'ground' | 'shots' | 'runs' | 'power'} />}
        {/* Not the grid item itself: a grid item cannot be laid out again without its grid. */}
        <div className={onPlan ? 'relative border-l border-rule' : 'h-full'}>
          <main
            id="station"
            aria-label={station}
            className={onPlan ? 'absolute inset-0 [contain:strict] overflow-auto px-4 pb-6 pt-2' : 'h-full'}
          >
            <h1 className="sr-only">{STATION_WORDS[station]}</h1>
            <Suspense fallback={<p className="p-6 text-faint">…</p>}>
              <Page />
            </Suspense>
          </main>
        </div>
      </div>
      <SnagLine />
      <EventDialogs />
    </div>
  );
}
