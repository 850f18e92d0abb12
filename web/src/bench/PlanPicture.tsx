import type { Group, Venue } from '@idle-satchel/core';
import { Maximize, ZoomIn, ZoomOut } from 'lucide-react';
import {
  lazy,
  memo,
  Suspense,
  useEffect,
  useRef,
  useState,
  type ComponentType,
  type ReactNode,
  type RefObject,
} from 'react';
import { PaceContext, useEvent, useOpenEvent, useReading, useUi } from '../store/hooks.js';
import { fetched } from '../ui/fetched.js';
import { GroundLayer } from './GroundLayer.js';
import { Hatches } from './Hatches.js';
import { RunsLayer } from './RunsLayer.js';
import { Sheet } from './Sheet.js';
import { ShotsLayer } from './ShotsLayer.js';
import { SocketsLayer } from './SocketsLayer.js';
import { StandingNames } from './StandingNames.js';
import { ThingsLayer } from './ThingsLayer.js';
import { TracingLayer } from './TracingLayer.js';
import { useGroundNames } from './use-ground-names.js';
import { useStanding } from './use-standing.js';
import { isHeavy, useDrawnVenue } from './use-drawn-venue.js';
import { useDeviceNudging } from './use-nudging.js';
import { stepWords } from './use-steps.js';
import { useSize } from './use-size.js';
import { useViewport } from './viewport.js';

export type Layer = 'ground' | 'shots' | 'runs' | 'power';

const HINTS: Readonly<Record<Layer, (steps: string) => string>> = {
  ground: () =>
    'click to pick · Shift adds · pull or arrows to move · r turns · pull the paper to look elsewhere',
  shots: steps => `drag a camera · arrows ${steps} · r turns`,
  runs: () => 'click a lead for its working · pull it to lead it another way · drag what it leads to',
  power: () => 'click a socket for its circuit',
};

/** Where cameras, leads or loads are looked at, what belongs to the house stays in the background. */
const BEHIND: ReadonlySet<string> = new Set<Group>(['house', 'lines', 'notes']);

const Drafting = lazy(() => import('./drafting/Drafting.js'));
const Tray = fetched(() => import('./Tray.js'));
const GhostLayer = lazy(() => import('./drafting/GhostLayer.js'));

/** What a station lays over the plan is told. */
export interface OverPlan {
  readonly world: RefObject<SVGGElement | null>;
  readonly venue: Venue;
  readonly lettering: number;
}

/**
 * The plan picture that Ground, Shots, Runs and Power share; the layer of the station is lit, the others faint. A
 * station may lay something `over` it, put `tools` above it, and have its own layer in the `background`.
 */
export const PlanPicture = memo(function PlanPicture({
  layer,
  over: Over,
  tools,
  background = false,
}: {
  layer: Layer;
  over?: ComponentType<OverPlan> | undefined;
  tools?: ReactNode;
  background?: boolean;
}) {
  const { store } = useOpenEvent();
  const venue = useDrawnVenue();
  const place = useEvent(state => state.ids.venue);
  const reading = useReading();
  const section = useRef<HTMLElement>(null);
  const size = useSize(section);
  const { surface, svg, world, ground, above, fit, zoomBy, lettering } = useViewport(
    `${store.id} ${place}`,
    venue.outline,
    size,
    { heavy: isHeavy(venue) },
  );
  const onGround = layer === 'ground';
  const faint = useUi(state => (onGround ? state.faint : BEHIND)) as ReadonlySet<Group>;
  const written = { lit: onGround, sockets: onGround, faint, standing: useStanding() };
  const names = useGroundNames({ venue, reading, lettering, ...written });
  const [bar, setBar] = useState<HTMLElement | null>(null);
  useDeviceNudging(!onGround);
  useEffect(() => void import('../store/warm-up.js').then(({ warmUp }) => warmUp(store)), [store]);

  useSelectEvents(svg);

  return (
    <section ref={section} aria-label="Plan" className="relative min-h-0 overflow-hidden [contain:strict]">
      <div ref={surface} className="absolute inset-0 touch-none">
        <Sheet world={ground} {...size} defs={<Hatches />} aria-hidden>
          {onGround && venue.tracing && <TracingLayer tracing={venue.tracing} />}
          <GroundLayer venue={venue} reading={reading} faint={faint} lettering={lettering} names={names} />
        </Sheet>
        <Sheet svg={svg} world={world} {...size} role="group" aria-label={`Plan of ${venue.name}`}>
          <StandingNames venue={venue} ground={names} lettering={lettering} layer={layer}>
            <Standing
              {...{ layer, world, venue, lettering, background, Over }}
              socketsLit={!faint.has('power')}
            />
          </StandingNames>
          {onGround && bar && (
            <Suspense>
              <Drafting world={world} bar={bar} />
            </Suspense>
          )}
        </Sheet>
        <Sheet world={above} {...size} aria-hidden through>
          {onGround && (
            <Suspense>
              <GhostLayer lettering={lettering} />
            </Suspense>
          )}
        </Sheet>
      </div>
      <p className="absolute left-4 bottom-2 text-faint text-[12.5px] bg-paper/80 px-1 max-md:hidden">
        {HINTS[layer](stepWords(reading))}
      </p>
      <div ref={setBar} className="absolute right-3 top-2 flex gap-2">
        <Suspense>{tools}</Suspense>
      </div>
      <Suspense>
        <Tray world={world} />
      </Suspense>
      <ZoomButtons onZoom={zoomBy} onFit={fit} />
    </section>
  );
});

