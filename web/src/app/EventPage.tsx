import { ON_PLAN, STATIONS, type StationName } from '@idle-satchel/core';
import { Suspense, useEffect, useRef, type ComponentType, type RefObject } from 'react';
import { useLocation, useParams, useSearchParams } from 'wouter';
import type { Layer } from '../bench/PlanPicture.js';
import { useShotsPlan } from '../stations/shots/shots-plan.js';
import { OpenEventContext, useEvent, useOpenEvent, useUi } from '../store/hooks.js';
import type { Later } from '../store/late-stations.js';
import { withStations } from '../store/with-stations.js';
import { openEvent } from '../offline/open.js';
import { EventDialogs } from './EventDialogs.js';
import { EventTopLine } from './EventTopLine.js';
import { fetchedPage } from '../ui/fetched.js';
import { useMay } from '../ui/me.js';
import { usePageTitle } from '../ui/page-title.js';
import { STATION_KEYS, useShortcuts } from '../ui/shortcuts.js';
import { STATION_WORDS } from '../ui/station-words.js';
import { SnagLine } from './SnagLine.js';
import { Strap } from './Strap.js';
import { useOpened, useOpenShortcuts } from '../ui/use-opened.js';

/** A page that shows a station which pictures can do without comes together with that. */
const late = (shows: Later, load: () => Promise<{ default: ComponentType }>): ComponentType =>
  fetchedPage(withStations([shows], load));

const PAGES: Readonly<Record<StationName, ComponentType>> = {
  brief: fetchedPage(() => import('../stations/brief/BriefStation.js')),
  ground: fetchedPage(() => import('../stations/ground/GroundLedger.js')),
  shots: fetchedPage(() => import('../stations/shots/ShotsLedger.js')),
  signal: fetchedPage(() => import('../stations/signal/SignalStation.js')),
  stream: late('stream', () => import('../stations/stream/StreamStation.js')),
  runs: fetchedPage(() => import('../stations/runs/RunsLedger.js')),
  power: late('power', () => import('../stations/power/PowerLedger.js')),
  racks: late('racks', () => import('../stations/racks/RacksStation.js')),
  pack: late('pack', () => import('../stations/pack/PackStation.js')),
  hands: late('hands', () => import('../stations/hands/HandsStation.js')),
  day: late('day', () => import('../stations/day/DayStation.js')),
};

const fetchPlan = () => import('../bench/PlanPicture.js');
const PlanPicture = fetchedPage(async () => ({ default: (await fetchPlan()).PlanPicture }));

const SupplyTree = late('power', () => import('../stations/power/SupplyTree.js'));

export function EventPage() {
  const { event = '' } = useParams();
  const [, navigate] = useLocation();
  const open = useOpened(event, openEvent, station => void navigate(`/events/${event}/${station}`));
  if (!open) return <p className="p-6 text-faint">Opening the event …</p>;
  return (
    <OpenEventContext value={open}>
      <Workspace />
    </OpenEventContext>
  );
}

function Workspace() {
  const { station: wanted } = useParams();
  const { go, ui } = useOpenEvent();
  // Whoever does not plan sees the day: what is to be done, and by whom.
  const plans = useMay('change', 'events');
  const station = plans ? (STATIONS.find(each => each === wanted) ?? 'brief') : 'day';
  const name = useEvent(({ bundle }) => bundle.plan.label);
  const [asked] = useSearchParams();
  const lead = asked.get('lead');
  // The code on a label leads to the page of its lead.
  useEffect(() => {
    if (lead !== null) ui.select(lead);
  }, [lead, ui]);

  useShortcuts(Object.fromEntries(Object.entries(STATION_KEYS).map(([key, name]) => [key, () => go(name)])));
  useOpenShortcuts();
  usePageTitle(STATION_WORDS[station], name);
  // Whatever is looked at first, the plan is looked at next.
  useEffect(() => void fetchPlan().catch(() => undefined), []);
  const heading = useHeadingFocus(station);

  const Page = PAGES[station];
  const onPlan = ON_PLAN.has(station);
  const shotsPlan = useShotsPlan();
  const tree = useUi(state => state.tree) && station === 'power';
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] grid-rows-[auto_1fr_auto] min-h-0">
      <EventTopLine />
      {plans ? <Strap station={station} /> : <div />}
      <div className={onPlan ? 'bench-and-ledger' : 'min-h-0 overflow-auto'}>
        {/* Before the plan: whoever goes on from the heading with Tab comes to it first. */}
        <h1 ref={heading} tabIndex={-1} className="sr-only">
          {STATION_WORDS[station]}
        </h1>
        {onPlan && (
          <Suspense fallback={<section aria-label="Plan" />}>
            {tree ? (
              <SupplyTree />
            ) : (
              <PlanPicture layer={station as Layer} {...(station === 'shots' && shotsPlan)} />
            )}
          </Suspense>
        )}
        {/* Not the grid item itself: a grid item cannot be laid out again without its grid. */}
        <div className={onPlan ? 'relative md:border-l border-rule' : 'h-full'}>
          <main
            id="station"
            aria-label={station}
            className={onPlan ? 'absolute inset-0 [contain:strict] overflow-auto px-4 pb-6 pt-2' : 'h-full'}
          >
            <Suspense fallback={<p className="p-6 text-faint">…</p>}>
              <Page />
            </Suspense>
          </main>
        </div>
      </div>
      {plans ? <SnagLine /> : <div />}
      <EventDialogs />
    </div>
  );
}

/** Whoever goes to another station begins at its heading; who reads the snags goes on reading them. */
function useHeadingFocus(station: StationName): RefObject<HTMLHeadingElement | null> {
  const heading = useRef<HTMLHeadingElement>(null);
  const before = useRef(station);
  useEffect(() => {
    if (before.current === station) return;
    before.current = station;
    if (document.activeElement?.closest('#snags')) return;
    heading.current?.focus({ preventScroll: true });
  }, [station]);
  return heading;
}