/** All that stands in the room and lies on its floor, as the station looks at it. */
function Standing({
  layer,
  world,
  venue,
  lettering,
  background,
  Over,
  socketsLit,
}: OverPlan & {
  layer: Layer;
  background: boolean;
  Over: ComponentType<OverPlan> | undefined;
  /** Whether Ground shows what hangs on mains. */
  socketsLit: boolean;
}) {
  const onGround = layer === 'ground';
  return (
    <PaceContext value="live">
      {/* On Ground what stands there is looked at, not moved: a hand goes for the walls. */}
      <g pointerEvents={onGround ? 'none' : undefined}>
        {layer !== 'shots' && <ShotsLayer world={world} lit={false} lettering={lettering} />}
        <SocketsLayer
          lettering={lettering}
          lit={(onGround && socketsLit) || layer === 'power'}
          named={layer === 'power'}
        />
        <RunsLayer
          lit={layer === 'runs' || layer === 'power'}
          only={layer === 'power' ? 'mains' : undefined}
          world={world}
          lettering={lettering}
        />
        <ThingsLayer
          world={world}
          lit={layer === 'runs' || layer === 'power'}
          lampsLit={layer !== 'ground'}
          lettering={lettering}
        />
        {layer === 'shots' && <ShotsLayer world={world} lit={!background} lettering={lettering} />}
        {Over && (
          <Suspense>
            <Over world={world} venue={venue} lettering={lettering} />
          </Suspense>
        )}
      </g>
    </PaceContext>
  );
}

/** Layers that know no store say by an event what was chosen in them. */
function useSelectEvents(svg: RefObject<SVGSVGElement | null>): void {
  const { ui } = useOpenEvent();
  useEffect(() => {
    const element = svg.current;
    const choose = (event: Event): void => ui.select((event as CustomEvent<string>).detail);
    element?.addEventListener('satchel-select', choose);
    return () => element?.removeEventListener('satchel-select', choose);
  }, [svg, ui]);
}

function ZoomButtons({ onZoom, onFit }: { onZoom: (factor: number) => void; onFit: () => void }) {
  return (
    <div className="absolute right-3 bottom-2 flex">
      <IconButton words="Zoom out" onClick={() => onZoom(0.8)}>
        <ZoomOut size={16} />
      </IconButton>
      <IconButton words="Zoom in" onClick={() => onZoom(1.25)}>
        <ZoomIn size={16} />
      </IconButton>
      <IconButton words="Show the whole venue" onClick={onFit}>
        <Maximize size={16} />
      </IconButton>
    </div>
  );
}

function IconButton({
  words,
  onClick,
  children,
}: {
  words: string;
  onClick: () => void;
  children: ReactNode;
}) {
  return (
    <button className="button px-2 -ml-px bg-paper" aria-label={words} title={words} onClick={onClick}>
      {children}
    </button>
  );
}
